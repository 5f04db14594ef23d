import type { Section, SessionEvent, SessionView } from '@/api/types'
import { fold, type Folded } from './fold'

/** What is said before the first answer. */
const OPENING = new Set<SessionEvent['type']>(['STARTED', 'KNOT_FELT', 'TREAT_GIVEN'])

/**
 * A session with the entries laid over it that still wait in this browser, so that the hands need not stop. What
 * needs judgement waits for the server.
 */
export function withUnsent(view: SessionView, waiting: SessionEvent[]): SessionView {
  const passes = view.passes.map((pass) => pass.sections)
  const before = fold(view.plan, passes, view.said, view.ifNo.length)
  const now = fold(view.plan, passes, [...view.said, ...waiting], view.ifNo.length)
  const given = now.treats - before.treats
  const same = now.standing.length === before.standing.length && now.standing.every((one, i) => one === view.said[i])
  return {
    ...view,
    places: now.places.flatMap((section) => placeOf(view, now, section)),
    steps: [...view.steps, ...knotSteps(view, now)],
    pass: now.pass,
    hand: now.hand,
    knots: now.knots,
    preparation: now.preparing ? view.preparation : undefined,
    opening: now.standing.every((one) => OPENING.has(one.type)) ? view.opening : undefined,
    lesson: now.standing.every((one) => OPENING.has(one.type)) ? view.lesson : undefined,
    paused: now.paused,
    end: now.end,
    reaction: reactionIn(view, now),
    said: now.standing,
    caught: same ? view.caught : undefined,
    advice: same ? view.advice : [],
    treats: {
      ...view.treats,
      given: view.treats.given + given,
      piecesLeft: Math.max(0, view.treats.piecesLeft - given),
    },
    entries: now.standing.length,
  }
}

function placeOf(view: SessionView, now: Folded, section: Section): SessionView['places'] {
  const how = [...view.places.map((place) => place.how), ...view.elsewhere].find((place) => place.section === section)
  if (!how) return []
  const said = now.answered.get(section)
  if (!said) return [{ how, outcome: 'WAITING', tangles: 0 }]
  if (said === 'SKIPPED') return [{ how, outcome: 'SKIPPED', tangles: 0 }]
  const { comb, tangles, signal } = said
  return [{ how, outcome: 'DONE', comb, tangles, signal }]
}

/** What the fingers found elsewhere, and the server has not heard of: each a step of its own. */
function knotSteps(view: SessionView, now: Folded): SessionView['steps'] {
  return now.knots
    .filter((section) => !view.steps.some((step) => step.sections.includes(section)))
    .map((section) => ({ label: '', sections: [section] }))
}

/** What a no means was said beforehand; anything else the server has to say. */
function reactionIn(view: SessionView, now: Folded): SessionView['reaction'] {
  if (!now.seen) return undefined
  const { said, entry } = now.seen
  if (said === view.said[entry - 1]) return view.reaction
  const no = view.ifNo[now.noes - 1]
  const reaction = said.signal === 'AFRAID' ? no?.afraid : said.signal === 'OPTED_OUT' ? no?.optedOut : undefined
  return reaction && { ...reaction, entry }
}
