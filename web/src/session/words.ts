import type { SessionView } from '@/api/types'

type Step = SessionView['steps'][number]
export type Comb = NonNullable<Step['comb']>

export const COMB_ANSWERS: { value: Exclude<Comb, 'NOT_COMBED'>; title: string; hint: string; key: string }[] = [
  { value: 'GLIDES', title: 'It glides', hint: 'from the root right through', key: '1' },
  { value: 'TANGLES_CLEARED', title: 'Tangles, now out', hint: 'found, worked out, comb runs free', key: '2' },
  { value: 'MAT_LEFT', title: 'A mat stays in', hint: 'left in peace for now', key: '3' },
]

export const ENDS: Record<NonNullable<SessionView['end']>, string> = {
  ALL_DONE: 'All done',
  STOPPED: 'Enough for today',
  OPTED_OUT_TWICE: 'The dog has had enough: a good place to stop',
}

/** What became of a section, in a few words. */
export function outcome(step: Step): string {
  if (step.outcome === 'WAITING') return 'not reached'
  if (step.outcome === 'SKIPPED') return 'left for another day'
  switch (step.comb) {
    case 'GLIDES': return 'comb glides'
    case 'TANGLES_CLEARED': return step.tangles === 1 ? '1 tangle out' : `${step.tangles} tangles out`
    case 'MAT_LEFT': return step.tangles === 1 ? 'a mat stays in' : `${step.tangles} found, a mat stays in`
    default: return 'not combed, the dog opted out'
  }
}
