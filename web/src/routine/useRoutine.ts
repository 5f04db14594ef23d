import { useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'

export type Scope = 'DUE' | 'WHOLE'

/** Today's routine: what is due, or the whole dog. */
export function useRoutine(dogId: MaybeRefOrGetter<number>, scope: MaybeRefOrGetter<Scope>) {
  return useQuery({
    queryKey: ['routine', computed(() => toValue(dogId)), computed(() => toValue(scope))],
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/routine',
      { params: { path: { dogId: toValue(dogId) }, query: { scope: toValue(scope) } } })),
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
