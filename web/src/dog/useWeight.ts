import { useQuery } from '@tanstack/vue-query'
import { computed, type MaybeRefOrGetter, toValue } from 'vue'
import { api, ask } from '@/api/client'
import { useChange } from '@/api/queries'

/** What the scale said of a dog; nothing of one that is not here yet. */
export function useWeight(dogId: MaybeRefOrGetter<number | undefined>) {
  const id = computed(() => toValue(dogId))
  const path = () => ({ dogId: id.value! })
  const weight = useQuery({
    queryKey: ['weights', id],
    enabled: () => id.value !== undefined,
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/weights', { params: { path: path() } })),
  })
  const weigh = useChange(({ day, kilograms }: { day: string; kilograms: number }) =>
    api.PUT('/api/dogs/{dogId}/weights/{day}', { params: { path: { ...path(), day } }, body: { kilograms } }),
  )
  const takeBack = useChange((day: string) =>
    api.DELETE('/api/dogs/{dogId}/weights/{day}', { params: { path: { ...path(), day } } }),
  )
  return { weight, weigh, takeBack }
}
