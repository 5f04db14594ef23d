import type { SessionView } from '@/api/types'
import type { How } from './phrases'

type Tool = How['tools'][number]

/**
 * A place with only what is in hand: a tool that goes over the whole dog, or, at the place's own step, what is left.
 *
 * @param pass of the tool that goes round, from 1; absent: at the step
 */
export function inHand(how: How, view: Pick<SessionView, 'pass' | 'passes'>): How {
  if (!view.passes.length) return how
  // What is wiped over a proved coat is wiped once over the whole dog.
  const tools = how.tools.filter((tool) => tool.pass === view.pass && tool.manner !== 'LAST_WIPE')
  const parted = how.parted && tools.some((tool) => tool.parts)
  return {
    ...how,
    tools,
    seconds: how.seconds * share(tools),
    parted,
    hold: parted ? how.hold : how.holdUnparted,
    passes: view.pass ? { ...how.passes, finish: 'AS_IT_IS' } : how.passes,
  }
}

/** What is still to be done at the places that wait, seconds. */
export function secondsToGo({ places, passes, pass }: Pick<SessionView, 'places' | 'passes' | 'pass'>): number {
  const waits = (tool: Tool) => tool.pass === undefined || (pass !== undefined && tool.pass >= pass)
  return places
    .filter((place) => place.outcome === 'WAITING')
    .reduce((sum, { how }) => sum + how.seconds * (passes.length ? share(how.tools.filter(waits)) : 1), 0)
}

/** What the one big button says when a tool has been everywhere. */
export function nextTool({ passes, pass, places }: Pick<SessionView, 'places' | 'passes' | 'pass'>): string {
  const waiting = places.filter((place) => place.outcome === 'WAITING').map((place) => place.how)
  const next = passes.slice(pass).find((one) => waiting.some((how) => one.sections.includes(how.section)))
  if (next) return `Next: ${next.label}`
  const combs = (how: How) => how.tools.some((tool) => tool.pass === undefined && tool.tool.includes('COMB'))
  return waiting.some(combs) ? 'Now the comb' : 'Now a last look'
}

const share = (tools: Tool[]) => tools.reduce((sum, tool) => sum + tool.share, 0)
