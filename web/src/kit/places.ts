import type { NeedView, Section, SectionInfo } from '@/api/types'
import { otherSide, sideOf } from '@/bodymap/sides'

export interface Place {
  label: string
  section: Section
}

type Named = Partial<Record<Section, SectionInfo>>

/** Left and right of a pair as one place. */
export function placesOf(sections: readonly Section[], named: Named): Place[] {
  const all = new Set(sections)
  const both = (section: Section) => otherSide(section) !== section && all.has(otherSide(section))
  return sections
    .filter((section) => !(sideOf(section) === 'RIGHT' && both(section)))
    .map((section) => ({
      section,
      label: both(section) ? `${named[section]?.partLabel}, both` : (named[section]?.label ?? ''),
    }))
}

/** The places in one line; over `most` of them the rest is only counted. */
export function placesInShort(sections: readonly Section[], named: Named, most: number): string {
  const labels = placesOf(sections, named).map((place) => place.label)
  return labels.length > most
    ? `${labels.slice(0, most - 1).join('; ')} and ${labels.length - most + 1} more places`
    : labels.join('; ')
}

/** Everything that must stay off this dog somewhere, each harm once. */
export function neversOf(needs: readonly NeedView[] | undefined) {
  return [...new Map((needs ?? []).flatMap((need) => need.never).map((never) => [never.why.rule, never])).values()]
}
