import { describe, expect, it } from 'vitest'
import choices from '@/api/choices'
import { CATCH_QUESTIONS, inWords, outcome } from './words'
import { matSize } from '@/rhythm/words'

const names = { CHEST: 'chest' }
type Step = Parameters<typeof outcome>[0]
const step = (more: object) => ({ outcome: 'DONE', tangles: 0, ...more }) as Step

describe('an entry that waits or was refused', () => {
  it('is told as the owner said it', () => {
    expect(
      inWords({ type: 'SECTION_DONE', section: 'CHEST', comb: 'TANGLES_CLEARED', tangles: 2, signal: 'AFRAID' }, names),
    ).toBe('chest, done, tangles, now out, 2 found, a fear sign')
    expect(inWords({ type: 'UNDONE' }, names)).toBe('the last entry taken back')
  })
})

describe('a mat', () => {
  it('is told by its size, and that it sits tight or has spread', () => {
    const found = { skin: 'SOUND', lump: 'UP_TO_10_MM', beneath: 'TIGHT', spread: 'ONE' } as const
    expect(matSize(found)).toBe('up to {10 mm}, tight on the skin')
    expect(matSize({ ...found, spread: 'JOINED' })).toBe('up to {10 mm}, joined into a sheet')
  })
})

describe('a place', () => {
  it('is told by what became of it', () => {
    expect(outcome(step({ outcome: 'WAITING' }))).toBe('not reached')
    expect(outcome(step({ comb: 'TANGLES_CLEARED', tangles: 1 }))).toBe('1 tangle out')
    expect(outcome(step({ comb: 'MAT_LEFT', tangles: 3 }))).toBe('3 found, a mat stays in')
  })
})

it('looks at the skin first', () => {
  expect(CATCH_QUESTIONS[0].about).toBe('skin')
  expect(CATCH_QUESTIONS[0].answers).toEqual(choices.CatchSkinLook)
})
