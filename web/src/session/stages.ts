import type { Caught, Hair, Section, SessionEvent, SessionView, Signal } from '@/api/types'
import type { Comb } from './words'

/** What the screen shows: what the session itself asks for, or a question on the way to an entry. */
export type Stage =
  | { at: 'before' | 'work' | 'caught' | 'paused' | 'reaction' | 'else' }
  | { at: 'place'; about: 'comb' | 'dog' | 'all'; section: Section }
  | { at: 'look' | 'count' | 'hair'; section: Section }

/** What the owner says. */
export type Answer =
  | { to: 'work' | 'else' }
  | { to: 'place'; about: 'comb' | 'dog' | 'all'; section: Section }
  | { to: 'look' | 'hair'; section: Section }
  | { tangles: number; section: Section }
  | { stays: 'MAT_LEFT' | 'FOR_GROOMER'; section: Section }
  | { signal: Signal; section: Section }
  | { hair: Hair; section: Section }
  | { grams: number; hair: Hair; section: Section }
  | { found: Found; section: Section }
  | { tried: 'OUT' | 'NOT_YET' | 'UNEASY' | 'OPTED_OUT'; seconds: number; section: Section }
  | 'RAN_FREE'
  | 'LATER'
  | 'SKIP'
  | 'GROWL'

type Found = Caught['found']

/** A place of the step in hand. */
export interface Place {
  section: Section
  /** What it means that it is done: proved, or only brushed where there is no comb. */
  done: Comb
  /** How the dog took it so far. */
  signal: Signal
  /** What came out there while a tool went round. */
  tangles: number
}

export interface Transition {
  stage: Stage
  /** What is to be recorded, in order. */
  says: SessionEvent[]
  /** Where it goes on once that is stored; absent: to what the session then asks for. */
  then?: Stage
}

/** @param read the reaction that was read and put away, by the entry it answers */
export function stageOf(view: SessionView, read: number): Stage {
  if (view.preparation) return { at: 'before' }
  if (view.paused) return { at: 'paused' }
  if (view.reaction && !said(view.reaction) && view.reaction.entry !== read) return { at: 'reaction' }
  return { at: view.caught ? 'caught' : 'work' }
}

/** Light enough to be said beside the work, without a touch to put it away. */
const said = (reaction: NonNullable<SessionView['reaction']>) => reaction.todo === 'GO_ON' || reaction.todo === 'EASE'

/** When this changes, an unfinished question is put away. A stroke recorded in the middle of one changes nothing. */
export function asking(view: SessionView, read: number): string {
  const { at } = stageOf(view, read)
  return [at, view.pass, ...view.hand, at === 'work' ? '' : view.revision].join()
}

/**
 * What an answer makes of the question on the screen.
 *
 * @param pass of the tool that goes over the whole dog, from 1; absent: it goes place by place
 */
export function transition(stage: Stage, answer: Answer, hand: readonly Place[], pass?: number): Transition {
  const sections = hand.map((place) => place.section)
  if (pass) {
    const says = inPass(answer, pass)
    if (says) return { stage: { at: 'work' }, says: [says] }
  }
  if (answer === 'RAN_FREE') {
    const places = hand.map(({ section, done, signal, tangles }) => doneAt(section, done, tangles, signal))
    return { stage, says: [{ type: 'STEP_DONE', places }] }
  }
  if (answer === 'LATER') return { stage, says: [{ type: 'STEP_POSTPONED', sections }] }
  if (answer === 'SKIP') return { stage, says: [{ type: 'STEP_SKIPPED', sections }] }
  if (answer === 'GROWL') return { stage, says: [{ type: 'WARNED', sections, warning: 'GROWLED' }] }
  if ('to' in answer) {
    if (answer.to === 'place') return { stage: { at: 'place', about: answer.about, section: answer.section }, says: [] }
    return {
      stage: 'section' in answer ? { at: answer.to, section: answer.section } : { at: answer.to },
      says: [],
    }
  }
  const { section } = answer
  const here = hand.find((place) => place.section === section)
  const signal = here?.signal ?? 'RELAXED'
  const before = here?.tangles ?? 0
  if ('tangles' in answer) {
    const done = doneAt(section, here?.done ?? 'GLIDES', before + answer.tangles, signal)
    return { stage: { at: 'work' }, says: [done] }
  }
  if ('stays' in answer) return { stage: { at: 'work' }, says: [doneAt(section, answer.stays, before + 1, signal)] }
  if ('signal' in answer) {
    return { stage: { at: 'work' }, says: [{ type: 'SIGNALLED', section, signal: answer.signal }] }
  }
  if ('grams' in answer)
    return { stage: { at: 'work' }, says: [{ type: 'HAIR_WEIGHED', section, grams: answer.grams }] }
  if ('hair' in answer) return { stage: { at: 'work' }, says: [{ type: 'HAIR_CAME_OUT', section, hair: answer.hair }] }
  if ('found' in answer) return { stage, says: [{ type: 'CAUGHT', section, found: answer.found }] }
  const took = answer.tried === 'UNEASY' || answer.tried === 'OPTED_OUT' ? answer.tried : 'RELAXED'
  const teased: SessionEvent = { type: 'TEASED', section, seconds: answer.seconds, signal: took }
  return { stage, says: [teased], then: answer.tried === 'OUT' ? { at: 'count', section } : undefined }
}

/** What is said otherwise while a tool goes over the whole dog; undefined: as at a step. */
function inPass(answer: Answer, pass: number): SessionEvent | undefined {
  if (answer === 'RAN_FREE') return { type: 'PASS_DONE', pass, brushed: [] }
  if (answer === 'SKIP') return { type: 'PASS_SKIPPED', pass }
  if (typeof answer === 'string') return undefined
  if ('tangles' in answer) return { type: 'TANGLES_OUT', section: answer.section, tangles: answer.tangles }
  if (!('hair' in answer)) return undefined
  return answer.hair === 'PINCH'
    ? { type: 'PASS_DONE', pass, hair: answer.hair, brushed: [] }
    : { type: 'PASS_REPEATED', pass, hair: answer.hair }
}

/** More than so many nobody counts; the server says the same. */
const MOST_TANGLES = 99

/** Where the comb runs free in the end, what came out is told. */
function doneAt(section: Section, done: Comb, found: number, signal: Signal) {
  const tangles = Math.min(found, MOST_TANGLES)
  const comb = done === 'GLIDES' && tangles ? 'TANGLES_CLEARED' : done
  return { type: 'SECTION_DONE' as const, section, comb, tangles, signal }
}

/** What came out at a place while a tool went round. */
export function tanglesAt(view: SessionView, section: Section): number {
  return view.said.reduce(
    (sum, entry) => sum + (entry.type === 'TANGLES_OUT' && entry.section === section ? entry.tangles : 0),
    0,
  )
}

/** How the dog took a place so far in this session: uneasy where that was seen, else relaxed. */
export function signalAt(view: SessionView, section: Section): Signal {
  return view.said.some(
    (entry) =>
      (entry.type === 'SIGNALLED' || entry.type === 'TEASED') &&
      entry.section === section &&
      entry.signal !== 'RELAXED',
  )
    ? 'UNEASY'
    : 'RELAXED'
}
