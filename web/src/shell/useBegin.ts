import { useMutation, useQueryClient } from '@tanstack/vue-query'
import { useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import type { Section } from '@/api/types'

/** Begins a session of one dog and goes there. */
export function useBegin() {
  const client = useQueryClient()
  const router = useRouter()
  return useMutation({
    mutationFn: ({ dogId, sections }: { dogId: number; sections: Section[] }) =>
      ask(
        api.POST('/api/dogs/{dogId}/sessions', {
          params: { path: { dogId } },
          body: { id: crypto.randomUUID(), sections, atOnce: true },
        }),
      ),
    onSuccess: (session) => {
      void client.invalidateQueries()
      void router.push(`/dogs/${session.dogId}/sessions/${session.id}`)
    },
  })
}
