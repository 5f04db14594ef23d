import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'
import type { LifeEvent, LifeView } from '@/api/types'

/** What happened to a dog in the last days, and one tap to say so or to take it back. */
export function useLife(dogId: MaybeRefOrGetter<number>) {
  const client = useQueryClient()
  const key = computed(() => ['life', toValue(dogId)])
  const life = useQuery({
    queryKey: key,
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/life', { params: { path: { dogId: toValue(dogId) } } })),
  })
  const toggle = useMutation({
    mutationFn: ({ day, event, happened }: { day: string; event: LifeEvent; happened: boolean }) => {
      const params = { path: { dogId: toValue(dogId), day, event } }
      return ask(
        happened
          ? api.PUT('/api/dogs/{dogId}/life/{day}/{event}', { params })
          : api.DELETE('/api/dogs/{dogId}/life/{day}/{event}', { params }),
      )
    },
    onSuccess: (view: LifeView) => {
      client.setQueryData(key.value, view)
      // What happened moves what is due.
      void client.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'life' })
    },
  })
  return { life, toggle }
}
