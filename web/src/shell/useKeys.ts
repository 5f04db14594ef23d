import { onKeyStroke } from '@vueuse/core'

const CONTROLS = 'button, a, summary, textarea, [role=button], [role=checkbox]'

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
      if (!typing && !own && press(event.key)) event.preventDefault()
    },
    { dedupe: true },
  )
}
