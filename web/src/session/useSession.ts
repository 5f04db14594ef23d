import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, ask, detailsOf } from '@/api/client'
import { useSections } from '@/api/queries'
import type { EntryForm, SessionEvent, SessionView } from '@/api/types'
import { useOutbox } from '@/shell/useOutbox'
import { withUnsent } from './withUnsent'
import { inWords } from './words'

const LOOK_EVERY_MS = 800

/**
 * A session and the entries that go into it. While the server does not answer, the plan goes on with what waits here
 * laid over it.
 */
export function useSession(dogId: number, sessionId: string) {
  const client = useQueryClient()
  const key = ['session', sessionId]
  const params = { path: { dogId, sessionId } }
  const { names } = useSections()
  const refused = ref<string>()

  const session = useQuery({
    queryKey: key,
    // An answer that was long under way must not hide what has been stored since.
    queryFn: () =>
      ask(api.GET('/api/dogs/{dogId}/sessions/{sessionId}', { params })).then((found) =>
        newer(client.getQueryData<SessionView>(key), found),
      ),
    retry: false,
  })
  // Another device may answer: both show the same step within a second.
  const pulse = useQuery({
    queryKey: ['pulse', sessionId],
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/sessions/{sessionId}/pulse', { params })),
    refetchInterval: () => (session.data.value?.end ? false : LOOK_EVERY_MS),
    retry: false,
  })
  const outbox = useOutbox<SessionView>({
    name: `session:${sessionId}`,
    stored: (view) => client.setQueryData<SessionView>(key, (before) => newer(before, view)),
    refused: (problem, letter) => {
      refused.value = `This could not be kept: ${letter.words}. ${detailsOf(problem)}`
      void session.refetch()
    },
  })
  // Not of what is on its way from here: that comes with its own answer, and until then no key is heeded.
  watch([() => pulse.data.value?.revision, outbox.saving], ([revision, saving]) => {
    if (revision && !saving && session.data.value && revision > session.data.value.revision) void session.refetch()
  })
  const view = computed(() =>
    session.data.value && outbox.cutOff.value
      ? withUnsent(
          session.data.value,
          outbox.unsent.value.map((letter) => (letter.body as EntryForm).said),
        )
      : session.data.value,
  )

  function record(said: SessionEvent) {
    refused.value = undefined
    const body: EntryForm = { id: crypto.randomUUID(), said }
    outbox.put({
      id: body.id,
      method: 'POST',
      path: `/api/dogs/${dogId}/sessions/${sessionId}/events`,
      body,
      words: inWords(said, names.value),
    })
  }
  return {
    session,
    view,
    record,
    refused,
    cutOff: outbox.cutOff,
    waiting: outbox.waiting,
    saving: outbox.saving,
    /** At work so far, as last heard, pauses not counted. */
    elapsedSeconds: computed(() => pulse.data.value?.elapsedSeconds ?? session.data.value?.elapsedSeconds ?? 0),
  }
}

function newer(kept: SessionView | undefined, found: SessionView): SessionView {
  return kept && kept.revision > found.revision ? kept : found
}
