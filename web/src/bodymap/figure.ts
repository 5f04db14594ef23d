import type { Section } from '@/api/types'
import { areasOf, sectionAt, type SectionArea } from './areas'
import {
  FAR_FRONT_BONE,
  FAR_HIND_BONE,
  NEAR_BONES,
  proportionsOf,
  thickened,
  unitsPerMm,
  warpOf,
  type DrawnLooks,
} from './build'
import { closedCurve, inside, sampleCurve } from './geometry'
import { BODY, EARS, EYE, FAR_FRONT_LEG, FAR_HIND_LEG, MOUTH, NOSE, PATCHES, TAILS, type Point } from './landmarks'

/** A point of an outline, the way on from it and the way out. */
export interface Edge {
  at: Point
  along: Point
  normal: Point
  section: Section
  /** Where it stands on the skeleton, by which the rules of a place ask. */
  base: Point
}

/** A point where a stroke of the pen may stand, with what chance gave it. */
export interface Place {
  at: Point
  section: Section
  keep: number
  turn: number
  size: number
}

export interface Outline {
  path: string
  edge: readonly Edge[]
}

/** One dog as it is built, bare: all that hair and paint are laid on. */
export interface Figure {
  body: Outline
  tail: Outline & { mark: Point }
  ear: Outline & {
    mark: Point
    /** It grows out from behind the skull. */
    behind: boolean
    fold?: string
    /** The ear of the other side, where it shows. */
    other?: string
  }
  farFront: Outline
  farHind: Outline
  areas: readonly SectionArea[]
  patches: string
  mouth: readonly Point[]
  eye: Point
  nose: Point
  /** Against the square dog. */
  eyeSize: number
  noseSize: number
  flat: boolean
  /** A millimetre of hair in the drawing's units. */
  unitsPerMm: number
  bodyPlaces: readonly Place[]
  tailPlaces: readonly Place[]
  earPlaces: readonly Place[]
  mark: (point: Point) => Point
  /** Where the feet of the far legs begin. */
  pasternY: number
}

/** Distance between two points of an outline, in the drawing's units. */
export const EDGE_STEP = 3
/** And between two places where a stroke may stand. */
export const FINE = 13

const figures = new Map<string, Figure>()

/** Worked out once for each look. */
export function figureOf(looks: DrawnLooks): Figure {
  const name = [looks.build, looks.ears, looks.tail, !!looks.puppy, looks.kilograms].join()
  const known = figures.get(name) ?? drawn(looks)
  figures.set(name, known)
  return known
}

function drawn(looks: DrawnLooks): Figure {
  const of = proportionsOf(looks)
  const built = warpOf(of)
  const [ear, tail] = [EARS[looks.ears], TAILS[looks.tail]]
  const bodyPoints = BODY.map((point) => built(thickened(point, NEAR_BONES, of)))
  const fit = fitted([...bodyPoints, ...ear.outline.map(built), ...tail.outline.map(built)], looks)
  const warp = (point: Point) => fit(built(point))
  const warped = (place: Place): Place => ({ ...place, at: warp(place.at) })
  const leg = (points: readonly Point[], bone: typeof FAR_FRONT_BONE, foot: Section, shank: Section) =>
    outline(
      points,
      (point) => fit(built(thickened(point, [bone], of))),
      ([, y]) => (y > 604 ? foot : shank),
    )
  return {
    body: outline(BODY, (point) => fit(built(thickened(point, NEAR_BONES, of))), sectionAt),
    tail: { ...outline(tail.outline, warp, () => 'TAIL_WHOLE'), mark: warp(tail.mark) },
    ear: {
      ...outline(ear.outline, warp, () => 'EAR_LEFT'),
      mark: warp(ear.mark),
      behind: ear.behind,
      fold: ear.fold && closedCurve(ear.fold.map(warp)),
      other: ear.behind ? closedCurve(ear.outline.map(([x, y]) => warp([x - 34, y + 6]))) : undefined,
    },
    farFront: leg(FAR_FRONT_LEG, FAR_FRONT_BONE, 'FRONT_FOOT_LEFT', 'FRONT_LEG_LEFT'),
    farHind: leg(FAR_HIND_LEG, FAR_HIND_BONE, 'HIND_FOOT_LEFT', 'HIND_LEG_LEFT'),
    areas: areasOf(warp),
    patches: PATCHES.map((patch) => closedCurve(patch.map(warp))).join(''),
    mouth: MOUTH.map(warp),
    eye: warp(of.muzzle < 0.5 ? [EYE[0] + 14, EYE[1]] : EYE),
    nose: warp(NOSE),
    eyeSize: of.eye * of.head,
    noseSize: of.muzzle < 0.5 ? 1 : Math.sqrt(of.muzzle) * 0.96,
    flat: of.muzzle < 0.5,
    unitsPerMm: unitsPerMm(looks),
    bodyPlaces: BODY_PLACES.map(warped),
    tailPlaces: placesIn(tail.outline, TAIL_BOX, () => 'TAIL_WHOLE', seeded(21)).map(warped),
    earPlaces: placesIn(ear.outline, EAR_BOX, () => 'EAR_LEFT', seeded(24)).map(warped),
    mark: warp,
    pasternY: warp([420, 604])[1],
  }
}

/** The box that the square dog fills: whatever is built otherwise fills it as well as it can, on the same ground. */
const BOX = { width: 845, height: 600, middle: 500, ground: 650 }

function fitted(points: readonly Point[], looks: DrawnLooks): (point: Point) => Point {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)]
  const [left, right, top] = [Math.min(...xs), Math.max(...xs), Math.min(...ys)]
  const most = looks.puppy ? 0.94 : 1.16
  const by = Math.min(most, BOX.width / (right - left), BOX.height / (BOX.ground - top))
  const middle = (left + right) / 2
  return ([x, y]) => [BOX.middle + (x - middle) * by, BOX.ground + (y - BOX.ground) * by]
}

function outline(
  points: readonly Point[],
  warp: (point: Point) => Point,
  sectionOf: (at: Point) => Section | undefined,
): Outline {
  const base = sampleCurve(points, EDGE_STEP)
  const warped = base.map(warp)
  const edge = warped.flatMap((at, i): Edge[] => {
    const next = warped[(i + 1) % warped.length]!
    const before = base[(i + base.length - 1) % base.length]!
    const after = base[(i + 1) % base.length]!
    const inward = unit(-(after[1] - before[1]), after[0] - before[0])
    const section = sectionOf([base[i]![0] + inward[0] * 6, base[i]![1] + inward[1] * 6])
    const along = unit(next[0] - at[0], next[1] - at[1])
    return section ? [{ at, along, normal: [along[1], -along[0]], section, base: base[i]! }] : []
  })
  return { path: closedCurve(warped.filter((_, i) => i % 4 === 0)), edge }
}

const BODY_BOX: Box = [80, 120, 815, 645]
const TAIL_BOX: Box = [640, 105, 915, 480]
const EAR_BOX: Box = [210, 50, 340, 370]
type Box = readonly [left: number, top: number, right: number, bottom: number]

/** Where strokes can stand on the skeleton is the same for every dog, so it is worked out once. */
const BODY_PLACES = placesIn(BODY, BODY_BOX, (at) => (nearFace(at) ? undefined : sectionAt(at)), seeded(20))

function placesIn(
  points: readonly Point[],
  [left, top, right, bottom]: Box,
  sectionOf: (at: Point) => Section | undefined,
  random: Random,
): Place[] {
  const polygon = sampleCurve(points, 8)
  const places: Place[] = []
  for (let gy = top; gy < bottom; gy += FINE) {
    for (let gx = left; gx < right; gx += FINE) {
      const at: Point = [gx + (random() - 0.5) * FINE, gy + (random() - 0.5) * FINE]
      const [keep, turn, size] = [random(), (random() - 0.5) * 0.5, 0.7 + 0.6 * random()]
      const section = inside(at, polygon) ? sectionOf(at) : undefined
      if (section) places.push({ at, section, keep, turn, size })
    }
  }
  return places
}

/** The eye and the nose stay clear. */
function nearFace([x, y]: Point): boolean {
  return Math.hypot(x - EYE[0], y - EYE[1]) < 22 || Math.hypot(x - NOSE[0], y - NOSE[1]) < 30
}

export type Random = () => number

/** The same numbers each time. */
export function seeded(seed: number): Random {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

export function unit(x: number, y: number): Point {
  const length = Math.hypot(x, y) || 1
  return [x / length, y / length]
}
