import { expect, it } from 'vitest'
import { ref } from 'vue'
import type { SessionView } from '@/api/types'
import { useHand } from './useHand'

const NAMES = { BACK: 'back', CHEST: 'chest', THROAT: 'throat' }
const how = (section: string, seconds: number) => ({ section, seconds, done: 'GLIDES' })

function sitting(answered: boolean, elapsed: number) {
  const view = {
    hand: ['CHEST', 'THROAT'],
    said: [],
    passes: [],
    sitting: { atMostSeconds: 300, why: { rule: 'routine.sitting-puppy', text: 'Five minutes.' } },
    steps: [
      { label: 'back', sections: ['BACK'] },
      { label: 'chest and throat', sections: ['CHEST', 'THROAT'], prompt: { rule: 'session.listen', text: 'Listen.' } },
    ],
    places: [
      { how: how('BACK', 60), outcome: answered ? 'DONE' : 'WAITING' },
      { how: how('CHEST', 40), outcome: 'WAITING' },
      { how: how('THROAT', 30), outcome: 'WAITING' },
    ],
  } as unknown as SessionView
  return useHand(ref(view), ref(NAMES), ref(elapsed))
}

it('ends a sitting before the step that would not fit into it', () => {
  expect(sitting(true, 200).sittingOver.value).toBeUndefined()
  expect(sitting(true, 240).sittingOver.value?.why.rule).toBe('routine.sitting-puppy')
})

it('never ends one that has not begun, and lets the owner do one step more', () => {
  expect(sitting(false, 299).sittingOver.value).toBeUndefined()
  const hand = sitting(true, 240)
  hand.oneMore()
  expect(hand.sittingOver.value).toBeUndefined()
})

it('names the step, and reminds the hands before its first place only', () => {
  const whole = sitting(true, 0)
  expect([whole.label.value, whole.prompt.value?.rule]).toEqual(['chest and throat', 'session.listen'])
  expect(whole.hand.value.map((place) => place.signal)).toEqual(['RELAXED', 'RELAXED'])
})
