import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ApiProblem, ask } from '@/api/client'
import type { CoatForm } from '@/api/types'
import { drawnDog } from '@/bodymap/dog'
import { useDog } from '@/dog/useDogs'

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

/** The dog as the map draws it. */
export function useDrawnDog(dogId: MaybeRefOrGetter<number>) {
  const coat = useCoat(dogId)
  const dog = useDog(dogId)
  return computed(() => drawnDog(coat.data.value, dog.data.value?.form))
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
