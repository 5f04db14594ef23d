/** The pages about a dog's coat. */
export function coatPages(dogId: number) {
  return [
    [`/dogs/${dogId}/dog/coat`, 'Describe'],
    [`/dogs/${dogId}/dog/coat/finder`, 'Find out'],
    [`/dogs/${dogId}/dog/coat/measure`, 'Measure'],
    [`/dogs/${dogId}/dog/coat/card`, 'Coat card'],
  ] as const
}
