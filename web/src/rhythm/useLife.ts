import { toValue, type MaybeRefOrGetter } from 'vue'
import { api } from '@/api/client'
import { useChange, useDogView } from '@/api/queries'
import type { LifeEvent } from '@/api/types'

/** What happened to a dog in the last days, and one tap to say so or to take it back. */
export function useLife(dogId: MaybeRefOrGetter<number>) {
  const life = useDogView('life', dogId)
  const toggle = useChange(
    ({ day, event, happened }: { day: string; event: LifeEvent; happened: boolean }) => {
      const params = { path: { dogId: toValue(dogId), day, event } }
      return happened
        ? api.PUT('/api/dogs/{dogId}/life/{day}/{event}', { params })
        : api.DELETE('/api/dogs/{dogId}/life/{day}/{event}', { params })
    },
    () => ['life', toValue(dogId)],
  )
  return { life, toggle }
}
