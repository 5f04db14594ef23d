import { useMutation, useMutationState, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, ApiProblem, ask } from '@/api/client'
import type { EventForm, SessionView } from '@/api/types'
import { withUnsent } from './withUnsent'

const RETRY_EVERY_MS = 2000
const LOOK_EVERY_MS = 800

export type NewEvent = Omit<EventForm, 'id'>

/**
 * A session and the entries that go into it. Each entry is sent at once, one after the other, and is kept in
 * this browser until the server has stored it; its own id makes a repeat harmless. While the server does not
 * answer, the plan goes on with what waits here laid over it.
 */
export function useSession(dogId: number, sessionId: string) {
  const client = useQueryClient()
  const key = ['session', sessionId]
  const params = { path: { dogId, sessionId } }
  const kept = keptEntries(sessionId)
  const refused = ref<ApiProblem>()
  const stored = ref<string[]>([])

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

  const send = useMutation({
    mutationKey: key,
    // In one scope entries go out in order, one at a time.
    scope: { id: sessionId },
    mutationFn: (body: EventForm) => ask(api.POST('/api/dogs/{dogId}/sessions/{sessionId}/events', { params, body })),
    // Being told no is final; silence is asked again until the server is back.
    retry: (_, error) => !(error instanceof ApiProblem),
    retryDelay: RETRY_EVERY_MS,
    networkMode: 'always',
    onSuccess: (view: SessionView, body) => {
      kept.drop(body.id)
      stored.value.push(body.id)
      client.setQueryData<SessionView>(key, (before) => newer(before, view))
      void client.invalidateQueries({ predicate: (query) => !['session', 'pulse'].includes(String(query.queryKey[0])) })
    },
    onError: (error, body) => {
      kept.drop(body.id)
      refused.value = error as ApiProblem
      void session.refetch()
    },
  })

  const underway = useMutationState({
    filters: { mutationKey: key, status: 'pending' },
    select: (mutation) => ({ event: mutation.state.variables as EventForm, failures: mutation.state.failureCount }),
  })
  const unsent = computed(() => underway.value.filter((one) => !stored.value.includes(one.event.id)))
  const cutOff = computed(() => unsent.value.some((one) => one.failures > 0))
  const view = computed(() => session.data.value && cutOff.value
    ? withUnsent(session.data.value, unsent.value.map((one) => one.event)) : session.data.value)

  function record(event: NewEvent) {
    refused.value = undefined
    const body: EventForm = { id: crypto.randomUUID(), ...event }
    kept.add(body)
    send.mutate(body)
  }

  kept.all().forEach((body) => send.mutate(body))

  return {
    session, view, record, refused, cutOff,
    /** At work so far, as last heard, pauses not counted. */
    elapsedSeconds: computed(() => pulse.data.value?.elapsedSeconds ?? session.data.value?.elapsedSeconds ?? 0),
    /** How many entries wait in this browser for the server to come back. */
    waiting: computed(() => (cutOff.value ? unsent.value.length : 0)),
    /** An entry is on its way; nothing else may be answered until it has arrived or failed to. */
    saving: computed(() => unsent.value.length > 0 && !cutOff.value),
  }
}

function newer(kept: SessionView | undefined, found: SessionView): SessionView {
  return kept && kept.revision > found.revision ? kept : found
}

/** Entries on their way, one line of this browser's storage each, so that two tabs do not overwrite each other. */
function keptEntries(sessionId: string) {
  const prefix = `entry:${sessionId}:`
  const mine = () => Object.keys(localStorage).filter((key) => key.startsWith(prefix)).sort()
  return {
    all: () => mine().map((key) => JSON.parse(localStorage.getItem(key)!) as EventForm),
    add: (body: EventForm) => localStorage.setItem(`${prefix}${String(Date.now()).padStart(15, '0')}:${mine().length}:${body.id}`, JSON.stringify(body)),
    drop: (id: string) => mine().filter((key) => key.endsWith(id)).forEach((key) => localStorage.removeItem(key)),
  }
}
