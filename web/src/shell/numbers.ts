/** Prices as the household writes them. */
export function money(currency: string, digits = 0): (amount: number) => string {
  const format = new Intl.NumberFormat('en-GB', {
    style: 'currency',
    currency,
    maximumFractionDigits: digits,
    minimumFractionDigits: 0,
  })
  return (amount) => format.format(amount)
}

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
