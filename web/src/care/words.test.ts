import { describe, expect, it } from 'vitest'
import { every, jobOf, JOBS, millilitres, slugOf } from './words'

describe('how often', () => {
  it('is told as people say it', () => {
    expect([0, 1, 3, 7, 14, 24].map(every)).toEqual([
      'when you want it',
      'every day',
      'every 3 days',
      'every week',
      'every 2 weeks',
      'every 24 days',
    ])
  })
})

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
    for (const job of JOBS) expect(jobOf(slugOf(job))).toBe(job)
    expect(jobOf('wings')).toBeUndefined()
  })
})
