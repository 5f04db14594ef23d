/** The pages about a dog's tools. */
export function toolPages(dogId: number) {
  return [
    [`/dogs/${dogId}/tools`, 'Which goes where'],
    [`/dogs/${dogId}/tools/buy`, 'What to buy'],
    [`/dogs/${dogId}/tools/schools`, 'Schools'],
    [`/dogs/${dogId}/tools/lesson`, 'Your hand'],
    [`/dogs/${dogId}/tools/card`, 'Kit card'],
  ] as const
}
