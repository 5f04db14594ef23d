import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, type ApiProblem, ask } from '@/api/client'
import type { EventForm, SessionView } from '@/api/types'
import { useOutbox } from '@/shell/useOutbox'
import { withUnsent } from './withUnsent'

const LOOK_EVERY_MS = 800

export type NewEvent = Omit<EventForm, 'id'>

/**
 * A session and the entries that go into it. While the server does not answer, the plan goes on with what waits here
 * laid over it.
 */
export function useSession(dogId: number, sessionId: string) {
  const client = useQueryClient()
  const key = ['session', sessionId]
  const params = { path: { dogId, sessionId } }
  const refused = ref<ApiProblem>()

  const session = useQuery({
    queryKey: key,
    // An answer that was long under way must not hide what has been stored since.
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/sessions/{sessionId}', { params }))
      .then((found) => newer(client.getQueryData<SessionView>(key), found)),
    retry: false,
  })
  // Another device may answer: both show the same step within a second.
  const pulse = useQuery({
    queryKey: ['pulse', sessionId],
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/sessions/{sessionId}/pulse', { params })),
    refetchInterval: () => (session.data.value?.end ? false : LOOK_EVERY_MS),
    retry: false,
  })
  watch(() => pulse.data.value?.revision, (revision) => {
    if (revision !== undefined && session.data.value && revision > session.data.value.revision) void session.refetch()
  })

  const outbox = useOutbox<EventForm, SessionView>({
    name: `session:${sessionId}`,
    send: (body) => ask(api.POST('/api/dogs/{dogId}/sessions/{sessionId}/events', { params, body })),
    stored: (view) => {
      client.setQueryData<SessionView>(key, (before) => newer(before, view))
      void client.invalidateQueries({ predicate: (query) => !['session', 'pulse'].includes(String(query.queryKey[0])) })
    },
    refused: (problem) => {
      refused.value = problem
      void session.refetch()
    },
  })
  const view = computed(() => session.data.value && outbox.cutOff.value
    ? withUnsent(session.data.value, outbox.unsent.value) : session.data.value)

  function record(event: NewEvent) {
    refused.value = undefined
    outbox.put({ id: crypto.randomUUID(), ...event })
  }
  return {
    session, view, record, refused,
    cutOff: outbox.cutOff, waiting: outbox.waiting, saving: outbox.saving,
    /** At work so far, as last heard, pauses not counted. */
    elapsedSeconds: computed(() => pulse.data.value?.elapsedSeconds ?? session.data.value?.elapsedSeconds ?? 0),
  }
}

function newer(kept: SessionView | undefined, found: SessionView): SessionView {
  return kept && kept.revision > found.revision ? kept : found
}
