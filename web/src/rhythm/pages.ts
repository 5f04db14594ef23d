/** The pages about when: what comes, and what was. */
export function whenPages(dogId: number) {
  return [
    [`/dogs/${dogId}/when`, 'What is due'],
    [`/dogs/${dogId}/when/thread`, 'The thread'],
    [`/dogs/${dogId}/when/learned`, 'What it learned'],
    [`/dogs/${dogId}/when/history`, 'What was done'],
  ] as const
}
