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
