import type { Section, SessionEvent, SessionView } from '@/api/types'

/** Answers its place, so that the next one comes. */
export type Answered = Extract<SessionEvent, { type: 'SECTION_DONE' | 'SECTION_SKIPPED' }>
export type Signalled = Extract<SessionEvent, { type: 'SIGNALLED' }>

export interface Folded {
  /** The plan, and after it what the fingers found elsewhere. */
  places: Section[]
  /** What to do now; absent once it has ended. */
  current?: Section
  /** From 1. */
  layer: number
  knots: Section[]
  preparing: boolean
  paused: boolean
  end?: NonNullable<SessionView['end']>
  /** The entry that answered each place. */
  answered: Map<Section, Answered>
  /** How often the dog has said no. */
  nos: number
  /** How the dog takes it just now, and which entry said so, from 1; a treat after it changes nothing. */
  seen?: { said: Signalled; entry: number }
  treats: number
  /** Whether what was said last is about something that catches. */
  catching: boolean
  /** What was not taken back. */
  standing: SessionEvent[]
}

/**
 * A session as its entries leave it, for where the server cannot be asked. The same cases hold this and the core's
 * own fold: server/src/test/resources/session-cases.json.
 *
 * @param nosToEnd so many noes of the dog, wherever they come, end it; the server says how many
 */
export function fold(plan: readonly Section[], entries: readonly SessionEvent[], nosToEnd: number): Folded {
  const standing = entries.reduce<SessionEvent[]>(
    (kept, one) => (one.type === 'UNDONE' ? kept.slice(0, -1) : [...kept, one]),
    [],
  )
  const knots = knotsOf(standing)
  const places = [...new Set([...plan, ...knots])]
  const waiting = waitingOf(places, standing)
  const nos = standing.filter(isNo).length
  const end =
    nos >= nosToEnd
      ? 'OPTED_OUT_TWICE'
      : standing.some((one) => one.type === 'STOPPED')
        ? 'STOPPED'
        : waiting.length
          ? undefined
          : 'ALL_DONE'
  const current = end ? undefined : waiting[0]
  const last = standing.at(-1)?.type
  return {
    places,
    current,
    layer: current ? 1 + standing.filter((one) => one.type === 'LAYER_DONE' && one.section === current).length : 1,
    knots,
    preparing: standing.every((one) => one.type === 'KNOT_FELT' || one.type === 'TREAT_GIVEN'),
    paused: standing.findLast((one) => one.type === 'PAUSED' || one.type === 'RESUMED')?.type === 'PAUSED',
    end,
    answered: new Map(standing.filter(answers).map((one) => [one.section, one])),
    nos,
    seen: seenIn(standing),
    treats: standing.filter((one) => one.type === 'TREAT_GIVEN').length,
    catching: last === 'CAUGHT' || last === 'TEASED',
    standing,
  }
}

const answers = (one: SessionEvent): one is Answered => one.type === 'SECTION_DONE' || one.type === 'SECTION_SKIPPED'
const isNo = (one: SessionEvent) => 'signal' in one && (one.signal === 'OPTED_OUT' || one.signal === 'AFRAID')
/** The place it is about; absent: about the session as a whole. */
export const placeOf = (one: SessionEvent): Section | undefined => ('section' in one ? one.section : undefined)

function knotsOf(standing: SessionEvent[]): Section[] {
  const knots = new Set<Section>()
  standing
    .filter((one) => one.type === 'KNOT_FELT')
    .forEach(({ section }) => {
      // A second time: there is none after all.
      if (!knots.delete(section)) knots.add(section)
    })
  return [...knots]
}

/** Places put off come after all others. */
function waitingOf(places: Section[], standing: SessionEvent[]): Section[] {
  return standing.reduce<Section[]>((waiting, one) => {
    if (answers(one)) return waiting.filter((section) => section !== one.section)
    if (one.type !== 'SECTION_POSTPONED' || !waiting.includes(one.section)) return waiting
    return [...waiting.filter((section) => section !== one.section), one.section]
  }, places)
}

function seenIn(standing: SessionEvent[]): Folded['seen'] {
  const at = standing.findLastIndex((one) => one.type !== 'TREAT_GIVEN')
  const last = standing[at]
  return last?.type === 'SIGNALLED' ? { said: last, entry: at + 1 } : undefined
}
