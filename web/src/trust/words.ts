import type { Signal } from '@/api/types'

export const SIGNALS: { value: Signal; title: string; hint: string; key: string }[] = [
  { value: 'RELAXED', title: 'Relaxed', hint: 'loose, leans in, eats', key: '1' },
  { value: 'UNEASY', title: 'Uneasy', hint: 'licks lips, turns its head, pulls the leg', key: '2' },
  { value: 'OPTED_OUT', title: 'Opted out', hint: 'got up, left, mouthed the brush', key: '3' },
  { value: 'AFRAID', title: 'A fear sign', hint: 'will not eat, trembles, tucked, wide pupils', key: '4' },
]

export function signalTitle(signal: Signal): string {
  return SIGNALS.find((one) => one.value === signal)!.title.toLowerCase()
}

/** Whole kilocalories; below ten, halves matter to a small dog. */
export function kcal(value: number): string {
  return `${value < 10 ? (Math.round(value * 2) / 2).toString() : Math.round(value)} kcal`
}

/** A piece of a treat, to a tenth of a gram; under one gram finer. */
export function grams(value: number): string {
  return `${value < 1 ? Number(value.toFixed(2)) : Number(value.toFixed(1))} g`
}
