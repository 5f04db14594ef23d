/** The pages about the dog's cooperation. */
export function trustPages(dogId: number) {
  return [
    [`/dogs/${dogId}/dog/trust`, 'Where it stands'],
    [`/dogs/${dogId}/dog/trust/why`, 'Why does it mind?'],
    [`/dogs/${dogId}/dog/trust/fuss`, 'Fuss or fear?'],
    [`/dogs/${dogId}/dog/trust/treats`, 'Treats'],
    [`/dogs/${dogId}/dog/trust/hands`, 'Positions and helpers'],
  ] as const
}

/** Where one ladder is practised. */
export function practicePath(dogId: number, spot: { subject: string; section?: string }): string {
  return `/dogs/${dogId}/practice?subject=${spot.subject}${spot.section ? `&section=${spot.section}` : ''}`
}
