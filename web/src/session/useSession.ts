import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, ApiProblem, ask } from '@/api/client'
import type { EventForm, SessionView } from '@/api/types'

const RETRY_EVERY_MS = 2000
const LOOK_EVERY_MS = 800

/**
 * A session and the answers that go into it. Each answer is stored by the server before the next
 * step shows; until then it is kept in this browser too, and its own id makes a repeat harmless.
 */
export function useSession(dogId: number, sessionId: string) {
  const client = useQueryClient()
  const key = ['session', sessionId]
  const params = { path: { dogId, sessionId } }
  const kept = `answer:${sessionId}`
  const refused = ref<ApiProblem>()

  const session = useQuery({
    queryKey: key,
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/sessions/{sessionId}', { params })),
    // Another device may answer: both show the same step within a second.
    refetchInterval: (query) => (query.state.data?.end ? false : LOOK_EVERY_MS),
  })

  const send = useMutation({
    mutationFn: (body: EventForm) => ask(api.POST('/api/dogs/{dogId}/sessions/{sessionId}/events', { params, body })),
    // Being told no is final; silence is asked again until the server is back.
    retry: (_, error) => !(error instanceof ApiProblem),
    retryDelay: RETRY_EVERY_MS,
    networkMode: 'always',
    onSuccess: (view: SessionView) => {
      localStorage.removeItem(kept)
      client.setQueryData(key, view)
      void client.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'session' })
    },
    onError: (error) => {
      localStorage.removeItem(kept)
      refused.value = error as ApiProblem
      void session.refetch()
    },
  })

  function record(event: Omit<EventForm, 'id' | 'tangles'> & { tangles?: number }) {
    refused.value = undefined
    const body: EventForm = { id: crypto.randomUUID(), tangles: 0, ...event }
    localStorage.setItem(kept, JSON.stringify(body))
    send.mutate(body)
  }

  const unsent = localStorage.getItem(kept)
  if (unsent) send.mutate(JSON.parse(unsent) as EventForm)

  return { session, record, saving: send.isPending, waiting: computed(() => send.failureCount.value > 0 && send.isPending.value), refused }
}
