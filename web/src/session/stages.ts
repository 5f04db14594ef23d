import type { Caught, Hair, Section, SessionEvent, SessionView, Signal } from '@/api/types'
import type { Comb } from './words'

/** What the screen asks, one decision at a time: what the session itself asks for, or a step on the way to an entry. */
export type Stage =
  | { at: 'before' | 'work' | 'comb' | 'hair' | 'catch' | 'caught' | 'paused' | 'reaction' }
  | { at: 'count'; comb: Comb }
  | { at: 'dog'; comb: Comb; tangles: number }

/** What the owner says at a stage. */
export type Answer =
  | { to: 'work' | 'comb' | 'hair' | 'catch' }
  | { comb: Comb }
  | { count: number }
  | { signal: Signal }
  | { hair: Hair }
  | { grams: number }
  | { found: Caught['found'] }
  | { tried: 'OUT' | 'NOT_YET' | 'UNEASY' | 'OPTED_OUT'; seconds: number }
  | 'STAYS_IN'
  | 'NEXT'

/** The place in hand. */
export interface Place {
  section: Section
  layersLeft: boolean
}

export interface Led {
  stage: Stage
  /** What is to be recorded. */
  says?: SessionEvent
  /** Where it goes on once that is stored; absent: to what the session then asks for. */
  then?: Stage
}

/** By stage the keys of what may be said besides; `?` how it is done, `b` back. */
export const OFFERED: Record<Stage['at'], string> = {
  before: 'u',
  work: 'rnoftch?dplsue',
  comb: 'tcbue',
  count: 'tbue',
  dog: 'tbue',
  hair: 'tbue',
  catch: 'tbue',
  caught: 'tue',
  paused: 'e',
  reaction: 'u',
}

/** @param read the reaction that was read and put away, by the entry it answers */
export function askedBy(view: SessionView, read: number): Stage {
  if (view.preparation) return { at: 'before' }
  if (view.paused) return { at: 'paused' }
  if (view.reaction && view.reaction.todo !== 'GO_ON' && view.reaction.entry !== read) return { at: 'reaction' }
  return { at: view.caught ? 'caught' : 'work' }
}

/** When this changes, an unfinished question is put away. A stroke recorded in the middle of one changes nothing. */
export function asking(view: SessionView, read: number): string {
  const { at } = askedBy(view, read)
  return [at, view.current, at === 'work' ? '' : view.revision].join()
}

export function led(stage: Stage, said: Answer, { section, layersLeft }: Place): Led {
  if (said === 'NEXT') {
    return layersLeft ? { stage, says: { type: 'LAYER_DONE', section } } : { stage: { at: 'comb' } }
  }
  if (said === 'STAYS_IN') return { stage: { at: 'dog', comb: 'MAT_LEFT', tangles: 1 } }
  if ('to' in said) return { stage: { at: said.to } }
  if ('comb' in said) {
    const { comb } = said
    return { stage: comb === 'GLIDES' ? { at: 'dog', comb, tangles: 0 } : { at: 'count', comb } }
  }
  if ('count' in said && stage.at === 'count') return { stage: { at: 'dog', comb: stage.comb, tangles: said.count } }
  if ('signal' in said) {
    const { signal } = said
    if (stage.at !== 'dog') return { stage, says: { type: 'SIGNALLED', section, signal } }
    const { comb, tangles } = stage
    return { stage, says: { type: 'SECTION_DONE', section, comb, tangles, signal } }
  }
  if ('hair' in said) return { stage: { at: 'work' }, says: { type: 'HAIR_CAME_OUT', section, hair: said.hair } }
  if ('grams' in said) return { stage: { at: 'work' }, says: { type: 'HAIR_WEIGHED', section, grams: said.grams } }
  if ('found' in said) return { stage, says: { type: 'CAUGHT', section, found: said.found } }
  if ('tried' in said) {
    const { tried, seconds } = said
    const signal = tried === 'UNEASY' || tried === 'OPTED_OUT' ? tried : 'RELAXED'
    return {
      stage,
      says: { type: 'TEASED', section, seconds, signal },
      then: tried === 'OUT' ? { at: 'comb' } : undefined,
    }
  }
  return { stage }
}
