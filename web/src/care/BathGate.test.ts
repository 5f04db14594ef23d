// @vitest-environment happy-dom
import { afterEach, expect, it } from 'vitest'
import { press, show } from '@/shell/testing'
import BathGate from './BathGate.vue'

let shown: ReturnType<typeof show>
afterEach(() => shown.unmount())
const gate = (way: string, more: object = {}) => {
  shown = show(BathGate, {
    dogId: 2,
    lumps: [],
    names: {},
    busy: false,
    view: {
      gate: {
        way,
        why: { rule: 'care.bath-gate', text: 'Because of {20 mm}.' },
        first: [],
        search: [],
        mats: [],
        ...more,
      },
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

it('lets fingers stand for the comb, and knows no other key into the water', () => {
  gate('SEARCH_FIRST', { search: ['BELLY', 'BACK'] })
  expect(shown.text()).toContain('No lump anywhere')
  press(' ')
  expect(shown.emitted('searched')).toHaveLength(1)
  expect(shown.emitted('begin')).toBeUndefined()
})

it('leads to a rinse where the hair is too long for fingers, and to a vet only by words', () => {
  gate('RINSE_ONLY')
  press(' ')
  expect(shown.emitted('rinse')).toHaveLength(1)
  shown.unmount()
  gate('VET')
  press(' ')
  expect(shown.emitted('begin')).toBeUndefined()
})
