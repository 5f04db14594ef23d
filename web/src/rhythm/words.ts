import type { SectionRhythm } from '@/api/types'

export const STATES: Record<SectionRhythm['state'], string> = {
  RESTING: 'resting',
  DUE: 'due',
  OVERDUE: 'overdue',
  NEVER_CHECKED: 'not combed yet',
  MAT_LEFT: 'a mat is left',
  NOT_BRUSHED: 'left in peace',
}

/** "every day", "every 3 days". */
export function every(days: number): string {
  return days === 1 ? 'every day' : `every ${days} days`
}
