import { toValue, type MaybeRefOrGetter } from 'vue'
import { api } from '@/api/client'
import { useChange, useDogView } from '@/api/queries'
import type { Region } from '@/api/types'

/** What the ruler said, region by region, and the growth it shows. */
export function useReadings(dogId: MaybeRefOrGetter<number>) {
  const path = (region: Region, day: string) => ({ params: { path: { dogId: toValue(dogId), region, day } } })
  return {
    readings: useDogView('readings', dogId),
    put: useChange(({ region, day, millimetres }: { region: Region; day: string; millimetres: number }) =>
      api.PUT('/api/dogs/{dogId}/readings/{region}/{day}', { ...path(region, day), body: { millimetres } }),
    ),
    remove: useChange(({ region, day }: { region: Region; day: string }) =>
      api.DELETE('/api/dogs/{dogId}/readings/{region}/{day}', path(region, day)),
    ),
  }
}
