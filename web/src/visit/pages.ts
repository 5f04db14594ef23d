/** The pages about the groomer. */
export function groomPages(dogId: number) {
  return [
    [`/dogs/${dogId}/groom`, 'Visits'],
    [`/dogs/${dogId}/groom/sheet`, 'For the groomer'],
  ] as const
}
