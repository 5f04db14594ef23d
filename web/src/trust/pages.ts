/** The pages about the dog's cooperation. */
export function trustPages(dogId: number) {
  return [
    [`/dogs/${dogId}/trust`, 'Where it stands'],
    [`/dogs/${dogId}/trust/why`, 'Why does it mind?'],
    [`/dogs/${dogId}/trust/fuss`, 'Fuss or fear?'],
    [`/dogs/${dogId}/trust/treats`, 'Treats'],
    [`/dogs/${dogId}/trust/hands`, 'Positions and helpers'],
  ] as const
}

/** Where one ladder is practised. */
export function practicePath(dogId: number, spot: { subject: string; section?: string }): string {
  return `/dogs/${dogId}/practice?subject=${spot.subject}${spot.section ? `&section=${spot.section}` : ''}`
}
