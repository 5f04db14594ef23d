import { ref, watch, type Ref } from 'vue'

/**
 * A form's content, kept in this browser until it is saved, so that a closed page loses nothing.
 *
 * @param key names the form and what it is about
 */
export function useDraft<T>(key: string): {
  draft: Ref<T | undefined>
  start: (stored: T) => void
  clear: () => void
  forget: (stored: T) => void
  restored: Ref<boolean>
} {
  const name = `draft:${key}`
  const kept = localStorage.getItem(name)
  const draft = ref<T | undefined>(kept ? (JSON.parse(kept) as T) : undefined) as Ref<T | undefined>
  const restored = ref(kept !== null)
  let original = ''

  watch(
    draft,
    (now) => {
      const text = JSON.stringify(now)
      if (now && text !== original) localStorage.setItem(name, text)
    },
    { deep: true },
  )

  function begin(stored: T) {
    original = JSON.stringify(stored)
    draft.value = JSON.parse(original) as T
  }
  /** What is in the form is kept by the server now. */
  function clear() {
    localStorage.removeItem(name)
    original = JSON.stringify(draft.value)
    restored.value = false
  }
  return {
    draft,
    restored,
    clear,
    /** Fills the form with what is stored, unless something was being entered already. */
    start(stored: T) {
      if (!draft.value) begin(stored)
    },
    /** Drops what was entered and goes back to what is stored. */
    forget(stored: T) {
      begin(stored)
      clear()
    },
  }
}
