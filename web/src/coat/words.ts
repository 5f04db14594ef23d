import choices from '@/api/choices'
import type { CoatForm, CoatKindInfo, RegionForm } from '@/api/types'

export const REGIONS = choices.Region

/** Nothing is known yet, and nothing is taken for said. */
export const NEW_COAT: CoatForm = { regions: [], sheddingHeavily: false, neglected: false }

/** Every region of this kind, as it usually is; how long it is has to be measured. */
export function allOfKind({ kind, usualTexture, usuallyUndercoat }: CoatKindInfo): RegionForm[] {
  return REGIONS.map(({ value }) => ({
    region: value,
    kind,
    millimetres: 0,
    density: 'MEDIUM',
    texture: usualTexture,
    undercoat: usuallyUndercoat,
    clipped: false,
    colour: 'GOLD',
  }))
}
