import { describe, expect, it } from 'vitest'
import choices from '@/api/choices'
import { jobOf, millilitres, slugOf } from './words'

describe('millilitres', () => {
  it('are told as they can be measured, and never as nothing', () => {
    expect([0.2, 6.4, 23, 61, 140, 642].map(millilitres)).toEqual([
      '1 ml',
      '6 ml',
      '25 ml',
      '60 ml',
      '140 ml',
      '640 ml',
    ])
  })
})

describe('a job in a path', () => {
  it('is found again', () => {
    for (const { value } of choices.CareJob) expect(jobOf(slugOf(value))).toBe(value)
    expect(jobOf('wings')).toBeUndefined()
  })
})
