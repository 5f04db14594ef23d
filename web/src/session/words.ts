import type { Caught, Section, SessionEvent, SessionView, Signal } from '@/api/types'

type Step = SessionView['steps'][number]
export type Comb = NonNullable<Step['comb']>

export const COMB_ANSWERS: { value: Exclude<Comb, 'NOT_COMBED'>; title: string; hint: string; key: string }[] = [
  { value: 'GLIDES', title: 'It glides', hint: 'from the root right through', key: '1' },
  { value: 'TANGLES_CLEARED', title: 'Tangles, now out', hint: 'found, worked out, comb runs free', key: '2' },
  { value: 'MAT_LEFT', title: 'A mat stays in', hint: 'left in peace for now', key: '3' },
]

export const ENDS: Record<NonNullable<SessionView['end']>, string> = {
  ALL_DONE: 'All done',
  STOPPED: 'Enough for today',
  OPTED_OUT_TWICE: 'The dog has had enough: a good place to stop',
}

/** What became of a section, in a few words. */
export function outcome(step: Step): string {
  if (step.outcome === 'WAITING') return 'not reached'
  if (step.outcome === 'SKIPPED') return 'left for another day'
  switch (step.comb) {
    case 'GLIDES':
      return 'comb glides'
    case 'TANGLES_CLEARED':
      return step.tangles === 1 ? '1 tangle out' : `${step.tangles} tangles out`
    case 'MAT_LEFT':
      return step.tangles === 1 ? 'a mat stays in' : `${step.tangles} found, a mat stays in`
    default:
      return 'not combed, the dog opted out'
  }
}

export const COUNTS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'].map((n) => ({
  value: n,
  title: n,
  key: n,
  hint: n === '9' ? 'or more' : '',
}))

/** By eye; a kitchen scale is finer. */
export const HAIR_ANSWERS = [
  { value: 'PINCH', title: 'A pinch', hint: 'between two fingers', key: '1' },
  { value: 'HANDFUL', title: 'A handful', hint: 'it fills the palm', key: '2' },
  { value: 'HEAP', title: 'A heap', hint: 'more than a hand holds', key: '3' },
]

export type Found = Caught['found']

/** When the comb catches: at most four quick looks, the skin first. */
export const CATCH_QUESTIONS: {
  about: keyof Found
  question: string
  answers: { value: string; title: string; hint?: string; key: string }[]
}[] = [
  {
    about: 'skin',
    question: 'How does the skin look there?',
    answers: [
      { value: 'SOUND', title: 'Sound', hint: 'like the rest of it', key: '1' },
      { value: 'RED', title: 'Red', key: '2' },
      { value: 'WET_OR_BROKEN', title: 'Wet or broken', hint: 'or with pus', key: '3' },
      { value: 'HOT_OR_SMELLY', title: 'Hot or smelly', hint: 'or flaking', key: '4' },
      { value: 'PARASITES', title: 'Fleas or ticks', hint: 'in number', key: '5' },
      { value: 'PAIN_OR_LUMP', title: 'It hurts, no mat', hint: 'or a lump in the skin itself', key: '6' },
    ],
  },
  {
    about: 'lump',
    question: 'What holds the comb?',
    answers: [
      { value: 'NONE', title: 'It only slows', hint: 'no lump to feel', key: '1' },
      { value: 'UP_TO_10_MM', title: 'A small lump', hint: 'up to {10 mm}', key: '2' },
      { value: 'UP_TO_20_MM', title: 'A lump', hint: '{10 mm} to {20 mm}', key: '3' },
      { value: 'OVER_20_MM', title: 'A big one', hint: 'over {20 mm}', key: '4' },
    ],
  },
  {
    about: 'beneath',
    question: 'Can the comb pass between lump and skin?',
    answers: [
      { value: 'FREE', title: 'Yes, it passes', key: '1' },
      { value: 'TIGHT', title: 'No, it sits tight', key: '2' },
    ],
  },
  {
    about: 'spread',
    question: 'How many?',
    answers: [
      { value: 'ONE', title: 'One', key: '1' },
      { value: 'A_FEW', title: 'A few', key: '2' },
      { value: 'JOINED', title: 'Joined into a sheet', key: '3' },
    ],
  },
]

const SIZES: Record<Found['lump'], string> = {
  NONE: 'no lump to feel',
  UP_TO_10_MM: 'up to {10 mm}',
  UP_TO_20_MM: '{10 mm} to {20 mm}',
  OVER_20_MM: 'over {20 mm}',
}

/** What an owner saw of a mat, in a few words. */
export function matSize(found: Found): string {
  const tight = found.beneath === 'TIGHT' ? ', tight on the skin' : ''
  return SIZES[found.lump] + (found.spread === 'JOINED' ? ', joined into a sheet' : tight)
}

const COMB_WORDS: Record<Comb, string> = {
  GLIDES: 'comb glides',
  TANGLES_CLEARED: 'tangles out',
  MAT_LEFT: 'a mat stays in',
  NOT_COMBED: 'not combed',
}
const SIGNAL_WORDS: Record<Signal, string> = {
  RELAXED: 'relaxed',
  UNEASY: 'uneasy',
  OPTED_OUT: 'opted out',
  AFRAID: 'afraid',
}
const ENTRY_WORDS: Record<SessionEvent['type'], string> = {
  STARTED: 'the first stroke',
  KNOT_FELT: 'a knot felt',
  LAYER_DONE: 'a layer done',
  HAIR_CAME_OUT: 'hair brought out',
  HAIR_WEIGHED: 'hair weighed',
  SIGNALLED: 'the dog',
  TREAT_GIVEN: 'a treat',
  PAUSED: 'a pause',
  RESUMED: 'the end of a pause',
  SECTION_DONE: 'done',
  SECTION_SKIPPED: 'left for another day',
  SECTION_POSTPONED: 'put off',
  CAUGHT: 'it caught',
  TEASED: 'a try at what caught',
  STOPPED: 'the end',
  UNDONE: 'the last entry taken back',
}

/** An entry as the owner would say it. */
export function inWords(event: SessionEvent, names: Partial<Record<Section, string>>): string {
  return [
    'section' in event && names[event.section],
    ENTRY_WORDS[event.type],
    'comb' in event && COMB_WORDS[event.comb],
    'tangles' in event && event.tangles ? `${event.tangles} found` : '',
    'signal' in event && SIGNAL_WORDS[event.signal],
  ]
    .filter(Boolean)
    .join(', ')
}
