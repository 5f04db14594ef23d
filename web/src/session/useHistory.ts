import { useInfiniteQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'

/** The sessions, newest first, page by page, and where it keeps tangling. */
export function useHistory(dogId: MaybeRefOrGetter<number>) {
  return useInfiniteQuery({
    queryKey: ['history', computed(() => toValue(dogId))],
    initialPageParam: undefined as string | undefined,
    queryFn: ({ pageParam }) => ask(api.GET('/api/dogs/{dogId}/history',
      { params: { path: { dogId: toValue(dogId) }, query: { before: pageParam } } })),
    getNextPageParam: (page) => (page.more ? page.sessions.at(-1)?.startedAt : undefined),
  })
}
