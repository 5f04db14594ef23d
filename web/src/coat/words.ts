import choices from '@/api/choices'
import type { CoatForm, RegionForm } from '@/api/types'

export const REGIONS = choices.Region

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
