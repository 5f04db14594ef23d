import type { CoatKind, Region, Section } from '@/api/types'
import { sectionAt } from './areas'
import { inside, r, sampleCurve } from './geometry'
import { BODY, TAIL, type Point } from './landmarks'

/** What is drawn of one region's hair. */
export interface DrawnHair {
  kind: CoatKind
  millimetres: number
  pale: boolean
}

export interface PenStrokes {
  d: string
  kind: CoatKind
}

export interface HairDrawing {
  /** Tufts that stand out over the outline, to be filled like the coat. */
  fringe: { d: string; pale: boolean }[]
  /** Single strokes of the pen, on the body and on the tail. */
  strokes: PenStrokes[]
  tail: PenStrokes[]
}

/** Lie of the hair on each section, degrees: 0 toward the tail, 90 toward the ground. */
const LIE: Partial<Record<Section, number>> = {
  MUZZLE: 28,
  CROWN: 14,
  BEHIND_EAR_LEFT: 64,
  NECK_RUFF: 52,
  THROAT: 78,
  CHEST: 96,
  SHOULDER_LEFT: 66,
  BACK: 12,
  SIDE_LEFT: 38,
  BELLY: 52,
  ARMPIT_LEFT: 82,
  FRONT_LEG_LEFT: 94,
  FRONT_FOOT_LEFT: 104,
  THIGH_LEFT: 66,
  REAR_TROUSERS: 84,
  HIND_LEG_LEFT: 96,
  HIND_FOOT_LEFT: 104,
}

const REGION_OF: Partial<Record<Section, Region>> = {
  MUZZLE: 'HEAD',
  CROWN: 'HEAD',
  BEHIND_EAR_LEFT: 'EARS',
  NECK_RUFF: 'NECK',
  THROAT: 'NECK',
  CHEST: 'NECK',
  SHOULDER_LEFT: 'BODY',
  BACK: 'BODY',
  SIDE_LEFT: 'BODY',
  BELLY: 'BODY',
  ARMPIT_LEFT: 'BODY',
  THIGH_LEFT: 'BODY',
  FRONT_LEG_LEFT: 'LEGS',
  FRONT_FOOT_LEFT: 'LEGS',
  HIND_LEG_LEFT: 'LEGS',
  HIND_FOOT_LEFT: 'LEGS',
  REAR_TROUSERS: 'REAR',
}

/** The region a section on either side belongs to; undefined for ears and tail, drawn on their own. */
export function regionOf(section: Section): Region | undefined {
  return REGION_OF[section.replace('RIGHT', 'LEFT') as Section]
}

/** How each kind stands out over the outline: reach and breadth per mm of hair, and how it bends. */
const TUFT: Record<CoatKind, { reach: number; most: number; breadth: number; hang: number; step: number }> = {
  SMOOTH: { reach: 0, most: 0, breadth: 0, hang: 0, step: 40 },
  DOUBLE: { reach: 0.3, most: 36, breadth: 15, hang: 0.3, step: 10 },
  DROP: { reach: 0.34, most: 60, breadth: 8, hang: 1.1, step: 6 },
  CURLY: { reach: 0.3, most: 22, breadth: 12, hang: 0.1, step: 11 },
  WIRE: { reach: 0.34, most: 18, breadth: 5, hang: 0.3, step: 8 },
  FEATHERED: { reach: 0.26, most: 40, breadth: 8, hang: 0.9, step: 8 },
  CORDED: { reach: 0.4, most: 70, breadth: 11, hang: 1.2, step: 15 },
  HAIRLESS: { reach: 0, most: 0, breadth: 0, hang: 0, step: 40 },
}

/** Draws the coat that the owner described, the same way each time. */
export function drawHair(coat: Partial<Record<Region, DrawnHair>>): HairDrawing {
  const hairAt = (section: Section) => coat[section === 'TAIL_WHOLE' ? 'TAIL' : REGION_OF[section]!]
  return {
    fringe: [...fringe(BODY_EDGE, hairAt), ...fringe(TAIL_EDGE, hairAt)],
    strokes: strokes(BODY_PLACES, hairAt),
    tail: strokes(TAIL_PLACES, hairAt),
  }
}

type HairAt = (section: Section) => DrawnHair | undefined
type Random = () => number

/** A point of the outline, the way on from it and the way out. */
interface Edge {
  at: Point
  along: Point
  normal: Point
  section: Section
}

/** A point where a stroke may stand, with what chance gave it. */
interface Place {
  at: Point
  section: Section
  keep: number
  turn: number
  size: number
}

/** Where hair can stand is the same for every coat, so it is worked out once. */
const BODY_EDGE = edgeOf(BODY, sectionAt)
const TAIL_EDGE = edgeOf(TAIL, () => 'TAIL_WHOLE')
const FINE = 13
const BODY_PLACES = placesIn(BODY, [80, 120, 815, 645], (at) => (nearFace(at) ? undefined : sectionAt(at)), seeded(20))
const TAIL_PLACES = placesIn(TAIL, [745, 112, 915, 304], () => 'TAIL_WHOLE', seeded(21))

function edgeOf(outline: readonly Point[], sectionOf: (at: Point) => Section | undefined): Edge[] {
  const samples = sampleCurve(outline, 3)
  return samples.flatMap((at, i) => {
    const next = samples[(i + 1) % samples.length]!
    const along = unit(next[0] - at[0], next[1] - at[1])
    const normal: Point = [along[1], -along[0]]
    const section = sectionOf([at[0] - normal[0] * 6, at[1] - normal[1] * 6])
    return section ? [{ at, along, normal, section }] : []
  })
}

function placesIn(
  outline: readonly Point[],
  [left, top, right, bottom]: [number, number, number, number],
  sectionOf: (at: Point) => Section | undefined,
  random: Random,
): Place[] {
  const polygon = sampleCurve(outline, 8)
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

function fringe(edge: readonly Edge[], hairAt: HairAt) {
  const random = seeded(22)
  const paths: Record<'pale' | 'dark', string> = { pale: '', dark: '' }
  let walked = 0
  for (const { at, along, normal, section } of edge) {
    const hair = hairAt(section)
    if (!hair) continue
    walked += 3
    const tuft = TUFT[hair.kind]
    if (walked < tuft.step) continue
    walked = 0
    const reach = Math.min(tuft.most, hair.millimetres * tuft.reach) * bearded(section, hair.kind, at)
    if (reach < 2.5) continue
    paths[hair.pale ? 'pale' : 'dark'] +=
      hair.kind === 'CURLY'
        ? curl(at, normal, reach, random)
        : lock(at, normal, along, lieOf(section), reach, tuft.breadth, tuft.hang, random)
  }
  return toList(paths)
}

const FEET: readonly Section[] = ['FRONT_FOOT_LEFT', 'HIND_FOOT_LEFT']

/** Hair is kept off the nose and eyes, and off the soles; beards are fuller under the chin. */
function bearded(section: Section, kind: CoatKind, [x, y]: Point): number {
  if (y > 636) return 0.2
  if (FEET.includes(section)) return 0.5
  if (section !== 'MUZZLE') return 1
  const underChin = y > 286
  if (underChin) return kind === 'WIRE' || kind === 'DROP' ? 1.5 : 0.8
  return x < 130 ? 0.12 : 0.4
}

function lock(
  at: Point,
  normal: Point,
  along: Point,
  lie: Point,
  reach: number,
  breadth: number,
  hang: number,
  random: Random,
): string {
  const length = reach * (0.7 + 0.6 * random())
  const [lx, ly] = lie
  const [ux, uy] = unit(normal[0] + lx * 0.9, normal[1] + ly * 0.9 + hang * 0.6)
  const tip: Point = [at[0] + ux * length, at[1] + uy * length + hang * length * 0.25]
  const bulge: Point = [
    at[0] + normal[0] * length * 0.55 + lx * length * 0.2,
    at[1] + normal[1] * length * 0.55 + ly * length * 0.2,
  ]
  const half = breadth * (0.75 + 0.5 * random())
  const [a, b]: [Point, Point] = [
    [at[0] - along[0] * half - normal[0] * 5, at[1] - along[1] * half - normal[1] * 5],
    [at[0] + along[0] * half - normal[0] * 5, at[1] + along[1] * half - normal[1] * 5],
  ]
  return `M${p(a)}Q${p(bulge)} ${p(tip)}Q${r((at[0] + tip[0]) / 2)} ${r((at[1] + tip[1]) / 2)} ${p(b)}Z`
}

function curl(at: Point, normal: Point, reach: number, random: Random): string {
  const radius = Math.max(4, reach * (0.75 + 0.4 * random()))
  const [x, y] = [at[0] + normal[0] * radius * 0.25, at[1] + normal[1] * radius * 0.25]
  return `M${r(x - radius)} ${r(y)}a${r(radius)} ${r(radius)} 0 1 1 ${r(2 * radius)} 0a${r(radius)} ${r(radius)} 0 1 1 ${r(-2 * radius)} 0Z`
}

const GRID: Record<CoatKind, number> = {
  SMOOTH: 26,
  DOUBLE: 15,
  DROP: 14,
  CURLY: 17,
  WIRE: 14,
  FEATHERED: 17,
  CORDED: 22,
  HAIRLESS: 60,
}

function strokes(places: readonly Place[], hairAt: HairAt) {
  const paths = new Map<CoatKind, PenStrokes>()
  for (const { at, section, keep, turn, size } of places) {
    const hair = hairAt(section)
    // The tail is drawn as thick as it can be.
    if (!hair || (section !== 'TAIL_WHOLE' && keep > (FINE / GRID[hair.kind]) ** 2)) continue
    const entry = paths.get(hair.kind) ?? { d: '', kind: hair.kind }
    entry.d += stroke(at, lieOf(section, turn), hair, size)
    paths.set(hair.kind, entry)
  }
  return [...paths.values()]
}

function stroke(at: Point, [lx, ly]: Point, hair: DrawnHair, size: number): string {
  const long = Math.min(46, 5 + hair.millimetres * 0.26) * size
  switch (hair.kind) {
    case 'CURLY': {
      const radius = Math.min(7, 2.6 + hair.millimetres * 0.07) * size
      return `M${p(at)}a${r(radius)} ${r(radius)} 0 1 1 ${r(radius * 1.5)} ${r(radius * 0.9)}`
    }
    case 'DROP': {
      const [dx, dy] = unit(lx * 0.45, ly + 0.7)
      const end: Point = [at[0] + dx * long, at[1] + dy * long]
      return `M${p(at)}q${r(dx * long * 0.5 + 3)} ${r(dy * long * 0.5)} ${r(end[0] - at[0])} ${r(end[1] - at[1])}`
    }
    case 'CORDED':
      return `M${p(at)}q${r(3 * size)} ${r(long * 0.6)} 0 ${r(long * 1.2)}m5 0q${r(3 * size)} ${r(-long * 0.6)} 0 ${r(-long * 1.2)}`
    case 'HAIRLESS':
      return `M${p(at)}h1`
    case 'WIRE':
      return `M${p(at)}l${r(lx * long * 0.8)} ${r(ly * long * 0.8)}`
    default:
      return `M${p(at)}q${r(lx * long * 0.5 - ly * 2)} ${r(ly * long * 0.5 + lx * 2)} ${r(lx * long)} ${r(ly * long)}`
  }
}

/** The eye and the nose stay clear. */
function nearFace([x, y]: Point): boolean {
  return Math.hypot(x - 193, y - 204) < 22 || Math.hypot(x - 104, y - 258) < 30
}

function lieOf(section: Section, turn = 0): Point {
  const angle = section === 'TAIL_WHOLE' ? -0.35 + turn : ((LIE[section] ?? 60) * Math.PI) / 180 + turn
  return [Math.cos(angle), Math.sin(angle)]
}

function toList(paths: Record<'pale' | 'dark', string>) {
  return [
    { d: paths.dark, pale: false },
    { d: paths.pale, pale: true },
  ].filter((path) => path.d)
}

function unit(x: number, y: number): Point {
  const length = Math.hypot(x, y) || 1
  return [x / length, y / length]
}

function p([x, y]: Point): string {
  return `${r(x)} ${r(y)}`
}

function seeded(seed: number): Random {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}
