// @vitest-environment happy-dom
import { afterEach, expect, it } from 'vitest'
import { press, show } from '@/shell/testing'
import ReactionPanel from './ReactionPanel.vue'

let shown: ReturnType<typeof show>
afterEach(() => shown.unmount())
const after = (todo: string) => {
  shown = show(ReactionPanel, {
    saving: false,
    reaction: { todo, reasons: [], ends: false, entry: 1 },
  })
  return shown.findAll('button').map((button) => button.text())
}

it('waits for the dog to come back, and offers to leave the place or to end', () => {
  expect(after('ASK_ONCE_MORE')[0]).toContain('It comes back')
  press('l')
  press('e')
  expect(shown.emitted()).toMatchObject({ later: [[]], end: [[]] })
})

it('does not offer to stop where the dog is content', () => {
  expect(after('GO_ON')).toHaveLength(2)
  press('e')
  expect(shown.emitted('end')).toBeUndefined()
})
