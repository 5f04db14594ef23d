import { describe, expect, it } from 'vitest'
import type { SessionView } from '@/api/types'
import { asking, stageOf, transition, signalAt, type Answer, type Place, type Stage } from './stages'

const HAND: Place[] = [
  { section: 'CHEST', done: 'GLIDES', signal: 'RELAXED', tangles: 0 },
  { section: 'THROAT', done: 'GLIDES', signal: 'UNEASY', tangles: 0 },
]

/** Says one thing after the other; what was recorded on the way, and where it ends. */
function say(from: Stage, ...answers: Answer[]) {
  let stage = from
  const said = answers.flatMap((answer) => {
    const next = transition(stage, answer, HAND)
    stage = next.stage
    return next.says
  })
  return { stage, said }
}

const view = (more: Partial<SessionView>) => ({ revision: 7, hand: ['CHEST'], ...more }) as SessionView
const WORK: Stage = { at: 'work' }

describe('a step', () => {
  it('is answered with one touch, each place for itself: an uneasy one stays uneasy', () => {
    expect(say(WORK, 'RAN_FREE').said).toEqual([
      {
        type: 'STEP_DONE',
        places: [
          { type: 'SECTION_DONE', section: 'CHEST', comb: 'GLIDES', tangles: 0, signal: 'RELAXED' },
          { type: 'SECTION_DONE', section: 'THROAT', comb: 'GLIDES', tangles: 0, signal: 'UNEASY' },
        ],
      },
    ])
  })
  it('claims no proof where there is no comb', () => {
    const byHand: Place[] = [{ section: 'CHEST', done: 'BRUSHED', signal: 'RELAXED', tangles: 0 }]
    expect(transition(WORK, 'RAN_FREE', byHand).says[0]).toMatchObject({ places: [{ comb: 'BRUSHED' }] })
    expect(transition(WORK, { tangles: 2, section: 'CHEST' }, byHand).says[0]).toMatchObject({
      comb: 'BRUSHED',
      tangles: 2,
    })
  })
  it('tells a tangle of one place in three touches, a mat in three, an uneasy dog in three', () => {
    const at = { to: 'place', section: 'THROAT' } as const
    const tangle = say(WORK, { to: 'else' }, { ...at, about: 'comb' }, { tangles: 1, section: 'THROAT' })
    expect(tangle).toEqual({
      stage: WORK,
      said: [{ type: 'SECTION_DONE', section: 'THROAT', comb: 'TANGLES_CLEARED', tangles: 1, signal: 'UNEASY' }],
    })
    const mat = say(WORK, { to: 'else' }, { ...at, about: 'comb' }, { stays: 'MAT_LEFT', section: 'CHEST' })
    expect(mat.said).toMatchObject([{ comb: 'MAT_LEFT', tangles: 1 }])
    const uneasy = say(WORK, { to: 'else' }, { ...at, about: 'dog' }, { signal: 'UNEASY', section: 'CHEST' })
    expect(uneasy).toMatchObject({ stage: WORK, said: [{ type: 'SIGNALLED', section: 'CHEST' }] })
  })
  it('is put off or left as a whole', () => {
    const sections = ['CHEST', 'THROAT']
    expect(say(WORK, 'LATER', 'SKIP').said).toEqual([
      { type: 'STEP_POSTPONED', sections },
      { type: 'STEP_SKIPPED', sections },
    ])
  })
  it('ends at once when the dog shows its teeth', () => {
    expect(say(WORK, 'GROWL').said).toEqual([{ type: 'WARNED', sections: ['CHEST', 'THROAT'], warning: 'GROWLED' }])
  })
})

describe('what caught', () => {
  const section = 'CHEST'
  it('is counted once it is out, and stays in hand while it is not', () => {
    const out = transition({ at: 'caught' }, { tried: 'OUT', seconds: 40, section }, HAND)
    expect(out.says).toEqual([{ type: 'TEASED', section, seconds: 40, signal: 'RELAXED' }])
    expect(out.then).toEqual({ at: 'count', section })
    const uneasy = transition({ at: 'caught' }, { tried: 'UNEASY', seconds: 9, section }, HAND)
    expect(uneasy.says).toEqual([{ type: 'TEASED', section, seconds: 9, signal: 'UNEASY' }])
    expect(uneasy.then).toBeUndefined()
  })
  it('is left for the groomer as such', () => {
    expect(say({ at: 'caught' }, { stays: 'FOR_GROOMER', section }).said).toMatchObject([{ comb: 'FOR_GROOMER' }])
  })
  it('is brushed on after hair was looked at or weighed', () => {
    expect(say({ at: 'hair', section }, { hair: 'HEAP', section }).stage).toEqual(WORK)
    expect(say({ at: 'hair', section }, { grams: 4.5, hair: 'HEAP', section }).said).toEqual([
      { type: 'HAIR_WEIGHED', section, grams: 4.5 },
    ])
  })
})

describe('what the session asks', () => {
  const reaction = { todo: 'ASK_ONCE_MORE', entry: 3 } as SessionView['reaction']
  const caught = {} as SessionView['caught']

  it('puts the hands off before anything else, and the dog before the knot', () => {
    expect(stageOf(view({ paused: true, reaction }), -1).at).toBe('paused')
    expect(stageOf(view({ reaction, caught }), -1).at).toBe('reaction')
    expect(stageOf(view({ reaction, caught }), 3).at).toBe('caught')
  })
  it('needs no touch to go on after a lighter hand was asked for', () => {
    expect(stageOf(view({ reaction: { ...reaction!, todo: 'EASE' } }), -1).at).toBe('work')
  })
  it('leaves a question open when a treat is recorded in the middle of it', () => {
    expect(asking(view({ revision: 8 }), -1)).toBe(asking(view({ revision: 7 }), -1))
  })
  it('puts a question away when another device has gone on to the next step', () => {
    expect(asking(view({ hand: ['THROAT'] }), -1)).not.toBe(asking(view({}), -1))
  })
  it('asks anew after each try at a knot', () => {
    expect(asking(view({ caught, revision: 8 }), -1)).not.toBe(asking(view({ caught }), -1))
  })
})

it('remembers that a place was uneasy, and never records a no twice', () => {
  const said = [{ type: 'SIGNALLED' as const, section: 'CHEST' as const, signal: 'OPTED_OUT' as const }]
  expect(signalAt(view({ said }), 'CHEST')).toBe('UNEASY')
  expect(signalAt(view({ said }), 'THROAT')).toBe('RELAXED')
})

describe('a tool that goes over the whole dog', () => {
  const section = 'CHEST'
  const round = (answer: Answer) => transition(WORK, answer, HAND, 2).says

  it('is done with the one key, and answers no place', () => {
    expect(round('RAN_FREE')).toEqual([{ type: 'PASS_DONE', pass: 2, brushed: [] }])
  })
  it('goes round once more after a handful, and is done after a pinch', () => {
    expect(round({ hair: 'HANDFUL', section })).toEqual([{ type: 'PASS_REPEATED', pass: 2, hair: 'HANDFUL' }])
    expect(round({ grams: 0.3, hair: 'PINCH', section })).toEqual([
      { type: 'PASS_DONE', pass: 2, hair: 'PINCH', brushed: [] },
    ])
  })
  it('is left out, not all its places', () => {
    expect(round('SKIP')).toEqual([{ type: 'PASS_SKIPPED', pass: 2 }])
  })
  it('takes tangles out that the comb tells of when it comes', () => {
    expect(round({ tangles: 2, section })).toEqual([{ type: 'TANGLES_OUT', section, tangles: 2 }])
    const hand = [{ ...HAND[0]!, tangles: 2 }]
    expect(transition(WORK, 'RAN_FREE', hand).says).toEqual([
      { type: 'STEP_DONE', places: [expect.objectContaining({ comb: 'TANGLES_CLEARED', tangles: 2 })] },
    ])
    expect(transition(WORK, { tangles: 1, section }, hand).says).toMatchObject([{ tangles: 3 }])
    expect(transition(WORK, { stays: 'MAT_LEFT', section }, hand).says).toMatchObject([{ tangles: 3 }])
  })
  it('still tells a growl, a cry and what the dog says', () => {
    expect(round('GROWL')).toMatchObject([{ type: 'WARNED' }])
    expect(round({ signal: 'UNEASY', section })).toMatchObject([{ type: 'SIGNALLED' }])
  })
})
