import type { DayPlan, SectionInfo } from '@/api/types'

/** Places in the order of their regions, each region once. */
export function byRegion<T extends { section: string }>(
  lines: readonly T[],
  sections: readonly SectionInfo[],
): { label: string; lines: T[] }[] {
  const groups = new Map<string, { label: string; lines: T[] }>()
  for (const info of sections) {
    const line = lines.find((lane) => lane.section === info.section)
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

/** Whether it is the bath itself, not a step toward it. */
export function isBath(turn: DayPlan['care'][number]): boolean {
  return turn.job === 'BATH' && !turn.learning
}

/** What the small jobs at the table take, seconds; a bath comes besides the day's minutes. */
export function tableSeconds(day: Pick<DayPlan, 'care'>): number {
  return day.care.reduce((sum, turn) => sum + (isBath(turn) ? 0 : 60 * turn.minutes), 0)
}

/** What a day's brushing, practice and small jobs take, seconds. */
export function timeOf(day: Pick<DayPlan, 'care' | 'seconds' | 'practiceSeconds'>): number {
  return day.seconds + day.practiceSeconds + tableSeconds(day)
}

/** The cloth that stands for a dog: by weave and shade, so that colour is not needed. */
export function clothOf(dogs: readonly { id: number }[], dogId: number): string {
  return `cloth-${dogs.findIndex((dog) => dog.id === dogId) % 4}`
}

const MONTH = new Intl.DateTimeFormat('en-GB', { month: 'short' })
const MONTH_AND_YEAR = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric' })

/** Of 2026-05: "May", or with its year. */
export function monthName(month: string, year = false): string {
  return (year ? MONTH_AND_YEAR : MONTH).format(new Date(`${month}-15T12:00:00`))
}
