// @vitest-environment happy-dom
import { afterEach, expect, it } from 'vitest'
import { press, show } from '@/shell/testing'
import BathGate from './BathGate.vue'

let shown: ReturnType<typeof show>
afterEach(() => shown.unmount())
const gate = (way: string, more: object = {}) => {
  shown = show(BathGate, {
    dogId: 2,
    busy: false,
    view: {
      gate: { way, why: { rule: 'care.bath-gate', text: 'Because of {20 mm}.' }, first: [], mats: [], ...more },
      tubMinutes: 12,
      dryMinutes: 30,
      dryer: 'TOWEL',
      kind: 'WHOLE_DOG',
    },
  })
}

it('begins at one touch where the coat is combed through', () => {
  gate('BATHE')
  expect(shown.text()).toContain('What does its label say?')
  press(' ')
  expect(shown.emitted('begin')).toHaveLength(1)
})

it('has no way to begin over a mat, not even the key', () => {
  gate('GROOMER', { mats: ['BELLY'] })
  press(' ')
  expect(shown.emitted('begin')).toBeUndefined()
  press('t')
  expect(shown.emitted('brush')).toEqual([[['BELLY']]])
})

it('leads to the brushing of what it needs first', () => {
  gate('BRUSH_FIRST', { first: ['BELLY', 'REAR'] })
  expect(shown.text()).toContain('these 2 places')
  press(' ')
  expect(shown.emitted()).toMatchObject({ brush: [[['BELLY', 'REAR']]] })
  expect(shown.emitted('begin')).toBeUndefined()
})
