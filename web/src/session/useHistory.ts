import { useInfiniteQuery, useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'
import type { Section } from '@/api/types'

/** The sessions, newest first, page by page, and where it keeps tangling. */
export function useHistory(dogId: MaybeRefOrGetter<number>) {
  return useInfiniteQuery({
    queryKey: ['history', computed(() => toValue(dogId))],
    initialPageParam: undefined as string | undefined,
    queryFn: ({ pageParam }) =>
      ask(
        api.GET('/api/dogs/{dogId}/history', {
          params: { path: { dogId: toValue(dogId) }, query: { before: pageParam } },
        }),
      ),
    getNextPageParam: (page) => (page.more ? page.sessions.at(-1)?.startedAt : undefined),
  })
}

/** One place's comb checks over time; nothing is asked while none is chosen. */
export function usePlaceStory(dogId: MaybeRefOrGetter<number>, section: MaybeRefOrGetter<Section | undefined>) {
  return useQuery({
    queryKey: ['place', computed(() => toValue(dogId)), computed(() => toValue(section))],
    enabled: computed(() => toValue(section) !== undefined),
    queryFn: () =>
      ask(
        api.GET('/api/dogs/{dogId}/history/{section}', {
          params: { path: { dogId: toValue(dogId), section: toValue(section)! } },
        }),
      ),
  })
}
