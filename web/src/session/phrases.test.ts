import { expect, it } from 'vitest'
import { proved, script, toolLine, tooOf, wellDone, type How } from './phrases'

const how = (section: How['section'], more: object = {}) =>
  ({
    section,
    hold: 'Hold it.',
    seconds: 100,
    parted: true,
    layers: { count: 4, parting: 'LAYERS' },
    passes: { finish: 'LIFTED' },
    strokesAtMost: 3,
    done: 'GLIDES',
    tools: [
      { tool: 'FINGERS', manner: 'SEARCH', brief: 'first' },
      { tool: 'SLICKER', manner: 'LAYERS', brief: 'layer by layer', own: { shownName: 'the soft slicker' } },
      { tool: 'COMB', manner: 'PROVE_WIDE', brief: 'wide' },
      { tool: 'COMB', manner: 'PROVE_FINE', brief: 'fine' },
    ],
    ...more,
  }) as unknown as How
const NAMES = { FRONT_FOOT_LEFT: 'left front foot', FRONT_LEG_LEFT: 'left front leg' }

it('says place, hold, tool and layers, then each next layer in the time it takes, then the comb, and waits', () => {
  const lines = script(
    'left front leg',
    [how('FRONT_FOOT_LEFT'), how('FRONT_LEG_LEFT', { parted: false })],
    NAMES,
    'Listen.',
  )
  expect(lines.map((line) => line.say)).toEqual([
    'Listen.',
    'Left front leg. Left front foot. Hold it. The soft slicker layer by layer, then comb wide, then fine; lifted against the lie. 4 layers, from the bottom up.',
    'Two or three strokes, next layer.',
    'Next layer.',
    'Next layer.',
    'Left front leg. The same tools.',
    'Now the comb, wide end, then fine, from the root right through. Press when it runs free.',
  ])
  expect(lines.map((line) => line.wait)).toEqual([4, 20, 20, 20, 20, 80, 0])
  expect(lines.map((line) => line.layer)).toEqual([undefined, 1, 2, 3, 4, 1, undefined])
})

it('says what is to be heeded before all else, and again when the hands come there', () => {
  const lines = script('x', [how('FRONT_FOOT_LEFT'), how('FRONT_LEG_LEFT')], NAMES, 'Listen.', [
    { section: 'FRONT_LEG_LEFT', what: 'KNOT', says: 'you felt a knot here.' },
  ]).map((line) => line.say)
  expect(lines[0]).toBe('Heed first. Left front leg: you felt a knot here.')
  expect(lines.find((line) => line.startsWith('Left front leg.'))).toContain('Look here first.')
  expect(lines.find((line) => line.includes('Left front foot.'))).not.toContain('Look here first.')
})

it('names the places with a warning on the button until they were looked at', () => {
  expect([[], ['armpit'], ['armpit', 'belly'], ['a', 'b', 'c']].map(tooOf)).toEqual([
    '',
    'the armpit, too?',
    'the armpit and the belly, too?',
    'all 3 marked places, too?',
  ])
})

it('speaks of no comb where there is none', () => {
  const byHand = how('FRONT_FOOT_LEFT', {
    done: 'BRUSHED',
    passes: { finish: 'AS_IT_IS' },
    tools: [{ tool: 'FINGERS', manner: 'ENDS_INWARD', brief: 'from the ends inward' }],
  })
  expect(proved(byHand)).toBe(false)
  expect(toolLine(byHand)).toBe('Fingers from the ends inward.')
  expect(wellDone([byHand])).toBe('Done, feels free')
  expect(script('x', [byHand], NAMES).at(-1)!.say).not.toContain('comb')
})

it('does not ask one comb to prove twice', () => {
  const own = { shownName: 'the comb' }
  const muzzle = how('MUZZLE', {
    passes: { finish: 'AS_IT_IS' },
    tools: [
      { tool: 'COMB', manner: 'COMB_LAYERS', brief: 'wide, then fine', own },
      { tool: 'FACE_COMB', manner: 'PROVE_FINE', brief: 'fine', own },
    ],
  })
  expect(toolLine(muzzle)).toBe('The comb wide, then fine.')
})

it('says beside the dog, once a step, that the mist never goes toward the face', () => {
  const mist = { rule: 'routine.mist-face', text: 'onto your palm, never toward the face.' }
  const head = [how('CROWN', { mist }), how('EAR_LEFT', { mist })]
  expect(script('x', head, NAMES).filter((line) => line.say.includes('never toward the face'))).toHaveLength(1)
  const body = [how('BACK', { mist: { rule: 'routine.mist', text: 'lift the hair.' } })]
  expect(script('x', body, NAMES).every((line) => !line.say.includes('Mist'))).toBe(true)
})
