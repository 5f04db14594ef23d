import choices from '@/api/choices'
import type { CareJob } from '@/api/types'
import { choiceOf } from '@/api/words'

/** In a path: look-over. */
export const slugOf = (job: CareJob) => job.toLowerCase().replace('_', '-')

export function jobOf(slug: string): CareJob | undefined {
  const job = slug.toUpperCase().replace('-', '_')
  return choices.CareJob.find((choice) => choice.value === job)?.value
}

export const titleOf = (job: CareJob) => choiceOf('CareJob', job).title

export const carePath = (dogId: number, job: CareJob) => `/dogs/${dogId}/care/${slugOf(job)}`

/** Millilitres as they can be measured: to five, small amounts finer. */
export function millilitres(value: number): string {
  const step = value < 20 ? 1 : value < 100 ? 5 : 10
  return `${Math.max(step, Math.round(value / step) * step)} ml`
}
