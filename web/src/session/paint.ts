import type { Section, SessionView } from '@/api/types'
import { matMark, type Paint } from '@/bodymap/paints'

/** The session on the coat map: what is in hand, what is to come, what is answered, and the knots and mats in it. */
export function sessionPaint(view: SessionView): Partial<Record<Section, Paint>> {
  const paint: Partial<Record<Section, Paint>> = {}
  if (!view.preparation) {
    view.places.forEach(({ how: { section }, outcome }) => {
      paint[section] = view.hand.includes(section)
        ? { fill: 'rgba(var(--v-theme-primary), 0.62)', says: 'now' }
        : outcome === 'WAITING'
          ? { fill: 'rgba(var(--v-theme-seam), 0.5)', says: 'to come' }
          : { fill: 'rgba(var(--v-theme-secondary), 0.55)', says: 'answered' }
    })
  }
  view.heed.mats.forEach((mat) => {
    paint[mat.section] = { ...paint[mat.section], mat: matMark(mat), says: 'a mat was left here' }
  })
  view.knots.forEach((section) => {
    paint[section] = { ...paint[section], letter: '✕', says: 'a knot was felt here' }
  })
  return paint
}
