import type { SectionInfo } from '@/api/types'

/** An expected number, honestly rounded; past so many they grow into one another and are not counted. */
export function about(expected: number, most = 5): string {
  if (expected < 0.05) return 'none'
  if (expected > most) return `${most}+`
  return expected < 10 ? expected.toFixed(1) : String(Math.round(expected))
}

/** So many mats on one dog are told apart. */
export const MOST_MATS = 20

/** "1 place", "3 places". */
export function places(count: number): string {
  return count === 1 ? '1 place' : `${count} places`
}

/** Places in the order of their regions, each region once. */
export function byRegion<T extends { section: string }>(
  lines: readonly T[],
  sections: readonly SectionInfo[],
): { label: string; lines: T[] }[] {
  const groups = new Map<string, { label: string; lines: T[] }>()
  for (const info of sections) {
    const line = lines.find((one) => one.section === info.section)
    if (!line) continue
    const group = groups.get(info.region) ?? { label: info.regionLabel, lines: [] }
    group.lines.push(line)
    groups.set(info.region, group)
  }
  return [...groups.values()]
}

export const WEEKDAYS = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'] as const

/** The day of the week of a date. */
export function weekday(iso: string): (typeof WEEKDAYS)[number] {
  return WEEKDAYS[(new Date(`${iso}T12:00:00Z`).getUTCDay() + 6) % 7]!
}
