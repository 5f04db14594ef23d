import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, type MaybeRefOrGetter, toValue } from 'vue'
import { api, ask } from '@/api/client'
import type { DogForm } from '@/api/types'

/** One dog by id. */
export function useDog(dogId: MaybeRefOrGetter<number | undefined>) {
  return useQuery({
    queryKey: ['dog', computed(() => toValue(dogId))],
    enabled: () => toValue(dogId) !== undefined,
    queryFn: () => ask(api.GET('/api/dogs/{dogId}', { params: { path: { dogId: toValue(dogId)! } } })),
  })
}

/** Stores a new dog, or what has changed about one. */
export function useSaveDog() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: ({ dogId, form }: { dogId?: number; form: DogForm }) =>
      dogId === undefined
        ? ask(api.POST('/api/dogs', { body: form }))
        : ask(api.PUT('/api/dogs/{dogId}', { params: { path: { dogId } }, body: form })),
    onSuccess: () => client.invalidateQueries(),
  })
}

/** Takes a dog off the screen, and brings it back. */
export function useRemoveDog() {
  const client = useQueryClient()
  const onSuccess = () => client.invalidateQueries()
  const remove = useMutation({
    mutationFn: (dogId: number) => ask(api.DELETE('/api/dogs/{dogId}', { params: { path: { dogId } } })),
    onSuccess,
  })
  const restore = useMutation({
    mutationFn: (dogId: number) => ask(api.POST('/api/dogs/{dogId}/restore', { params: { path: { dogId } } })),
    onSuccess,
  })
  return { remove, restore }
}
