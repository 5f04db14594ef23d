import { describe, expect, it } from 'vitest'
import type { SessionView } from '@/api/types'
import { asking, askedBy, led, OFFERED, type Answer, type Stage } from './stages'

const PLACE = { section: 'CHEST', layersLeft: false } as const
const DEEP = { section: 'CHEST', layersLeft: true } as const

/** Says one thing after the other; what was recorded on the way, and where it ends. */
function say(from: Stage, ...answers: Answer[]) {
  let stage = from
  const said = answers.flatMap((one) => {
    const next = led(stage, one, PLACE)
    stage = next.stage
    return next.says ? [next.says] : []
  })
  return { stage, said }
}

const view = (more: Partial<SessionView>) => ({ revision: 7, current: 'CHEST', ...more }) as SessionView

describe('a place', () => {
  it('is done in two touches where the comb glides', () => {
    expect(say({ at: 'comb' }, { comb: 'GLIDES' }, { signal: 'RELAXED' }).said).toEqual([
      { type: 'SECTION_DONE', section: 'CHEST', comb: 'GLIDES', tangles: 0, signal: 'RELAXED' },
    ])
  })
  it('is asked how many tangles where there were some', () => {
    expect(say({ at: 'comb' }, { comb: 'TANGLES_CLEARED' }, { count: 3 }, { signal: 'UNEASY' }).said).toEqual([
      { type: 'SECTION_DONE', section: 'CHEST', comb: 'TANGLES_CLEARED', tangles: 3, signal: 'UNEASY' },
    ])
  })
  it('forgets what the comb said when the owner goes back', () => {
    const back = say({ at: 'comb' }, { comb: 'MAT_LEFT' }, { count: 2 }, { to: 'work' }, { signal: 'UNEASY' })
    expect(back.said).toEqual([{ type: 'SIGNALLED', section: 'CHEST', signal: 'UNEASY' }])
    expect(back.stage).toEqual({ at: 'work' })
  })
  it('goes layer by layer, and only then to the comb', () => {
    expect(led({ at: 'work' }, 'NEXT', DEEP).says).toEqual({ type: 'LAYER_DONE', section: 'CHEST' })
    expect(led({ at: 'work' }, 'NEXT', PLACE)).toEqual({ stage: { at: 'comb' } })
  })
  it('goes to the comb once what caught is out, and stays with it while it is not', () => {
    const out = led({ at: 'caught' }, { tried: 'OUT', seconds: 40 }, PLACE)
    expect(out.says).toEqual({ type: 'TEASED', section: 'CHEST', seconds: 40, signal: 'RELAXED' })
    expect(out.then).toEqual({ at: 'comb' })
    const uneasy = led({ at: 'caught' }, { tried: 'UNEASY', seconds: 9 }, PLACE)
    expect([uneasy.says, uneasy.then]).toEqual([
      { type: 'TEASED', section: 'CHEST', seconds: 9, signal: 'UNEASY' },
      undefined,
    ])
  })
  it('asks how the dog took it when a mat stays in, and counts that mat', () => {
    expect(say({ at: 'caught' }, 'STAYS_IN', { signal: 'RELAXED' }).said).toEqual([
      { type: 'SECTION_DONE', section: 'CHEST', comb: 'MAT_LEFT', tangles: 1, signal: 'RELAXED' },
    ])
  })
  it('is worked on after hair was looked at or weighed', () => {
    expect(say({ at: 'hair' }, { hair: 'HEAP' }).stage).toEqual({ at: 'work' })
    expect(say({ at: 'hair' }, { grams: 4.5 }).said).toEqual([{ type: 'HAIR_WEIGHED', section: 'CHEST', grams: 4.5 }])
  })
})

describe('what the session asks', () => {
  const reaction = { todo: 'ASK_ONCE_MORE', entry: 3 } as SessionView['reaction']

  it('puts the hands off before anything else, and the dog before the knot', () => {
    expect(askedBy(view({ paused: true, reaction }), -1).at).toBe('paused')
    expect(askedBy(view({ reaction, caught: {} as SessionView['caught'] }), -1).at).toBe('reaction')
    expect(askedBy(view({ reaction, caught: {} as SessionView['caught'] }), 3).at).toBe('caught')
  })
  it('leaves a question open when a treat is recorded in the middle of it', () => {
    expect(asking(view({ revision: 8 }), -1)).toBe(asking(view({ revision: 7 }), -1))
  })
  it('puts a question away when another device has gone on to the next place', () => {
    expect(asking(view({ current: 'THROAT' }), -1)).not.toBe(asking(view({}), -1))
  })
  it('asks anew after each try at a knot', () => {
    const caught = {} as SessionView['caught']
    expect(asking(view({ caught, revision: 8 }), -1)).not.toBe(asking(view({ caught }), -1))
  })
})

it('lets the owner end and undo wherever that means something, and signal only while working', () => {
  expect(Object.entries(OFFERED).flatMap(([at, keys]) => (keys.includes('e') ? [] : [at]))).toEqual([
    'before',
    'reaction',
  ])
  expect(Object.entries(OFFERED).flatMap(([at, keys]) => (keys.includes('f') ? [at] : []))).toEqual(['work'])
})
