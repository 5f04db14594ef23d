import type { Signal } from '@/api/types'

export const SIGNALS: { value: Signal; title: string; hint: string; key: string }[] = [
  { value: 'RELAXED', title: 'Relaxed', hint: 'loose, leans in, eats', key: '1' },
  { value: 'UNEASY', title: 'Uneasy', hint: 'licks lips, turns its head, pulls the leg', key: '2' },
  { value: 'OPTED_OUT', title: 'Opted out', hint: 'got up, left, mouthed the brush', key: '3' },
]

/** Whole kilocalories; below ten, halves matter to a small dog. */
export function kcal(value: number): string {
  return `${value < 10 ? (Math.round(value * 2) / 2).toString() : Math.round(value)} kcal`
}
