import { useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ApiProblem, ask } from '@/api/client'
import { useChange } from '@/api/queries'
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

export function useSaveCoat(dogId: MaybeRefOrGetter<number>) {
  return useChange((body: CoatForm) =>
    api.PUT('/api/dogs/{dogId}/coat', { params: { path: { dogId: toValue(dogId) } }, body }),
  )
}
