import type { Build, Ears, TailShape } from '@/api/types'
import type { Point } from './landmarks'

/** How a dog is made, so that its owner says "that is mine". */
export interface DrawnLooks {
  build: Build
  ears: Ears
  tail: TailShape
  /** A young dog of that build: a big head on short legs. */
  puppy?: boolean
  /** What it weighs: hair of one length is long on a small dog. Absent: as such dogs weigh. */
  kilograms?: number
}

export const PLAIN: DrawnLooks = { build: 'SQUARE', ears: 'HANGING', tail: 'SABRE' }

/** Factors against the square dog of the landmarks; all judged by eye. */
interface Proportions {
  legs: number
  length: number
  chest: number
  neck: number
  muzzle: number
  head: number
  /** How thick the legs are. */
  bone: number
  foot: number
  eye: number
  /** How far the belly is drawn up before the thigh, in the drawing's units. */
  tuck: number
  /** How far the breast stands out before the legs. */
  breast: number
}

const SQUARE: Proportions = {
  legs: 1,
  length: 1,
  chest: 1,
  neck: 1,
  muzzle: 1,
  head: 1,
  bone: 1,
  foot: 1,
  eye: 1,
  tuck: 0,
  breast: 0,
}

const BUILDS: Record<Build, Proportions> = {
  SQUARE,
  LONG_AND_LOW: { ...SQUARE, legs: 0.46, length: 1.2, neck: 0.9, head: 1.06, bone: 1.12, foot: 1.12, breast: 22 },
  STOCKY: {
    ...SQUARE,
    legs: 0.78,
    length: 0.96,
    chest: 1.16,
    neck: 0.72,
    muzzle: 0.74,
    head: 1.14,
    bone: 1.34,
    foot: 1.08,
    breast: 20,
  },
  FINE: {
    ...SQUARE,
    legs: 0.92,
    length: 0.86,
    chest: 0.82,
    neck: 0.94,
    muzzle: 0.66,
    head: 1.26,
    bone: 0.72,
    foot: 0.84,
    eye: 1.3,
    tuck: 14,
  },
  SLENDER: {
    ...SQUARE,
    legs: 1.16,
    length: 1.04,
    chest: 1.06,
    neck: 1.34,
    muzzle: 1.18,
    head: 0.86,
    bone: 0.72,
    foot: 0.9,
    tuck: 62,
    breast: 6,
  },
  FLAT_FACED: {
    ...SQUARE,
    legs: 0.68,
    length: 0.9,
    chest: 1.12,
    neck: 0.6,
    muzzle: 0.3,
    head: 1.26,
    bone: 1.16,
    eye: 1.25,
    breast: 18,
  },
  SPITZ: { ...SQUARE, legs: 0.92, length: 0.88, neck: 0.86, muzzle: 0.8, head: 1.02, bone: 0.96, foot: 0.92 },
  HEAVY: { ...SQUARE, legs: 0.93, length: 1.06, chest: 1.18, neck: 0.9, head: 1.14, bone: 1.36, foot: 1.2, breast: 14 },
}

/** Beyond these the chin would lie on the breast. */
const LEAST_NECK = 0.6
const MOST_HEAD = 1.4

const PUPPY: Partial<Proportions> = {
  legs: 0.84,
  length: 0.86,
  chest: 0.92,
  neck: 0.8,
  muzzle: 0.72,
  head: 1.24,
  foot: 1.14,
  eye: 1.22,
}

/** What a dog of a build weighs when nobody said. Own estimates. */
const USUAL_KILOGRAMS: Partial<Record<Build, number>> = { FINE: 5, FLAT_FACED: 8, HEAVY: 45, LONG_AND_LOW: 10 }
const WITHERS_UNITS = 420

/**
 * How long a millimetre of hair is on the drawn dog. Dogs of 3 kg stand about 200 mm at the withers, of 30 kg 570 mm: own
 * estimate.
 */
export function unitsPerMm({ build, kilograms }: DrawnLooks): number {
  const mass = kilograms || (USUAL_KILOGRAMS[build] ?? 14)
  return Math.max(0.55, Math.min(2.2, WITHERS_UNITS / (121 * mass ** 0.455)))
}

export function proportionsOf({ build, puppy }: DrawnLooks): Proportions {
  const grown = BUILDS[build]
  if (!puppy) return grown
  const young = { ...grown }
  for (const key of Object.keys(PUPPY) as (keyof Proportions)[]) young[key] *= PUPPY[key]!
  return { ...young, neck: Math.max(LEAST_NECK, young.neck), head: Math.min(MOST_HEAD, young.head), tuck: 0 }
}

/** Where the trunk ends and the legs begin, and where the feet do, on the landmarks. */
const TRUNK_Y = 430
const FOOT_Y = 604
const GROUND_Y = 650
const SHOULDER_X = 400
const HIP_X = 690
const BACK_Y = 240
/** From the withers to the poll, along which the neck is stretched, and the point about which the head grows. */
const WITHERS: Point = [385, 262]
const POLL: Point = [270, 192]
const HEAD: Point = [262, 232]
/** How far a neck of double length would carry the head. */
const NECK_REACH = 150
const STOP_X = 196
const NOSE_X = 88

/** 0 before `from`, 1 beyond `to`, smooth between. */
export function smooth(from: number, to: number, value: number): number {
  const t = Math.max(0, Math.min(1, (value - from) / (to - from)))
  return t * t * (3 - 2 * t)
}

/**
 * Where a point of the square dog stands on a dog of these proportions. One and the same for outline, areas and marks, so
 * that whatever tiles the one dog tiles the other.
 */
export function warpOf(of: Proportions): (point: Point) => Point {
  return ([x0, y0]) => {
    const headward = alongNeck(x0, y0)
    let [x, y] = muzzled(x0, y0, of.muzzle)
    // The head about itself, then away along the neck.
    const grow = 1 + (of.head - 1) * smooth(0.45, 1, headward)
    x = HEAD[0] + (x - HEAD[0]) * grow
    y = HEAD[1] + (y - HEAD[1]) * grow
    const reach = (of.neck - 1) * NECK_REACH * smooth(0, 1, headward)
    x -= 0.62 * reach
    y -= 0.78 * reach
    // The trunk: its length from the shoulder on, its depth upward from the brisket.
    x += Math.max(0, Math.min(x0, HIP_X) - SHOULDER_X) * (of.length - 1)
    y -= (of.chest - 1) * deepened(x0, y0)
    x -= of.breast * smooth(400, 320, x0) * smooth(300, 360, y0) * smooth(520, 440, y0)
    y -= of.tuck * smooth(450, 640, x0) * smooth(760, 700, x0) * smooth(300, 430, y0) * smooth(570, 480, y0)
    return [x, legged(y0, of.legs) + (y - y0)]
  }
}

/** 0 at the withers, 1 at the poll and beyond. */
function alongNeck(x: number, y: number): number {
  const [ax, ay] = [POLL[0] - WITHERS[0], POLL[1] - WITHERS[1]]
  return ((x - WITHERS[0]) * ax + (y - WITHERS[1]) * ay) / (ax * ax + ay * ay)
}

/** The muzzle shortened toward the stop; one that is very short is deep, and its nose stands high. */
function muzzled(x: number, y: number, muzzle: number): [number, number] {
  if (x >= STOP_X || y > 400) return [x, y]
  const before = (STOP_X - x) * muzzle
  const forward = smooth(STOP_X, NOSE_X, x)
  const flat = Math.max(0, 0.7 - muzzle)
  return [STOP_X - before, y - flat * 46 * forward * smooth(400, 320, y)]
}

/** How far a point rises when the chest is twice as deep: as a whole above the back and at the head. */
function deepened(x: number, y: number): number {
  const whole = TRUNK_Y - BACK_Y
  const within = Math.max(0, TRUNK_Y - Math.max(BACK_Y, y))
  const ahead = whole * smooth(TRUNK_Y + 40, 300, y)
  const trunk = smooth(240, 360, x)
  return within * trunk + ahead * (1 - trunk)
}

/** The legs shortened between the trunk and the feet; the ground stays, and short legs keep feet to touch. */
function legged(y: number, legs: number): number {
  const foot = 0.8 + 0.2 * Math.min(1, legs)
  const footTop = GROUND_Y - (GROUND_Y - FOOT_Y) * foot
  if (y >= FOOT_Y) return footTop + (y - FOOT_Y) * foot
  const shank = ((GROUND_Y - TRUNK_Y) * legs - (GROUND_Y - FOOT_Y) * foot) / (FOOT_Y - TRUNK_Y)
  return footTop - (FOOT_Y - Math.max(TRUNK_Y, y)) * shank - Math.max(0, TRUNK_Y - y)
}

/** The middle of a leg from the elbow or knee down: height and where it stands there. */
type Bone = readonly (readonly [y: number, x: number])[]

export const NEAR_BONES: readonly Bone[] = [
  [
    [500, 397],
    [600, 396],
    [640, 374],
  ],
  [
    [500, 762],
    [560, 764],
    [600, 758],
    [640, 738],
  ],
]
export const FAR_FRONT_BONE: Bone = [
  [490, 433],
  [600, 431],
  [640, 415],
]
export const FAR_HIND_BONE: Bone = [
  [500, 726],
  [560, 726],
  [600, 720],
  [640, 701],
]

/** Stouter or finer legs and feet, about the middle of the bone that is nearest. */
export function thickened(point: Point, bones: readonly Bone[], of: Proportions): Point {
  const [x, y] = point
  const bone = bones.reduce((a, b) => (Math.abs(middle(b, y) - x) < Math.abs(middle(a, y) - x) ? b : a))
  const by = of.bone + (of.foot - of.bone) * smooth(596, 626, y)
  return [x + (x - middle(bone, y)) * (by - 1) * smooth(462, 520, y), y]
}

function middle(bone: Bone, y: number): number {
  const above = [...bone].reverse().find(([at]) => at <= y) ?? bone[0]!
  const below = bone.find(([at]) => at > y) ?? bone[bone.length - 1]!
  const t = below[0] === above[0] ? 0 : (y - above[0]) / (below[0] - above[0])
  return above[1] + (below[1] - above[1]) * Math.max(0, Math.min(1, t))
}
