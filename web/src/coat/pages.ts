/** The pages about a dog's coat. */
export function coatPages(dogId: number) {
  return [
    [`/dogs/${dogId}/coat`, 'Describe'],
    [`/dogs/${dogId}/coat/finder`, 'Find out'],
    [`/dogs/${dogId}/coat/measure`, 'Measure'],
    [`/dogs/${dogId}/coat/card`, 'Coat card'],
  ] as const
}
