import { computed, onBeforeUnmount, ref, watch } from 'vue'
import type { ApiProblem } from '@/api/client'
import { outbox, type Letter } from './outbox'

/**
 * The letters of one name, for the page that writes them. They arrive whether or not that page is still open.
 *
 * @param options.name    one name for everything that must arrive in order
 * @param options.stored  called with what the server answers
 * @param options.refused called when the server says a final no; nothing was changed
 */
export function useOutbox<Answer>(options: {
  name: string
  stored: (answer: Answer, letter: Letter) => void
  refused: (problem: ApiProblem, letter: Letter) => void
}) {
  onBeforeUnmount(
    outbox.listen(options.name, {
      stored: (answer, letter) => options.stored(answer as Answer, letter),
      refused: options.refused,
    }),
  )

  const unsent = computed(() => outbox.letters.value.filter((letter) => letter.name === options.name))
  /** From the first failure until all have arrived, so that what is shown does not jump back in between. */
  const cutOff = ref(false)
  watch(
    [unsent, () => outbox.failures(options.name)],
    ([now, failures]) => {
      cutOff.value = now.length > 0 && (cutOff.value || failures > 0)
    },
    { flush: 'sync', immediate: true },
  )

  return {
    put: (letter: Omit<Letter, 'name'>) => outbox.put({ name: options.name, ...letter }),
    /** The server did not take them yet, and not all have arrived. */
    cutOff,
    unsent,
    /** How many wait in this browser for the server to come back. */
    waiting: computed(() => (cutOff.value ? unsent.value.length : 0)),
    /** One is on its way; nothing else may be answered until it has arrived or failed to. */
    saving: computed(() => unsent.value.length > 0 && !cutOff.value),
  }
}
