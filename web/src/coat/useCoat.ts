import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ApiProblem, ask } from '@/api/client'
import type { CoatForm, Region } from '@/api/types'
import type { DrawnHair } from '@/bodymap/hair'

/** A dog's coat as stored; null when it has not been described yet. */
export function useCoat(dogId: MaybeRefOrGetter<number>) {
  return useQuery({
    queryKey: ['coat', computed(() => toValue(dogId))],
    queryFn: () =>
      ask(api.GET('/api/dogs/{dogId}/coat', { params: { path: { dogId: toValue(dogId) } } })).catch((error) => {
        if (error instanceof ApiProblem && error.status === 404) return null
        throw error
      }),
  })
}

/** The coat as the map draws it. */
export function useDrawnCoat(dogId: MaybeRefOrGetter<number>) {
  const { data } = useCoat(dogId)
  return computed(() => drawn(data.value ?? undefined))
}

export function drawn(coat: CoatForm | undefined): Partial<Record<Region, DrawnHair>> {
  return Object.fromEntries((coat?.regions ?? []).map((hair) => [hair.region, hair]))
}

export function useCoatKinds() {
  return useQuery({ queryKey: ['coat-kinds'], queryFn: () => ask(api.GET('/api/coat-kinds')), staleTime: Infinity })
}

export function useSaveCoat(dogId: MaybeRefOrGetter<number>) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (coat: CoatForm) =>
      ask(api.PUT('/api/dogs/{dogId}/coat', { params: { path: { dogId: toValue(dogId) } }, body: coat })),
    onSuccess: () => client.invalidateQueries(),
  })
}
