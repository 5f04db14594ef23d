/** "every day", "every 3 days". */
export function every(days: number): string {
  return days === 1 ? 'every day' : `every ${days} days`
}
