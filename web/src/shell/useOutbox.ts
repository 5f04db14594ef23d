import { useMutation, useMutationState } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { ApiProblem } from '@/api/client'

const RETRY_EVERY_MS = 2000

/**
 * Things on their way to the server. Each is sent at once, one after the other, and is kept in this browser until the
 * server has stored it; its own id makes a repeat harmless.
 *
 * @param options.name     one name for everything that must arrive in order
 * @param options.send     sends one, and answers with what the server then says
 * @param options.stored   called with that answer
 * @param options.refused  called when the server says no; nothing was changed
 */
export function useOutbox<Thing extends { id: string }, Answer>(options: {
  name: string
  send: (thing: Thing) => Promise<Answer>
  stored: (answer: Answer, thing: Thing) => void
  refused: (problem: ApiProblem, thing: Thing) => void
}) {
  const kept = keptThings<Thing>(options.name)
  const arrived = ref<string[]>([])
  const mutationKey = ['outbox', options.name]

  const sending = useMutation({
    mutationKey,
    // In one scope things go out in order, one at a time.
    scope: { id: options.name },
    mutationFn: options.send,
    // Being told no is final; silence is asked again until the server is back.
    retry: (_, error) => !(error instanceof ApiProblem),
    retryDelay: RETRY_EVERY_MS,
    networkMode: 'always',
    onSuccess: (answer, thing) => {
      kept.drop(thing.id)
      arrived.value.push(thing.id)
      options.stored(answer, thing)
    },
    onError: (error, thing) => {
      kept.drop(thing.id)
      options.refused(error as unknown as ApiProblem, thing)
    },
  })
  const underway = useMutationState({
    filters: { mutationKey, status: 'pending' },
    select: (mutation) => ({ thing: mutation.state.variables as Thing, failures: mutation.state.failureCount }),
  })
  const unsent = computed(() => underway.value.filter((one) => !arrived.value.includes(one.thing.id)))
  /** From the first silence until all have arrived, so that what is shown does not jump back in between. */
  const cutOff = ref(false)
  watch(unsent, (now) => { cutOff.value = now.length > 0 && (cutOff.value || now.some((one) => one.failures > 0)) }, { flush: 'sync' })

  kept.all().forEach((thing) => sending.mutate(thing))

  return {
    put(thing: Thing) {
      kept.add(thing)
      sending.mutate(thing)
    },
    /** The server did not answer, and not all has arrived yet. */
    cutOff,
    unsent: computed(() => unsent.value.map((one) => one.thing)),
    /** How many wait in this browser for the server to come back. */
    waiting: computed(() => (cutOff.value ? unsent.value.length : 0)),
    /** One is on its way; nothing else may be answered until it has arrived or failed to. */
    saving: computed(() => unsent.value.length > 0 && !cutOff.value),
  }
}

/** One line of this browser's storage each, so that two tabs do not overwrite each other. */
function keptThings<Thing extends { id: string }>(name: string) {
  const prefix = `outbox:${name}:`
  const mine = () => Object.keys(localStorage).filter((key) => key.startsWith(prefix)).sort()
  return {
    all: () => mine().map((key) => JSON.parse(localStorage.getItem(key)!) as Thing),
    add: (thing: Thing) => localStorage.setItem(`${prefix}${String(Date.now()).padStart(15, '0')}:${mine().length}:${thing.id}`, JSON.stringify(thing)),
    drop: (id: string) => mine().filter((key) => key.endsWith(id)).forEach((key) => localStorage.removeItem(key)),
  }
}
