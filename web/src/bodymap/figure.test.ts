import { beforeAll, describe, expect, it } from 'vitest'
import choices from '@/api/choices'
import type { Section } from '@/api/types'
import { proportionsOf, type DrawnLooks } from './build'
import { figureOf, type Figure, type Outline } from './figure'
import { inside } from './geometry'
import { drawHair, type DrawnHair } from './hair'
import type { Point } from './landmarks'

const LOOKS: DrawnLooks[] = choices.Build.flatMap(({ value: build }, i) =>
  [false, true].map((puppy) => ({
    build,
    puppy,
    ears: choices.Ears[i % choices.Ears.length]!.value,
    tail: choices.TailShape[i % choices.TailShape.length]!.value,
  })),
)
const called = ({ build, puppy }: DrawnLooks) => `${build}${puppy ? ' puppy' : ''}`
const polygon = ({ edge }: Outline): Point[] => edge.map(({ at }) => at)
const LONG_DROP: DrawnHair = { kind: 'DROP', millimetres: 150, colour: 'PALE' }
const REGIONS = choices.Region.map(({ value }) => value)

/** The corners of a path of straight lines. */
function corners(path: string): Point[] {
  return [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]): Point => [Number(x), Number(y)])
}

/** Points all over an outline, off its very edge. */
function spread(within: readonly Point[], figure: Figure): { at: Point; sections: Section[] }[] {
  const points: { at: Point; sections: Section[] }[] = []
  for (let y = 41.3; y < 650; y += 7)
    for (let x = 21.7; x < 980; x += 7) {
      const at: Point = [x, y]
      if (inside(at, within))
        points.push({ at, sections: figure.areas.filter((a) => inside(at, a.polygon)).map((a) => a.section) })
    }
  return points
}

describe.each(LOOKS)('$build, puppy $puppy', (looks) => {
  const figure = figureOf(looks)
  let bare: ReturnType<typeof spread>
  beforeAll(() => void (bare = spread(polygon(figure.body), figure)))

  it('the places tile the bare dog without gap or overlap', () => {
    expect(bare.length).toBeGreaterThan(1200)
    expect(bare.filter(({ sections }) => sections.length !== 1)).toEqual([])
  })

  it('and the same dog in a coat to the ground', () => {
    const hair = drawHair(figure, Object.fromEntries(REGIONS.map((region) => [region, LONG_DROP])))
    const points = spread(corners(hair.body.path), figure)
    expect(points.length).toBeGreaterThan(bare.length)
    expect(points.filter(({ sections }) => sections.length !== 1)).toEqual([])
  })

  it('every place is large enough to touch, feet and armpits too', () => {
    const size = new Map<Section, number>()
    for (const { sections } of bare) size.set(sections[0]!, (size.get(sections[0]!) ?? 0) + 49)
    // In a drawing 400 pixels wide: about 9 by 9 of them, the least that a fingertip still finds.
    for (const { section } of figure.areas) expect(size.get(section) ?? 0, section).toBeGreaterThan(450)
  })

  it('stands on the ground within its box, its marks where they belong', () => {
    const all = [figure.body, figure.tail, figure.ear].flatMap(polygon)
    expect(Math.max(...all.map(([, y]) => y))).toBeCloseTo(652, -1)
    expect(Math.min(...all.map(([x]) => x))).toBeGreaterThan(20)
    expect(Math.max(...all.map(([x]) => x))).toBeLessThan(980)
    expect(Math.min(...all.map(([, y]) => y))).toBeGreaterThan(30)
    expect(inside(figure.eye, polygon(figure.body))).toBe(true)
    for (const part of [figure.ear, figure.tail]) expect(inside(part.mark, polygon(part)), called(looks)).toBe(true)
  })
})

describe('builds', () => {
  it('differ as they are said to', () => {
    const of = (build: DrawnLooks['build']) => proportionsOf({ build, ears: 'HANGING', tail: 'SABRE' })
    expect(of('LONG_AND_LOW').legs).toBeLessThan(0.6)
    expect(of('SLENDER').legs).toBeGreaterThan(of('SQUARE').legs)
    expect(of('FLAT_FACED').muzzle).toBeLessThan(0.4)
    expect(of('HEAVY').bone).toBeGreaterThan(of('FINE').bone)
  })
})

describe('hair', () => {
  const figure = figureOf({ build: 'SQUARE', ears: 'HANGING', tail: 'SABRE' })
  const area = (points: readonly Point[]) =>
    Math.abs(
      points.reduce((sum, [x, y], i) => {
        const [nx, ny] = points[(i + 1) % points.length]!
        return sum + (x * ny - nx * y) / 2
      }, 0),
    )
  const grown = (kind: DrawnHair['kind'], millimetres: number) =>
    area(
      corners(
        drawHair(figure, Object.fromEntries(REGIONS.map((r) => [r, { kind, millimetres, colour: 'GOLD' as const }])))
          .body.path,
      ),
    )

  it.each(['DOUBLE', 'DROP', 'CURLY', 'FLEECE', 'WIRE', 'FEATHERED', 'CORDED'] as const)(
    'longer %s hair never makes a smaller dog',
    (kind) => {
      const sizes = [12, 20, 40, 60, 90, 130, 200].map((mm) => grown(kind, mm))
      sizes.slice(1).forEach((size, i) => expect(size).toBeGreaterThanOrEqual(sizes[i]! * 0.999))
      expect(sizes[3]).toBeGreaterThan(area(polygon(figure.body)) * 1.02)
    },
  )

  it('long hair is longer on a small dog', () => {
    const small = figureOf({ build: 'SQUARE', ears: 'HANGING', tail: 'SABRE', kilograms: 3 })
    const large = figureOf({ build: 'SQUARE', ears: 'HANGING', tail: 'SABRE', kilograms: 40 })
    expect(small.unitsPerMm).toBeGreaterThan(2 * large.unitsPerMm)
  })
})
