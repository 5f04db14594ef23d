import { expect, it } from 'vitest'
import type { SessionView } from '@/api/types'
import { heedsOf } from './heeds'

const view = {
  hand: ['ARMPIT_LEFT', 'FRONT_LEG_LEFT', 'BELLY', 'CHEST', 'BACK'],
  knots: ['FRONT_LEG_LEFT', 'ARMPIT_LEFT'],
  heed: {
    closed: [{ section: 'BELLY', why: { rule: 'r', text: 'closed.' } }],
    mats: [{ section: 'ARMPIT_LEFT' }, { section: 'BELLY' }],
    likely: ['FRONT_LEG_LEFT', 'CHEST', 'TAIL_WHOLE'],
    wet: ['CHEST', 'BACK', 'ARMPIT_LEFT'],
  },
} as unknown as SessionView

it('tells of each place in hand the gravest that is known, and of no other place', () => {
  const heeds = heedsOf(
    view,
    (text) => text,
    (mat) => `at ${mat.section}`,
  )
  expect(heeds.map((heed) => [heed.section, heed.what])).toEqual([
    ['ARMPIT_LEFT', 'MAT'],
    ['FRONT_LEG_LEFT', 'KNOT'],
    ['BELLY', 'CLOSED'],
    ['CHEST', 'LIKELY'],
    ['BACK', 'WET'],
  ])
  expect(heeds[0]!.says).toContain('at ARMPIT_LEFT')
})
