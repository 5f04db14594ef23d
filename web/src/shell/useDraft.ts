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
  const kept = keptUnder<T>(name)
  const draft = ref<T | undefined>(kept) as Ref<T | undefined>
  const restored = ref(kept !== undefined)
  let original = ''

  watch(
    draft,
    (now) => {
      if (now) keep(JSON.stringify(now))
    },
    { deep: true },
  )

  function keep(text: string) {
    try {
      if (text === original) localStorage.removeItem(name)
      else localStorage.setItem(name, text)
    } catch {
      // No room in this browser: the form holds it as long as the page is open.
    }
  }
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

/** What another hand has written there is no draft. */
function keptUnder<T>(name: string): T | undefined {
  try {
    return (JSON.parse(localStorage.getItem(name) ?? 'null') as T | null) ?? undefined
  } catch {
    return undefined
  }
}
