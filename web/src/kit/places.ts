import type { NeedView, Section } from '@/api/types'

export interface Place {
  label: string
  section: Section
}

type Names = Partial<Record<Section, string>>

/** Left and right of a pair as one place. */
export function placesOf(sections: readonly Section[], names: Names): Place[] {
  const all = new Set(sections)
  const paired = (s: Section) => s.endsWith('_RIGHT') && all.has(s.replace('RIGHT', 'LEFT') as Section)
  return sections
    .filter((s) => !paired(s))
    .map((section) => ({
      section,
      label:
        section.endsWith('_LEFT') && all.has(section.replace('LEFT', 'RIGHT') as Section)
          ? `${names[section]?.replace('left ', '')}, both`
          : (names[section] ?? ''),
    }))
}

/** The places in one line; over `most` of them the rest is only counted. */
export function placesInShort(sections: readonly Section[], names: Names, most: number): string {
  const labels = placesOf(sections, names).map((place) => place.label)
  return labels.length > most
    ? `${labels.slice(0, most - 1).join('; ')} and ${labels.length - most + 1} more places`
    : labels.join('; ')
}

/** Everything that must stay off this dog somewhere, each harm once. */
export function neversOf(needs: readonly NeedView[] | undefined) {
  return [...new Map((needs ?? []).flatMap((need) => need.never).map((never) => [never.why.rule, never])).values()]
}
