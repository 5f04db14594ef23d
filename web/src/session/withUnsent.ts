import type { EventForm, SessionView } from '@/api/types'

/**
 * A session with the entries laid over it that still wait in this browser, so that the hands need not stop. It
 * only follows the plan; what needs judgement waits for the server, whose own fold replaces all of this.
 */
export function withUnsent(view: SessionView, waiting: EventForm[]): SessionView {
  return standing(waiting).reduce<SessionView>(
    (before, event) =>
      // What was read of the dog last stands until something else is said; a treat says nothing.
      lay(event.type === 'TREAT_GIVEN' ? before : { ...before, reaction: undefined }, event),
    { ...view, reaction: undefined, caught: undefined, advice: [] },
  )
}

/** Without what was taken back again. */
function standing(waiting: EventForm[]): EventForm[] {
  return waiting.reduce<EventForm[]>((kept, one) => (one.type === 'UNDONE' ? kept.slice(0, -1) : [...kept, one]), [])
}

function lay(view: SessionView, event: EventForm): SessionView {
  switch (event.type) {
    case 'STARTED':
      return { ...view, preparation: undefined }
    case 'KNOT_FELT':
      return {
        ...view,
        knots: view.knots.includes(event.section!)
          ? view.knots.filter((s) => s !== event.section)
          : [...view.knots, event.section!],
      }
    case 'LAYER_DONE':
      return { ...view, layer: view.layer + 1 }
    case 'TREAT_GIVEN':
      return {
        ...view,
        treats: { ...view.treats, given: view.treats.given + 1, piecesLeft: Math.max(0, view.treats.piecesLeft - 1) },
      }
    case 'PAUSED':
      return { ...view, paused: true }
    case 'RESUMED':
      return { ...view, paused: false }
    case 'SIGNALLED':
    case 'TEASED':
      return saidNo(view, event)
    case 'STOPPED':
      return { ...view, end: 'STOPPED' }
    case 'SECTION_POSTPONED':
      return moveOn({
        ...view,
        steps: [
          ...view.steps.filter((s) => s.how.section !== event.section),
          ...view.steps.filter((s) => s.how.section === event.section),
        ],
      })
    case 'SECTION_DONE':
      return answered(saidNo(view, event), event, 'DONE')
    case 'SECTION_SKIPPED':
      return answered(view, event, 'SKIPPED')
    default:
      return view
  }
}

/** What a no means was said beforehand, one after the other; the last one ends the session. */
function saidNo(view: SessionView, event: EventForm): SessionView {
  const [next, ...further] = view.ifNo
  if (!next || (event.signal !== 'OPTED_OUT' && event.signal !== 'AFRAID')) return view
  const reaction = event.signal === 'AFRAID' ? next.afraid : next.optedOut
  return {
    ...view,
    ifNo: further,
    reaction: event.type === 'SIGNALLED' ? reaction : undefined,
    end: reaction.ends ? 'OPTED_OUT_TWICE' : view.end,
  }
}

function answered(view: SessionView, event: EventForm, outcome: 'DONE' | 'SKIPPED'): SessionView {
  return moveOn({
    ...view,
    steps: view.steps.map((step) => (step.how.section === event.section ? { ...step, outcome } : step)),
  })
}

function moveOn(view: SessionView): SessionView {
  const current = view.steps.find((step) => step.outcome === 'WAITING')?.how.section
  return { ...view, current, layer: 1, end: view.end ?? (current ? undefined : 'ALL_DONE') }
}
