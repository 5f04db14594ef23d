import { computed } from 'vue'
import { useHousehold } from '@/api/queries'
import type { DogForm, Household } from '@/api/types'
import { money } from './numbers'

const MM_PER_INCH = 25.4
const KG_PER_POUND = 0.45359237

// Made once: each takes longer to make than to use a hundred times.
const WEEKDAY = new Intl.DateTimeFormat('en-GB', { weekday: 'short' })
const MONTH = new Intl.DateTimeFormat('en-GB', { month: 'short' })

const TYPED: Record<Household['dateFormat'], string> = {
  DAY_MONTH: 'dd/mm/yyyy',
  MONTH_DAY: 'mm/dd/yyyy',
  YEAR_MONTH_DAY: 'yyyy-mm-dd',
}
const WEEKDAYS = ['SUNDAY', 'MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY']

const DEFAULTS: Pick<Household, 'lengthUnit' | 'massUnit' | 'dateFormat' | 'weekStart' | 'currency'> = {
  lengthUnit: 'MILLIMETRES',
  massUnit: 'KILOGRAMS',
  dateFormat: 'DAY_MONTH',
  weekStart: 'MONDAY',
  currency: 'EUR',
}

/** Shows lengths, masses, dates and durations the way the household likes them. */
export function useUnits() {
  const { data } = useHousehold()
  const settings = computed(() => data.value ?? DEFAULTS)
  const inches = computed(() => settings.value.lengthUnit === 'INCHES')
  const pounds = computed(() => settings.value.massUnit === 'POUNDS')

  function length(mm: number): string {
    return inches.value ? `${trim(mm / MM_PER_INCH, mm < 100 ? 2 : 1)} in` : `${trim(mm, mm < 30 ? 1 : 0)} mm`
  }
  function range(fromMm: number, toMm: number): string {
    return inches.value
      ? `${trim(fromMm / MM_PER_INCH, 2)}–${trim(toMm / MM_PER_INCH, 2)} in`
      : `${trim(fromMm, 0)}–${trim(toMm, 0)} mm`
  }
  /** A rate of growth a day. */
  function growth(mmPerDay: number): string {
    return inches.value ? `${trim(mmPerDay / MM_PER_INCH, 3)} in a day` : `${trim(mmPerDay, 2)} mm a day`
  }
  function mass(kg: number): string {
    return pounds.value ? `${trim(kg / KG_PER_POUND, 1)} lb` : `${trim(kg, 1)} kg`
  }
  /** What a dog weighs; nothing of one that was only looked at. */
  function weighed(dog: Pick<DogForm, 'kilograms' | 'weightGuessed'>): string {
    return dog.weightGuessed ? '' : mass(dog.kilograms)
  }
  function date(iso: string): string {
    const day = new Date(`${iso.slice(0, 10)}T12:00:00`)
    const weekday = WEEKDAY.format(day)
    const month = MONTH.format(day)
    if (settings.value.dateFormat === 'YEAR_MONTH_DAY') return `${weekday} ${iso.slice(0, 10)}`
    return settings.value.dateFormat === 'MONTH_DAY'
      ? `${weekday} ${month} ${day.getDate()}`
      : `${weekday} ${day.getDate()} ${month}`
  }
  /** A reason's text with its quantities, written {82 mm}, in the household's units and money. */
  function say(text: string): string {
    return text.replace(/\{([^ }]+) (mm|kg|date|money)\}/g, (_, value: string, unit: string) => {
      if (unit === 'mm') return length(Number(value))
      if (unit === 'kg') return mass(Number(value))
      return unit === 'money' ? money(settings.value.currency)(Number(value)) : date(value)
    })
  }
  /** The time of day of a moment, as the clock on the household's wall shows it. */
  function timeOfDay(at: string): string {
    return new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: data.value?.zone })
  }
  /** How a date is typed into a field. */
  const typedDate = computed(() => TYPED[settings.value.dateFormat])
  /** The day a week begins on, Sunday being 0. */
  const firstWeekday = computed(() => WEEKDAYS.indexOf(settings.value.weekStart))
  return {
    timeOfDay,
    typedDate,
    firstWeekday,
    inches,
    pounds,
    length,
    range,
    growth,
    mass,
    weighed,
    date,
    say,
    toMm: (shown: number) => (inches.value ? shown * MM_PER_INCH : shown),
    fromMm: (mm: number) => Number(trim(inches.value ? mm / MM_PER_INCH : mm, inches.value ? 2 : 1)),
    toKg: (shown: number) => (pounds.value ? shown * KG_PER_POUND : shown),
    fromKg: (kg: number) => Number(trim(pounds.value ? kg / KG_PER_POUND : kg, 1)),
  }
}

/** Minutes, honestly rounded: never finer than half a minute. */
export function minutes(seconds: number): string {
  if (seconds < 45) return '½ min'
  const halves = Math.round(seconds / 30)
  if (seconds >= 600 || halves % 2 === 0) return `${Math.round(seconds / 60)} min`
  return `${Math.floor(halves / 2)}½ min`
}

/** "today", "tomorrow", or in how many days. */
export function inDays(today: string, day: string): string {
  const days = daysBetween(today, day)
  if (days < 0) return days === -1 ? 'since yesterday' : `since ${-days} days`
  return days === 0 ? 'today' : days === 1 ? 'tomorrow' : `in ${days} days`
}

/** "today", "yesterday", or how many days ago. */
export function daysAgo(today: string, day: string): string {
  const days = daysBetween(day, today)
  return days === 0 ? 'today' : days === 1 ? 'yesterday' : `${days} days ago`
}

function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / 86_400_000)
}

function trim(value: number, digits: number): string {
  return String(Number(value.toFixed(digits)))
}
