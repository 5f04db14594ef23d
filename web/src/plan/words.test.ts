import { describe, expect, it } from 'vitest'
import { clothOf, tableSeconds, timeOf, weekday } from './words'
import { about } from '@/shell/numbers'

describe('a day of the plan', () => {
  const care = [
    { dogId: 1, job: 'TEETH', minutes: 2, learning: false },
    { dogId: 2, job: 'NAILS', minutes: 10, learning: false },
    { dogId: 1, job: 'BATH', minutes: 55, learning: false },
  ] as const

  it('takes the brushing and the small jobs; a bath comes besides', () => {
    expect(tableSeconds({ care: [...care] })).toBe(720)
    expect(timeOf({ seconds: 600, practiceSeconds: 90, care: [...care] })).toBe(1410)
    expect(timeOf({ seconds: 0, practiceSeconds: 0, care: [] })).toBe(0)
    expect(tableSeconds({ care: [{ dogId: 1, job: 'BATH', minutes: 1.5, learning: true }] })).toBe(90)
  })

  it('shows each dog in a cloth of its own', () => {
    const dogs = [{ id: 7 }, { id: 3 }, { id: 9 }]
    expect(new Set(dogs.map((dog) => clothOf(dogs, dog.id))).size).toBe(3)
    expect(clothOf(dogs, 3)).toBe('cloth-1')
  })

  it('falls on its day of the week', () => {
    expect(weekday('2026-05-14')).toBe('THURSDAY')
    expect(weekday('2026-05-17')).toBe('SUNDAY')
  })
})

describe('an expected number', () => {
  it.each([
    [0.01, 'none'],
    [0.44, '0.4'],
    [12.4, '12'],
    [31, '20+'],
  ])('%f mats are told as %s', (expected, told) => {
    expect(about(expected, 20)).toBe(told)
  })
})
