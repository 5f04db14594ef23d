import { useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'
import { MEANWHILE_THE_LAST } from '@/api/queries'
import type { RoutineView } from '@/api/types'
import { useSettled } from '@/shell/useSettled'

export type Scope = 'TODAY' | 'WHOLE' | 'TOLD'
export type Order = RoutineView['order']

/** Today's routine: what the plan brushes today, in so many minutes if that is said, or the whole dog; in the order
 * proposed, or in one of the owner's choosing. */
export function useRoutine(
  dogId: MaybeRefOrGetter<number>,
  scope: MaybeRefOrGetter<Scope>,
  minutes: MaybeRefOrGetter<number | undefined>,
  order: MaybeRefOrGetter<Order | undefined>,
) {
  const asked = useSettled(minutes)
  return useQuery({
    queryKey: [
      'routine',
      computed(() => toValue(dogId)),
      computed(() => [toValue(scope), asked.value, toValue(order)]),
    ],
    queryFn: () =>
      ask(
        api.GET('/api/dogs/{dogId}/routine', {
          params: {
            path: { dogId: toValue(dogId) },
            query: {
              scope: toValue(scope),
              minutes: asked.value,
              order: toValue(order),
            },
          },
        }),
      ),
    ...MEANWHILE_THE_LAST,
  })
}
