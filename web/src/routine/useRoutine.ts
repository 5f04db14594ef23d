import { useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'
import { MEANWHILE_THE_LAST } from '@/api/queries'
import { useSettled } from '@/shell/useSettled'

export type Scope = 'TODAY' | 'WHOLE' | 'TOLD'

/** Today's routine: what the plan brushes today, in so many minutes if that is said, or the whole dog. */
export function useRoutine(
  dogId: MaybeRefOrGetter<number>,
  scope: MaybeRefOrGetter<Scope>,
  minutes: MaybeRefOrGetter<number | undefined>,
) {
  const asked = useSettled(minutes)
  return useQuery({
    queryKey: ['routine', computed(() => toValue(dogId)), computed(() => [toValue(scope), asked.value])],
    queryFn: () =>
      ask(
        api.GET('/api/dogs/{dogId}/routine', {
          params: {
            path: { dogId: toValue(dogId) },
            query: {
              scope: toValue(scope),
              minutes: asked.value,
            },
          },
        }),
      ),
    ...MEANWHILE_THE_LAST,
  })
}
