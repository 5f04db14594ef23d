import type { ClosedView } from '@/api/types'

/** Places that are closed for the same reason, told once: all of the dog, or some places. */
export interface ClosedGroup {
  closed: ClosedView
  /** None: all of the dog. */
  places: ClosedView[]
}

/** Those that are closed alike together, in their order. */
export function closedTogether(closed: readonly ClosedView[]): ClosedGroup[] {
  const groups = new Map<string, ClosedGroup>()
  for (const one of closed) {
    const key = one.who + one.why.text
    const group = groups.get(key) ?? { closed: one, places: [] }
    if (!one.everywhere) group.places.push(one)
    groups.set(key, group)
  }
  return [...groups.values()]
}
