// @vitest-environment happy-dom
import { afterEach, expect, it } from 'vitest'
import KeyButton from './KeyButton.vue'
import { press, show } from './testing'
import { letters } from './useKeys'

let shown: ReturnType<typeof show>
const pressed = () => shown.emitted('press')?.length ?? 0
afterEach(() => {
  shown.unmount()
  document.body.innerHTML = ''
})

it('is pressed by its key and by what a pedal sends, whatever has the focus', () => {
  shown = show(KeyButton, { k: 'space', pedal: 'on' })
  press(' ')
  press('PageDown')
  press('x')
  expect(pressed()).toBe(2)
})

it('leaves letters to whoever types them, and Enter to what has the focus', () => {
  shown = show(KeyButton, { k: 'd', pedal: 'on' })
  document.body.insertAdjacentHTML('beforeend', '<input /><a href="#">On</a>')
  press('d', document.querySelector('input')!)
  press('Enter', document.querySelector('a')!)
  expect(pressed()).toBe(0)
  press('Enter')
  expect(pressed()).toBe(1)
})

it('does nothing while something is being kept', () => {
  shown = show(KeyButton, { k: 'd', disabled: true })
  press('d')
  expect(pressed()).toBe(0)
})

it('can be pressed by no letter where those are switched off, and by the space bar and a pedal all the same', () => {
  letters.value = false
  shown = show(KeyButton, { k: 'd', pedal: 'on' })
  press('d')
  expect(pressed()).toBe(0)
  expect(shown.find('kbd').exists()).toBe(false)
  expect(shown.find('button').attributes('aria-keyshortcuts')).toBeUndefined()
  press('PageDown')
  expect(pressed()).toBe(1)
  letters.value = true
})
