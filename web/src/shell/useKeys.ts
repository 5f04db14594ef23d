import { onBeforeUnmount, onMounted } from 'vue'

/** Listens to single keys while the view is shown; typing in a field and combinations are left alone. */
export function useKeys(pressed: (key: string, event: KeyboardEvent) => void) {
  function listen(event: KeyboardEvent) {
    if (
      event.ctrlKey ||
      event.altKey ||
      event.metaKey ||
      event.target instanceof HTMLInputElement ||
      event.target instanceof HTMLTextAreaElement
    )
      return
    pressed(event.key.toLowerCase(), event)
  }
  onMounted(() => window.addEventListener('keydown', listen))
  onBeforeUnmount(() => window.removeEventListener('keydown', listen))
}
