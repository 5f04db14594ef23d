import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, ask, detailsOf } from '@/api/client'
import type { BodyFinding, LooksView, Section } from '@/api/types'
import { useOutbox } from '@/shell/useOutbox'

/** What look-overs have found, and what is said of a place now. It is sent at once, or when the server is back. */
export function useLooks(dogId: number) {
  const client = useQueryClient()
  const refused = ref<string>()
  const looks = useQuery({
    queryKey: ['looks', dogId],
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/looks', { params: { path: { dogId } } })),
  })
  const outbox = useOutbox<LooksView>({
    name: `looks:${dogId}`,
    stored: (view) => {
      client.setQueryData(['looks', dogId], view)
      void client.invalidateQueries({ queryKey: ['care-sheet', dogId] })
    },
    refused: (problem, letter) => {
      refused.value = `This could not be kept: ${letter.words}. ${detailsOf(problem)}`
    },
  })
  return {
    looks,
    refused,
    waiting: outbox.waiting,
    saving: outbox.saving,
    /** @param what it is; undefined: the words or the photo say it */
    say(section: Section, words: string, photo?: string, what?: BodyFinding) {
      const id = crypto.randomUUID()
      refused.value = undefined
      outbox.put({
        id,
        method: 'POST',
        path: `/api/dogs/${dogId}/looks`,
        body: { id, section, words, photo, what },
        words: 'what you saw',
      })
      return id
    },
    /** A vet has looked at the place. */
    seen(section: Section, words: string) {
      const id = crypto.randomUUID()
      outbox.put({
        id,
        method: 'POST',
        path: `/api/dogs/${dogId}/looks/${section}/seen`,
        body: { id, words },
        words: 'that a vet has seen it',
      })
    },
    takeBack: (entry: string) =>
      outbox.put({
        id: crypto.randomUUID(),
        method: 'DELETE',
        path: `/api/dogs/${dogId}/looks/${entry}`,
        words: 'a look taken back',
      }),
  }
}

export const photoPath = (dogId: number, photo: string) => `/api/dogs/${dogId}/looks/photos/${photo}`
