import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask, detailsOf } from '@/api/client'
import { MEANWHILE_THE_LAST, useChange } from '@/api/queries'
import type { AgreedForm, PracticeView, Section, Sign, Signal, Subject, TreatForm, Warning } from '@/api/types'
import { useOutbox } from '@/shell/useOutbox'
import { labelOf } from '@/api/words'

/** The words that the dog knows, and where it is brushed. */
export function useSaveAgreed(dogId: MaybeRefOrGetter<number>) {
  return useChange(
    (body: AgreedForm) => api.PUT('/api/dogs/{dogId}/agreed', { params: { path: { dogId: toValue(dogId) } }, body }),
    () => ['trust', toValue(dogId)],
  )
}

export function useSaveTreat(dogId: MaybeRefOrGetter<number>) {
  return useChange(
    (body: TreatForm) => api.PUT('/api/dogs/{dogId}/treat', { params: { path: { dogId: toValue(dogId) } }, body }),
    () => ['trust', toValue(dogId)],
  )
}

/** One ladder, and the answers given on it. An answer is sent at once; while the server is away it waits here. */
export function usePractice(dogId: number, subject: Subject, section: Section | undefined) {
  const client = useQueryClient()
  const key = ['practice', dogId, subject, section]
  const refused = ref<string>()
  const given = ref<{ id: string; signal?: Signal }[]>([])

  const practice = useQuery({
    queryKey: key,
    queryFn: () =>
      ask(api.GET('/api/dogs/{dogId}/practice', { params: { path: { dogId }, query: { subject, section } } })),
  })
  const outbox = useOutbox<PracticeView>({
    name: `practice:${dogId}:${subject}:${section ?? ''}`,
    // What is asked for just now may be answered as it was before.
    stored: (view) => void client.cancelQueries({ queryKey: key }).then(() => client.setQueryData(key, view)),
    refused: (problem, letter) => {
      refused.value = `This could not be kept: ${letter.words}. ${detailsOf(problem)}`
    },
  })
  const path = `/api/dogs/${dogId}/practice-trials`
  const where = new URLSearchParams(section ? { subject, section } : { subject })
  function put(path: string, said: { signal: Signal } | { warning: Warning } | { rung: number }, words: string) {
    const id = crypto.randomUUID()
    given.value.push({ id, signal: 'signal' in said ? said.signal : undefined })
    outbox.put({ id, method: 'POST', path, body: { id, subject, section, ...said }, words })
  }
  return {
    practice,
    refused,
    given,
    waiting: outbox.waiting,
    saving: outbox.saving,
    answer: (signal: Signal) => put(path, { signal }, `practice, ${labelOf('Signal', signal)}`),
    warned: (warning: Warning) =>
      put(`/api/dogs/${dogId}/practice-warnings`, { warning }, `practice, the dog ${labelOf('Warning', warning)}`),
    beginLower: (rung: number) =>
      put(`/api/dogs/${dogId}/lower-starts`, { rung }, `a ladder begun again from rung ${rung}`),
    undo() {
      const last = given.value.pop()
      if (last)
        outbox.put({
          id: crypto.randomUUID(),
          method: 'DELETE',
          path: `${path}/${last.id}?${where}`,
          words: 'an answer in practice taken back',
        })
    },
  }
}

/** Dislike, fear, or something that hurts. */
export function useFuss(dogId: MaybeRefOrGetter<number>, seen: MaybeRefOrGetter<Sign[]>) {
  return useQuery({
    queryKey: ['fuss', computed(() => toValue(dogId)), computed(() => [...toValue(seen)].sort())],
    queryFn: () =>
      ask(
        api.GET('/api/dogs/{dogId}/fuss-or-fear', {
          params: { path: { dogId: toValue(dogId) }, query: { seen: toValue(seen) } },
        }),
      ),
    ...MEANWHILE_THE_LAST,
  })
}
