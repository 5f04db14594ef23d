/** The pages about a dog's days: what comes, and what was. */
export function dayPages(dogId: number) {
  return [
    [`/dogs/${dogId}/days`, 'When'],
    [`/dogs/${dogId}/days/thread`, 'The thread'],
    [`/dogs/${dogId}/days/groom`, 'The groomer'],
    [`/dogs/${dogId}/days/history`, 'What was done'],
    [`/dogs/${dogId}/days/months`, 'Over the months'],
  ] as const
}
