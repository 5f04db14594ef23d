import { useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'

/** Which tools each section asks for. */
export function useMatch(dogId: MaybeRefOrGetter<number>) {
  return useQuery({
    queryKey: ['match', computed(() => toValue(dogId))],
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/match', { params: { path: { dogId: toValue(dogId) } } })),
  })
}
