import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'
import type { Region } from '@/api/types'

/** What the ruler said, region by region, and the growth it shows. */
export function useReadings(dogId: MaybeRefOrGetter<number>) {
  const client = useQueryClient()
  const onSuccess = () => client.invalidateQueries()
  const path = (region: Region, day: string) => ({ params: { path: { dogId: toValue(dogId), region, day } } })
  return {
    readings: useQuery({
      queryKey: ['readings', computed(() => toValue(dogId))],
      queryFn: () => ask(api.GET('/api/dogs/{dogId}/readings', { params: { path: { dogId: toValue(dogId) } } })),
    }),
    put: useMutation({
      mutationFn: ({ region, day, millimetres }: { region: Region; day: string; millimetres: number }) =>
        ask(api.PUT('/api/dogs/{dogId}/readings/{region}/{day}', { ...path(region, day), body: { millimetres } })),
      onSuccess,
    }),
    remove: useMutation({
      mutationFn: ({ region, day }: { region: Region; day: string }) =>
        ask(api.DELETE('/api/dogs/{dogId}/readings/{region}/{day}', path(region, day))),
      onSuccess,
    }),
  }
}
