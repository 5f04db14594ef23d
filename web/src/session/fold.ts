import type { Section, SessionEvent, SessionView } from '@/api/types'

export type Done = Extract<SessionEvent, { type: 'SECTION_DONE' }>
export type Signalled = Extract<SessionEvent, { type: 'SIGNALLED' }>

export interface Folded {
  /** The plan, and after it what the fingers found elsewhere. */
  places: Section[]
  /** The tool that goes over the whole dog just now, by its number from 1; absent: it goes place by place. */
  pass?: number
  /** The places of the step or of the pass in hand that wait; none once it has ended. */
  hand: Section[]
  knots: Section[]
  preparing: boolean
  paused: boolean
  end?: NonNullable<SessionView['end']>
  /** What was done at each place, or that it was left. */
  answered: Map<Section, Done | 'SKIPPED'>
  /** How often the dog has said no. */
  noes: number
  /** How the dog takes it just now, and which entry said so, from 1; a treat after it changes nothing. */
  seen?: { said: Signalled; entry: number }
  treats: number
  /** Where something catches, when what was said last is about it. */
  catching?: Section
  /** What was not taken back. */
  standing: SessionEvent[]
}

/**
 * A session as its entries leave it, for where the server cannot be asked. The same cases hold this and the core's
 * own fold: server/src/test/resources/session-cases.json.
 *
 * @param plan     the places it was begun with, by step
 * @param passes   the places of each tool that goes over the whole dog first; none: place by place
 * @param nosToEnd so many noes of the dog, wherever they come, end it; the server says how many
 */
export function fold(
  plan: readonly (readonly Section[])[],
  passes: readonly (readonly Section[])[],
  entries: readonly SessionEvent[],
  nosToEnd: number,
): Folded {
  const standing = entries.reduce<SessionEvent[]>(
    (kept, entry) => (entry.type === 'UNDONE' ? kept.slice(0, -1) : [...kept, entry]),
    [],
  )
  const knots = knotsOf(standing)
  const places = [...new Set([...plan.flat(), ...knots])]
  const waiting = waitingOf(places, standing)
  const noes = standing.filter(isNo).length
  const end = standing.some((entry) => entry.type === 'WARNED')
    ? 'WARNED'
    : standing.some(isFear)
      ? 'AFRAID'
      : noes >= nosToEnd
        ? 'OPTED_OUT_TWICE'
        : standing.some((entry) => entry.type === 'STOPPED')
          ? 'STOPPED'
          : waiting.length
            ? undefined
            : 'ALL_DONE'
  const last = standing.at(-1)
  const pass = end ? undefined : passOf(passes, waiting, standing)
  return {
    places,
    pass,
    hand: end ? [] : pass ? waiting.filter((section) => passes[pass - 1]!.includes(section)) : handOf(plan, waiting),
    knots,
    preparing: standing.every((entry) => entry.type === 'KNOT_FELT' || entry.type === 'TREAT_GIVEN'),
    paused: standing.findLast((entry) => entry.type === 'PAUSED' || entry.type === 'RESUMED')?.type === 'PAUSED',
    end,
    answered: new Map<Section, Done | 'SKIPPED'>(
      standing.flatMap<readonly [Section, Done | 'SKIPPED']>((entry) => [
        ...doneBy(entry).map((done) => [done.section, done] as const),
        ...(skips(entry) ? placesOf(entry).map((section) => [section, 'SKIPPED'] as const) : []),
      ]),
    ),
    noes,
    seen: seenIn(standing),
    treats: standing.filter((entry) => entry.type === 'TREAT_GIVEN').length,
    catching:
      last?.type === 'CAUGHT' || last?.type === 'TEASED' || last?.type === 'GEL_USED' ? last.section : undefined,
    standing,
  }
}

/** What was done at each place by an entry. */
export function doneBy(one: SessionEvent): Done[] {
  return one.type === 'SECTION_DONE' ? [one] : one.type === 'STEP_DONE' ? one.places : []
}

/** The places it is about; none: about the session as a whole. */
export function placesOf(one: SessionEvent): Section[] {
  if ('places' in one) return one.places.map((place) => place.section)
  if ('sections' in one) return one.sections
  return 'section' in one ? [one.section] : []
}

const skips = (one: SessionEvent) => one.type === 'SECTION_SKIPPED' || one.type === 'STEP_SKIPPED'
const answers = (one: SessionEvent) => doneBy(one).length > 0 || skips(one)
const putsOff = (one: SessionEvent) => one.type === 'SECTION_POSTPONED' || one.type === 'STEP_POSTPONED'
const isFear = (one: SessionEvent) =>
  doneBy(one).some((done) => done.signal === 'AFRAID') || ('signal' in one && one.signal === 'AFRAID')
const unwilling = (signal: string) => signal === 'OPTED_OUT' || signal === 'AFRAID'
const isNo = (one: SessionEvent) =>
  one.type === 'WARNED' ||
  doneBy(one).some((done) => unwilling(done.signal)) ||
  ('signal' in one && unwilling(one.signal))

function knotsOf(standing: SessionEvent[]): Section[] {
  const knots = new Set<Section>()
  standing
    .filter((entry) => entry.type === 'KNOT_FELT')
    .forEach(({ section }) => {
      // A second time: there is none after all.
      if (!knots.delete(section)) knots.add(section)
    })
  return [...knots]
}

/** Places put off come after all others. */
function waitingOf(places: Section[], standing: SessionEvent[]): Section[] {
  return standing.reduce<Section[]>((waiting, entry) => {
    const said = placesOf(entry)
    if (answers(entry)) return waiting.filter((section) => !said.includes(section))
    if (!putsOff(entry)) return waiting
    return [
      ...waiting.filter((section) => !said.includes(section)),
      ...said.filter((section) => waiting.includes(section)),
    ]
  }, places)
}

/** The first tool that still has somewhere to go. */
function passOf(passes: readonly (readonly Section[])[], waiting: Section[], standing: SessionEvent[]) {
  const at = passes.findIndex(
    (places, i) =>
      places.some((section) => waiting.includes(section)) &&
      !standing.some((entry) => (entry.type === 'PASS_DONE' || entry.type === 'PASS_SKIPPED') && entry.pass === i + 1),
  )
  return at < 0 ? undefined : at + 1
}

/** Those of the first step that waits. */
function handOf(plan: readonly (readonly Section[])[], waiting: Section[]): Section[] {
  const first = waiting[0]
  if (!first) return []
  const step = plan.find((entry) => entry.includes(first)) ?? [first]
  const other = waiting.findIndex((section) => !step.includes(section))
  return other < 0 ? waiting : waiting.slice(0, other)
}

function seenIn(standing: SessionEvent[]): Folded['seen'] {
  const at = standing.findLastIndex((entry) => entry.type !== 'TREAT_GIVEN')
  const last = standing[at]
  return last?.type === 'SIGNALLED' ? { said: last, entry: at + 1 } : undefined
}
