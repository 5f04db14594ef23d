import { expect, it } from 'vitest'
import { byDay, byNight } from './palette'

/** Relative luminance and contrast as WCAG 2.2 defines them. */
function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const part = parseInt(hex.slice(at, at + 2), 16) / 255
    return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4
  }) as [number, number, number]
  return 0.2126 * r + 0.7152 * g + 0.0722 * b
}
function contrast(one: string, other: string): number {
  const [dark, light] = [luminance(one), luminance(other)].sort((a, b) => a - b) as [number, number]
  return (light + 0.05) / (dark + 0.05)
}
/** A colour laid over another one. */
function over(above: string, share: number, below: string): string {
  const mixed = [1, 3, 5].map((at) =>
    Math.round(share * parseInt(above.slice(at, at + 2), 16) + (1 - share) * parseInt(below.slice(at, at + 2), 16)),
  )
  return `#${mixed.map((part) => part.toString(16).padStart(2, '0')).join('')}`
}

const READ = 4.5
const SEEN = 3

it.each([
  ['day', byDay],
  ['night', byNight],
])('can be read by %s, also where a pattern or a wash lies beneath', (_, of) => {
  const cloths = [of.background, of.surface, of.wool]
  cloths.forEach((cloth) => {
    expect(contrast(of.ink, cloth)).toBeGreaterThan(READ)
    expect(contrast(of.primary, cloth)).toBeGreaterThan(READ)
    expect(contrast(of.error, cloth)).toBeGreaterThan(READ)
    expect(contrast(of.secondary, cloth)).toBeGreaterThan(SEEN)
    expect(contrast(of.heather, cloth)).toBeGreaterThan(SEEN)
    expect(contrast(of.focus, cloth)).toBeGreaterThan(SEEN)
  })
  expect(contrast(of['on-primary'], of.primary)).toBeGreaterThan(READ)
  expect(contrast(of['on-error'], of.error)).toBeGreaterThan(READ)
  expect(contrast(of.background, of.secondary)).toBeGreaterThan(READ)
  expect(contrast(of.background, of.heather)).toBeGreaterThan(READ)
  expect(contrast(of.background, of.error)).toBeGreaterThan(READ)
  // A dog's cloth in the week's bars, its letter on a piece of surface; ink over each wash at its strongest.
  ;[of.secondary, of.primary, of.heather, of.slate].forEach((wash) =>
    expect(contrast(of.ink, over(wash, 0.55, of.background))).toBeGreaterThan(SEEN),
  )
})
