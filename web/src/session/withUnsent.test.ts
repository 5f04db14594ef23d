import { expect, it } from 'vitest'
import type { Section, SessionEvent, SessionView } from '@/api/types'
import { withUnsent } from './withUnsent'

const how = (section: Section) => ({ section }) as SessionView['elsewhere'][number]
const reaction = (todo: string, ends: boolean) => ({ todo, ends, entry: 0, reasons: [] })

/** As the server says it, of what the tests look at. */
function viewOf(plan: Section[], said: SessionEvent[], more: Partial<SessionView> = {}): SessionView {
  return {
    plan: plan.map((section) => [section]),
    steps: plan.map((section) => ({ label: '', sections: [section] })),
    passes: [],
    said,
    places: plan.map((section) => ({ how: how(section), outcome: 'WAITING', tangles: 0 })),
    elsewhere: [how('THROAT')],
    ifNo: [
      { optedOut: reaction('ASK_ONCE_MORE', false), afraid: reaction('END_WELL', true) },
      { optedOut: reaction('END_WELL', true), afraid: reaction('END_WELL', true) },
    ],
    advice: [{ rule: 'session.break', text: 'Half-way' }],
    treats: { given: 2, piecesLeft: 1 },
    ...more,
  } as SessionView
}
const entry = (type: SessionEvent['type'], more: object = {}) => ({ type, ...more }) as SessionEvent
const begun = [{ type: 'STARTED' as const }]

it('says what the server said while nothing waits', () => {
  const view = viewOf(['BACK'], begun, { caught: { todo: 'TEASE' } as unknown as SessionView['caught'] })
  const laid = withUnsent(view, [])
  expect(laid.advice).toEqual(view.advice)
  expect(laid.caught).toEqual(view.caught)
})

it('works a knot that the fingers found elsewhere, though the server has not heard of it', () => {
  const laid = withUnsent(viewOf(['BACK'], []), [
    entry('KNOT_FELT', { section: 'THROAT' }),
    entry('STARTED'),
    entry('SECTION_SKIPPED', { section: 'BACK' }),
  ])
  expect(laid.places.map((place) => place.how.section)).toEqual(['BACK', 'THROAT'])
  expect(laid.hand).toEqual(['THROAT'])
  expect(laid.preparation).toBeUndefined()
})

it('takes back what the server has stored already, and what was said of it', () => {
  const done = {
    type: 'SECTION_DONE' as const,
    section: 'BACK' as const,
    comb: 'GLIDES' as const,
    tangles: 0,
    signal: 'RELAXED' as const,
  }
  const laid = withUnsent(viewOf(['BACK', 'CHEST'], [...begun, done]), [entry('UNDONE')])
  expect(laid.hand).toEqual(['BACK'])
  expect(laid.places[0]!.outcome).toBe('WAITING')
  expect(laid.advice).toEqual([])
  expect(laid.entries).toBe(1)
})

it('knows what a first and a second no mean, and forgets the second when it is taken back', () => {
  const view = viewOf(['BACK', 'CHEST'], begun)
  const no = entry('SIGNALLED', { section: 'BACK', signal: 'OPTED_OUT' })
  expect(withUnsent(view, [no]).reaction).toMatchObject({ todo: 'ASK_ONCE_MORE', entry: 2 })
  expect(withUnsent(view, [no, no])).toMatchObject({ reaction: { todo: 'END_WELL' }, end: 'OPTED_OUT_TWICE' })
  expect(withUnsent(view, [no, no, entry('UNDONE')])).toMatchObject({ end: undefined, hand: ['BACK'] })
})

it('counts the treats that wait, and never less than none left', () => {
  const laid = withUnsent(viewOf(['BACK'], begun), [entry('TREAT_GIVEN'), entry('TREAT_GIVEN')])
  expect(laid.treats).toMatchObject({ given: 4, piecesLeft: 0 })
})

it('shows every place of a step that one tap answered, with what was said of it', () => {
  const done = (section: Section, tangles: number) => ({ section, comb: 'GLIDES', tangles, signal: 'RELAXED' })
  const laid = withUnsent(viewOf(['CHEST', 'THROAT', 'BACK'], begun), [
    entry('STEP_DONE', { places: [done('CHEST', 0), done('THROAT', 2)] }),
    entry('SECTION_SKIPPED', { section: 'BACK' }),
  ])
  expect(laid.places.map((place) => [place.outcome, place.tangles])).toEqual([
    ['DONE', 0],
    ['DONE', 2],
    ['SKIPPED', 0],
  ])
  expect(laid.hand).toEqual([])
  expect(laid.entries).toBe(3)
})

it('ends at once when the dog is afraid, with what that means', () => {
  const laid = withUnsent(viewOf(['BACK', 'CHEST'], begun), [entry('SIGNALLED', { section: 'BACK', signal: 'AFRAID' })])
  expect(laid).toMatchObject({ reaction: { todo: 'END_WELL', entry: 2 }, end: 'AFRAID', hand: [] })
})

it('keeps what the server said of the last sign while a treat waits', () => {
  const uneasy = entry('SIGNALLED', { section: 'BACK', signal: 'UNEASY' })
  const said = reaction('EASE', false) as unknown as SessionView['reaction']
  const view = viewOf(['BACK'], [...begun, uneasy], { reaction: said })
  expect(withUnsent(view, [entry('TREAT_GIVEN')]).reaction).toEqual(said)
})

it('leaves the judgement of a mat to the server: no advice of before stands beside a later answer', () => {
  const view = viewOf(['BACK'], begun, { caught: { todo: 'TEASE_DRY' } as unknown as SessionView['caught'] })
  const laid = withUnsent(view, [entry('SECTION_POSTPONED', { section: 'BACK' })])
  expect(laid.caught).toBeUndefined()
  expect(laid.advice).toEqual([])
})

it('pauses and goes on by itself', () => {
  const view = viewOf(['BACK'], begun)
  expect(withUnsent(view, [entry('PAUSED')]).paused).toBe(true)
  expect(withUnsent(view, [entry('PAUSED'), entry('RESUMED')]).paused).toBe(false)
})
