import { useQuery } from '@tanstack/vue-query'
import { computed, type MaybeRefOrGetter, toValue } from 'vue'
import { api, ask } from '@/api/client'
import { useChange } from '@/api/queries'
import type { DogForm } from '@/api/types'

/** One dog by id. */
export function useDog(dogId: MaybeRefOrGetter<number | undefined>) {
  return useQuery({
    queryKey: ['dog', computed(() => toValue(dogId))],
    enabled: () => toValue(dogId) !== undefined,
    queryFn: () => ask(api.GET('/api/dogs/{dogId}', { params: { path: { dogId: toValue(dogId)! } } })),
  })
}

/** Stores what has changed about a dog. */
export function useSaveDog() {
  return useChange(({ dogId, form }: { dogId: number; form: DogForm }) =>
    api.PUT('/api/dogs/{dogId}', { params: { path: { dogId } }, body: form }),
  )
}

/** Takes a dog off the screen, and brings it back. */
export const useRemoveDog = () => ({
  remove: useChange((dogId: number) => api.DELETE('/api/dogs/{dogId}', { params: { path: { dogId } } })),
  restore: useChange((dogId: number) => api.POST('/api/dogs/{dogId}/restore', { params: { path: { dogId } } })),
})
