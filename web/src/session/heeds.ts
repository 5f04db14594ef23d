import type { Section, SessionView } from '@/api/types'

type Mat = SessionView['heed']['mats'][number]

/** What hands must know of a place before they go on there; the gravest of each place. */
export interface Heed {
  section: Section
  what: 'CLOSED' | 'MAT' | 'KNOT' | 'LIKELY' | 'WET'
  says: string
}

/**
 * Of the places in hand, in their order.
 *
 * @param reason   a reason as it is shown
 * @param matWords when a mat was left, and how large it was
 */
export function heedsOf(
  view: Pick<SessionView, 'hand' | 'knots' | 'heed'>,
  reason: (text: string) => string,
  matWords: (mat: Mat) => string,
): Heed[] {
  const { closed, mats, likely, wet } = view.heed
  return view.hand.flatMap((section) => {
    const shut = closed.find((place) => place.section === section)
    if (shut) return { section, what: 'CLOSED', says: reason(shut.why.text) } as const
    const mat = mats.find((left) => left.section === section)
    if (mat) return { section, what: 'MAT', says: `a mat was left here ${matWords(mat)}. Look at it first.` } as const
    if (view.knots.includes(section))
      return { section, what: 'KNOT', says: 'you felt a knot here: fingers first, from the ends inward.' } as const
    if (likely.includes(section))
      return {
        section,
        what: 'LIKELY',
        says: 'a mat is likely by now: fingers and mist first, then from the ends inward.',
      } as const
    if (wet.includes(section))
      return {
        section,
        what: 'WET',
        says: 'it was wet since a comb last ran free: hair that dried in clumps is opened with the fingers and is no mat; only the comb can tell.',
      } as const
    return []
  })
}
