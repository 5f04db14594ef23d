import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, type MaybeRefOrGetter, toValue } from 'vue'
import { api, ask } from '@/api/client'

/** What the scale said of a dog; nothing of one that is not here yet. */
export function useWeight(dogId: MaybeRefOrGetter<number | undefined>) {
  const client = useQueryClient()
  const id = computed(() => toValue(dogId))
  const onSuccess = () => client.invalidateQueries()
  const path = () => ({ dogId: id.value! })
  const weight = useQuery({
    queryKey: ['weight', id],
    enabled: () => id.value !== undefined,
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/weights', { params: { path: path() } })),
  })
  const weigh = useMutation({
    mutationFn: ({ day, kilograms }: { day: string; kilograms: number }) =>
      ask(api.PUT('/api/dogs/{dogId}/weights/{day}', { params: { path: { ...path(), day } }, body: { kilograms } })),
    onSuccess,
  })
  const takeBack = useMutation({
    mutationFn: (day: string) =>
      ask(api.DELETE('/api/dogs/{dogId}/weights/{day}', { params: { path: { ...path(), day } } })),
    onSuccess,
  })
  return { weight, weigh, takeBack }
}
