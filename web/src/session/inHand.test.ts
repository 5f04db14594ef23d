import { expect, it } from 'vitest'
import type { SessionView } from '@/api/types'
import { inHand, nextTool, secondsToGo } from './inHand'
import type { How } from './phrases'

const tool = (name: string, pass?: number, more: object = {}) => ({
  tool: name,
  manner: 'LAYERS',
  share: 0.25,
  pass,
  parts: false,
  ...more,
})
const how = (section: string) =>
  ({
    section,
    seconds: 100,
    hold: 'Hold up the hair.',
    holdUnparted: 'A flat hand.',
    parted: true,
    passes: { finish: 'LAID' },
    tools: [
      tool('RUBBER_CURRY', 1),
      tool('SLICKER', 2, { parts: true }),
      tool('COMB'),
      tool('BRISTLE_BRUSH', undefined, { manner: 'LAST_WIPE' }),
    ],
  }) as unknown as How

const view = (pass?: number) =>
  ({
    pass,
    passes: [
      { label: 'rubber', sections: ['BACK'] },
      { label: 'slicker', sections: ['BACK', 'CHEST'] },
    ],
    places: ['BACK', 'CHEST'].map((section) => ({ how: how(section), outcome: 'WAITING' })),
  }) as unknown as SessionView

it('holds only what goes with the tool, in its part of the time', () => {
  const rubber = inHand(how('BACK'), view(1))
  expect(rubber.tools.map((one) => one.tool)).toEqual(['RUBBER_CURRY'])
  expect([rubber.seconds, rubber.parted, rubber.hold]).toEqual([25, false, 'A flat hand.'])
  expect(rubber.passes.finish).toBe('AS_IT_IS')
  expect(inHand(how('BACK'), view(2)).hold).toBe('Hold up the hair.')
})

it('leaves the comb for the place, and the last wipe for the whole dog', () => {
  const own = inHand(how('BACK'), view())
  expect(own.tools.map((one) => one.tool)).toEqual(['COMB'])
  expect(own.passes.finish).toBe('LAID')
})

it('changes nothing where it goes place by place', () => {
  const place = how('BACK')
  expect(inHand(place, { passes: [] })).toBe(place)
})

it('knows what comes next, and how long all of it takes', () => {
  expect(nextTool(view(1))).toBe('Next: slicker')
  expect(nextTool(view(2))).toBe('Now the comb')
  expect(secondsToGo(view(1))).toBe(200)
  expect(secondsToGo(view(2))).toBe(150)
  expect(secondsToGo(view())).toBe(100)
})
