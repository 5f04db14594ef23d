import { onKeyStroke, useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'

const CONTROLS = 'button, a, summary, textarea, [role=button], [role=checkbox]'

const kept = useLocalStorage('letter-keys', 'on')

/**
 * Whether single letters press buttons on this device. Whoever speaks to it, or whose hands meet keys by chance, switches
 * them off (WCAG 2.1.4); the space bar, Enter, arrows and a pedal go on.
 */
export const letters = computed({
  get: () => kept.value === 'on',
  set: (on: boolean) => (kept.value = on ? 'on' : 'off'),
})

const isLetter = (key: string) => key.length === 1 && key !== ' '

/**
 * Keys that do something wherever the focus is: the hands hold a dog. Nothing while something is typed, and what the
 * space bar or Enter mean to whatever has the focus comes first.
 *
 * @param press says whether it took the key
 */
export function useKeys(press: (key: string) => boolean) {
  onKeyStroke(
    () => true,
    (event) => {
      const focused = event.target instanceof Element ? event.target : document.body
      const typing = focused.matches('input, textarea, select') || event.ctrlKey || event.altKey || event.metaKey
      const own = (event.key === ' ' || event.key === 'Enter') && focused.matches(CONTROLS)
      const off = isLetter(event.key) && !letters.value
      if (!typing && !own && !off && press(event.key)) event.preventDefault()
    },
    { dedupe: true },
  )
}
