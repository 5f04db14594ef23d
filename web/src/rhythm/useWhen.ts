import { useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'

/** When the plan brushes each place of a dog, and why. */
export function useWhen(dogId: MaybeRefOrGetter<number>) {
  return useQuery({
    queryKey: ['when', computed(() => toValue(dogId))],
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/when', { params: { path: { dogId: toValue(dogId) } } })),
  })
}
