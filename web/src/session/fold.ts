import type { EventForm, Section, SessionView } from '@/api/types'

/** An entry, as far as the fold looks at it. */
export type Said = SessionView['said'][number] | EventForm

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
  answered: Map<Section, Said>
  /** How often the dog has said no. */
  nos: number
  /** How the dog takes it just now, and which entry said so, from 1; a treat after it changes nothing. */
  seen?: { said: Said; entry: number }
  treats: number
  /** Whether what was said last is about something that catches. */
  catching: boolean
  /** What was not taken back. */
  standing: Said[]
}

/**
 * A session as its entries leave it, for where the server cannot be asked. The same cases hold this and the core's
 * own fold: server/src/test/resources/session-cases.json.
 *
 * @param nosToEnd so many noes of the dog, wherever they come, end it; the server says how many
 */
export function fold(plan: readonly Section[], entries: readonly Said[], nosToEnd: number): Folded {
  const standing = entries.reduce<Said[]>(
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
    answered: new Map(standing.filter(answers).map((one) => [one.section!, one])),
    nos,
    seen: seenIn(standing),
    treats: standing.filter((one) => one.type === 'TREAT_GIVEN').length,
    catching: last === 'CAUGHT' || last === 'TEASED',
    standing,
  }
}

const answers = (one: Said) => one.type === 'SECTION_DONE' || one.type === 'SECTION_SKIPPED'
const isNo = (one: Said) => one.signal === 'OPTED_OUT' || one.signal === 'AFRAID'

function knotsOf(standing: Said[]): Section[] {
  const knots = new Set<Section>()
  standing
    .filter((one) => one.type === 'KNOT_FELT')
    .forEach(({ section }) => {
      // A second time: there is none after all.
      if (!knots.delete(section!)) knots.add(section!)
    })
  return [...knots]
}

/** Places put off come after all others. */
function waitingOf(places: Section[], standing: Said[]): Section[] {
  return standing.reduce<Section[]>((waiting, one) => {
    if (answers(one)) return waiting.filter((section) => section !== one.section)
    if (one.type !== 'SECTION_POSTPONED' || !waiting.includes(one.section!)) return waiting
    return [...waiting.filter((section) => section !== one.section), one.section!]
  }, places)
}

function seenIn(standing: Said[]): Folded['seen'] {
  const at = standing.findLastIndex((one) => one.type !== 'TREAT_GIVEN')
  return standing[at]?.type === 'SIGNALLED' ? { said: standing[at], entry: at + 1 } : undefined
}
