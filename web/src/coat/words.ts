import type { CoatForm, Region, RegionForm } from '@/api/types'

export const REGIONS: { value: Region; title: string }[] = [
  { value: 'HEAD', title: 'Head' },
  { value: 'EARS', title: 'Ears' },
  { value: 'NECK', title: 'Neck and chest' },
  { value: 'BODY', title: 'Body' },
  { value: 'LEGS', title: 'Legs and feet' },
  { value: 'REAR', title: 'Rear and trousers' },
  { value: 'TAIL', title: 'Tail' },
]

export const DENSITIES: { value: RegionForm['density']; title: string; hint: string }[] = [
  { value: 'SPARSE', title: 'Sparse', hint: 'skin shows when you blow on it' },
  { value: 'MEDIUM', title: 'Medium', hint: 'you part it and see skin' },
  { value: 'DENSE', title: 'Dense', hint: 'hard to find the skin' },
]

export const TEXTURES: { value: RegionForm['texture']; title: string }[] = [
  { value: 'SILKY', title: 'Silky' },
  { value: 'SOFT', title: 'Soft' },
  { value: 'CURLY', title: 'Curled' },
  { value: 'HARSH', title: 'Harsh' },
]

const FIRST_GUESS: Omit<RegionForm, 'region'> = {
  kind: 'CURLY',
  millimetres: 40,
  density: 'MEDIUM',
  texture: 'CURLY',
  undercoat: false,
  pale: false,
}

/** Something to draw and change while nothing is known yet. */
export const NEW_COAT: CoatForm = {
  regions: REGIONS.map(({ value }) => ({ region: value, ...FIRST_GUESS })),
  sheddingHeavily: false,
  neglected: false,
}
