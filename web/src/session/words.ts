import choices from '@/api/choices'
import { labelOf } from '@/api/words'
import { placesOf } from './fold'
import type { Caught, Section, SessionEvent, SessionView } from '@/api/types'

type Place = SessionView['places'][number]
export type Comb = NonNullable<Place['comb']>

/** What became of a place, in a few words. */
export function outcome(place: Place): string {
  if (place.outcome === 'WAITING') return 'not reached'
  if (place.outcome === 'SKIPPED') return 'left for another day'
  switch (place.comb) {
    case 'GLIDES':
      return 'comb glides'
    case 'TANGLES_CLEARED':
      return place.tangles === 1 ? '1 tangle out' : `${place.tangles} tangles out`
    case 'BRUSHED':
      return 'brushed, not proved'
    case 'FOR_GROOMER':
      return 'a mat, for the groomer'
    case 'MAT_LEFT':
      return place.tangles === 1 ? 'a mat stays in' : `${place.tangles} found, a mat stays in`
    case 'NOT_COMBED':
    case undefined:
      return 'not combed, the dog opted out'
  }
}

/** How many tangles came out at a place; more are not counted. */
export const COUNTS = ['1', '2', '3', '4'].map((n) => ({ value: n, title: n, hint: n === '4' ? 'or more' : '' }))

export type Found = Caught['found']

/** When the comb catches: at most four quick looks, the skin first. */
export const CATCH_QUESTIONS = [
  { about: 'skin', question: 'How does the skin look there?', answers: choices.CatchSkinLook },
  { about: 'lump', question: 'What holds the comb?', answers: choices.CatchLump },
  { about: 'beneath', question: 'Can the comb pass between lump and skin?', answers: choices.CatchBeneath },
  { about: 'spread', question: 'How many?', answers: choices.CatchSpread },
] as const

const ENTRY_WORDS: Record<SessionEvent['type'], string> = {
  STARTED: 'the first stroke',
  KNOT_FELT: 'a knot felt',
  LAYER_DONE: 'a layer done',
  HAIR_CAME_OUT: 'hair brought out',
  HAIR_WEIGHED: 'hair weighed',
  PASS_DONE: 'a tool done',
  PASS_REPEATED: 'a tool goes round once more',
  PASS_SKIPPED: 'a tool left out',
  TANGLES_OUT: 'out',
  SIGNALLED: 'the dog',
  TREAT_GIVEN: 'a treat',
  PAUSED: 'a pause',
  RESUMED: 'the end of a pause',
  SECTION_DONE: 'done',
  STEP_DONE: 'done',
  STEP_SKIPPED: 'left for another day',
  STEP_POSTPONED: 'put off',
  WARNED: 'hands off',
  SECTION_SKIPPED: 'left for another day',
  SECTION_POSTPONED: 'put off',
  CAUGHT: 'it caught',
  GEL_USED: 'detangling gel',
  TEASED: 'a try at what caught',
  STOPPED: 'the end',
  UNDONE: 'the last entry taken back',
}

/** An entry as the owner would say it. */
export function inWords(event: SessionEvent, names: Partial<Record<Section, string>>): string {
  return [
    ...placesOf(event).map((section) => names[section]),
    ENTRY_WORDS[event.type],
    'comb' in event && labelOf('CombResult', event.comb),
    'tangles' in event && event.tangles ? `${event.tangles} found` : '',
    'signal' in event && labelOf('Signal', event.signal),
  ]
    .filter(Boolean)
    .join(', ')
}
