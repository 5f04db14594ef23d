/** Whole kilocalories; below ten, halves matter to a small dog. */
export function kcal(value: number): string {
  return `${value < 10 ? (Math.round(value * 2) / 2).toString() : Math.round(value)} kcal`
}

/** A piece of a treat, to a tenth of a gram; under one gram finer. */
export function grams(value: number): string {
  return `${value < 1 ? Number(value.toFixed(2)) : Number(value.toFixed(1))} g`
}
