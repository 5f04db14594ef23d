import { useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'

/** When each section is due, and the next brushing day. */
export function useRhythm(dogId: MaybeRefOrGetter<number>) {
  return useQuery({
    queryKey: ['rhythm', computed(() => toValue(dogId))],
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/rhythm', { params: { path: { dogId: toValue(dogId) } } })),
  })
}
