import type { CareJob } from '@/api/types'
import { choiceOf } from '@/api/words'

/** In a path: look-over. */
export const slugOf = (job: CareJob) => job.toLowerCase().replace('_', '-')

export function jobOf(slug: string): CareJob | undefined {
  const job = slug.toUpperCase().replace('-', '_')
  return JOBS.find((one) => one === job)
}

export const JOBS: readonly CareJob[] = ['LOOK_OVER', 'TEETH', 'EYES', 'EARS', 'FEET', 'NAILS', 'BATH']

export const titleOf = (job: CareJob) => choiceOf('CareJob', job).title

export const carePath = (dogId: number, job: CareJob) => `/dogs/${dogId}/care/${slugOf(job)}`

/** How often, in words. */
export function every(days: number): string {
  if (days === 0) return 'when you want it'
  if (days === 1) return 'every day'
  return days % 7 === 0 ? (days === 7 ? 'every week' : `every ${days / 7} weeks`) : `every ${days} days`
}

/** Millilitres as they can be measured: to five, small amounts finer. */
export function millilitres(value: number): string {
  const step = value < 20 ? 1 : value < 100 ? 5 : 10
  return `${Math.max(step, Math.round(value / step) * step)} ml`
}
