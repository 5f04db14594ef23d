import type { Directive } from 'vue'

type Told = string | number | undefined

/**
 * What is known of a field that is kept once it is left. Unlike a bound value it is not written anew whenever the page
 * draws itself: what somebody types meanwhile stays.
 */
export const vShown: Directive<HTMLInputElement, Told> = {
  beforeMount: (field, { value }) => write(field, value),
  updated(field, { value, oldValue }) {
    if (value !== oldValue && document.activeElement !== field) write(field, value)
  },
}

function write(field: HTMLInputElement, told: Told) {
  field.value = String(told ?? '')
}
