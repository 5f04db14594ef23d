/** The pages about a dog's tools. */
export function kitPages(dogId: number) {
  return [
    [`/dogs/${dogId}/kit`, 'Which goes where'],
    [`/dogs/${dogId}/kit/buy`, 'What to buy'],
    ['/drawer', 'The drawer'],
    [`/dogs/${dogId}/kit/schools`, 'Schools'],
    [`/dogs/${dogId}/kit/lesson`, 'Your hand'],
    [`/dogs/${dogId}/kit/card`, 'Kit card'],
  ] as const
}
