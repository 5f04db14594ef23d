import { useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'
import type { RoutineView } from '@/api/types'

export type Scope = 'DUE' | 'WHOLE'
export type Order = RoutineView['order']

/** Today's routine: what is due, or the whole dog; in the order proposed, or in one of the owner's choosing. What
 * is still in training is left out unless the owner wants it. */
export function useRoutine(
  dogId: MaybeRefOrGetter<number>,
  scope: MaybeRefOrGetter<Scope>,
  order: MaybeRefOrGetter<Order | undefined>,
  training: MaybeRefOrGetter<boolean>,
) {
  return useQuery({
    queryKey: [
      'routine',
      computed(() => toValue(dogId)),
      computed(() => [toValue(scope), toValue(order), toValue(training)]),
    ],
    queryFn: () =>
      ask(
        api.GET('/api/dogs/{dogId}/routine', {
          params: {
            path: { dogId: toValue(dogId) },
            query: { scope: toValue(scope), order: toValue(order), training: toValue(training) },
          },
        }),
      ),
    placeholderData: (before) => before,
  })
}

/** The best choice of places for every number of minutes: asked for once, so that sliding needs no waiting. */
export function useMinutes(dogId: MaybeRefOrGetter<number>) {
  return useQuery({
    queryKey: ['minutes', computed(() => toValue(dogId))],
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/minutes', { params: { path: { dogId: toValue(dogId) } } })),
  })
}
