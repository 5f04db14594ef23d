import type { CoatKind, Colour, Region, Section } from '@/api/types'
import { EDGE_STEP, FINE, seeded, unit, type Edge, type Figure, type Outline, type Place, type Random } from './figure'
import { r } from './geometry'
import type { Point } from './landmarks'

/** What is drawn of one region's hair. */
export interface DrawnHair {
  kind: CoatKind
  millimetres: number
  colour: Colour
}

export type DrawnCoat = Partial<Record<Region, DrawnHair>>

export interface PenStrokes {
  d: string
  kind: CoatKind
}

/** Tufts of one colour, to be filled like the coat. */
export interface Tufts {
  d: string
  colour: Colour
}

/** What stands out over one part of the dog: its outline with the hair on it, and the locks at its edge. */
export interface Haired {
  path: string
  tufts: Tufts[]
  /** Strokes of the pen in what stands out. */
  strokes: string
}

export interface HairDrawing {
  body: Haired
  tail: Haired
  ear: Haired
  farFront: Haired
  farHind: Haired
  /** Single strokes of the pen, on the body and on the tail. */
  strokes: PenStrokes[]
  tailStrokes: PenStrokes[]
  earStrokes: PenStrokes[]
}

/** Lie of the hair on each section, degrees: 0 toward the tail, 90 toward the ground. */
const LIE: Partial<Record<Section, number>> = {
  MUZZLE: 28,
  CROWN: 14,
  EAR_LEFT: 84,
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
  EAR_LEFT: 'EARS',
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
  TAIL_WHOLE: 'TAIL',
}

/** The region a section on either side belongs to. */
export function regionOf(section: Section): Region | undefined {
  return REGION_OF[section.replace('RIGHT', 'LEFT') as Section]
}

/**
 * How each kind stands out, in the drawing's units and judged by eye.
 *
 * bulk: the part of the hair's length by which the coat as a whole stands off; most: at most; hang: how much of that goes
 * down instead of out; lock: length of a lock at the edge for each mm; breadth and step of the locks.
 */
interface Manner {
  bulk: number
  most: number
  hang: number
  lock: number
  longest: number
  breadth: number
  step: number
}

const MANNER: Record<CoatKind, Manner> = {
  SMOOTH: { bulk: 0, most: 0, hang: 0, lock: 0, longest: 0, breadth: 0, step: 40 },
  DOUBLE: { bulk: 0.52, most: 66, hang: 0.14, lock: 0.17, longest: 17, breadth: 12, step: 11 },
  DROP: { bulk: 1, most: 230, hang: 0.94, lock: 0.2, longest: 30, breadth: 6, step: 6 },
  CURLY: { bulk: 0.55, most: 48, hang: 0.06, lock: 0.15, longest: 8, breadth: 9, step: 12 },
  FLEECE: { bulk: 0.5, most: 60, hang: 0.42, lock: 0.22, longest: 13, breadth: 11, step: 19 },
  WIRE: { bulk: 0.34, most: 26, hang: 0.3, lock: 0.26, longest: 13, breadth: 4, step: 7 },
  FEATHERED: { bulk: 0.62, most: 80, hang: 0.86, lock: 0.24, longest: 24, breadth: 7, step: 8 },
  CORDED: { bulk: 0.8, most: 200, hang: 0.92, lock: 0.22, longest: 34, breadth: 9, step: 14 },
  HAIRLESS: { bulk: 0, most: 0, hang: 0, lock: 0, longest: 0, breadth: 0, step: 40 },
}

/** Hair shorter than this lies on the skin and shows no bulk, mm. */
const lyingFlat = (kind: CoatKind) => (kind === 'DOUBLE' ? 18 : 9)
const GROUND_Y = 649

/** Draws the coat that the owner described on the dog as it is built, the same way each time. */
export function drawHair(figure: Figure, coat: DrawnCoat): HairDrawing {
  const hairAt: HairAt = (section) => coat[REGION_OF[section]!]
  const part = (outline: Outline) => haired(outline, hairAt, figure.unitsPerMm)
  return {
    body: part(figure.body),
    tail: part(figure.tail),
    ear: part(figure.ear),
    farFront: part(figure.farFront),
    farHind: part(figure.farHind),
    strokes: strokes(figure.bodyPlaces, hairAt),
    tailStrokes: strokes(figure.tailPlaces, hairAt),
    earStrokes: strokes(figure.earPlaces, hairAt),
  }
}

type HairAt = (section: Section) => DrawnHair | undefined

/** How far, to each side along the outline, one depth of hair passes into the next, in points of the outline. */
const BLENDED = 11

function haired({ edge, path }: Outline, hairAt: HairAt, unitsPerMm: number): Haired {
  const bare = edge.map((point) => offset(point, hairAt(point.section), unitsPerMm))
  if (bare.every(([x, y]) => x === 0 && y === 0)) return { path, tufts: locks(edge, edge, hairAt), strokes: '' }
  const near = (i: number) => bare[(i + bare.length) % bare.length]!
  const wide = 2 * BLENDED + 1
  let [x, y] = [0, 0]
  for (let k = -BLENDED - 1; k < BLENDED; k++) {
    x += near(k)[0]
    y += near(k)[1]
  }
  const out = edge.map((one, i): Edge => {
    const [comes, goes] = [near(i + BLENDED), near(i - BLENDED - 1)]
    x += comes[0] - goes[0]
    y += comes[1] - goes[1]
    return { ...one, at: [one.at[0] + x / wide, Math.min(GROUND_Y, one.at[1] + y / wide)] }
  })
  return {
    path: `M${out.map(({ at }) => p(at)).join('L')}Z`,
    tufts: locks(out, edge, hairAt),
    strokes: between(edge, out),
  }
}

/** From here on what stands out is deep enough to be drawn in, in the drawing's units. */
const DEEP = 12

/** Strokes from the skin to the edge of a deep coat, where the body's own strokes do not reach. */
function between(skin: readonly Edge[], out: readonly Edge[]): string {
  const random = seeded(23)
  let d = ''
  for (let i = 0; i < out.length; i += 2) {
    const [from, to] = [skin[i]!.at, out[i]!.at]
    const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
    const [begin, end] = [random() * 0.6, 0.55 + random() * 0.45]
    if (Math.hypot(dx, dy) < DEEP || end <= begin) continue
    const bend = (random() - 0.5) * 5
    d += `M${r(from[0] + dx * begin)} ${r(from[1] + dy * begin)}q${r((dx * (end - begin)) / 2 + bend)} ${r((dy * (end - begin)) / 2)} ${r(dx * (end - begin))} ${r(dy * (end - begin))}`
  }
  return d
}

/** How far the coat stands off at a point of the outline. */
function offset(edge: Edge, hair: DrawnHair | undefined, unitsPerMm: number): Point {
  if (!hair) return [0, 0]
  const { bulk, most, hang } = MANNER[hair.kind]
  const depth =
    Math.min(most, Math.max(0, hair.millimetres - lyingFlat(hair.kind)) * unitsPerMm * bulk) * share(edge, hair.kind)
  const [nx, ny] = edge.normal
  // What hangs falls from beneath and beside, and hardly lifts the line of the back.
  const down = Math.max(0, Math.min(1, ny + 0.42))
  return [depth * (nx * (1 - hang) + nx * 0.3 * hang), depth * (ny * (1 - hang) + down * hang)]
}

const FEET: readonly Section[] = ['FRONT_FOOT_LEFT', 'HIND_FOOT_LEFT']

/** Hair is kept off nose and eyes and off the soles; beards are fuller under the chin; feathers grow at the back of legs. */
function share({ base: [x, y], section, normal }: Edge, kind: CoatKind): number {
  if (y > 640) return 0.12
  if (FEET.includes(section)) return 0.4
  if (section === 'MUZZLE') {
    if (y > 286) return kind === 'WIRE' ? 1.7 : kind === 'DROP' ? 0.5 : 0.6
    return x < 130 ? 0.04 : 0.25
  }
  if (section === 'CROWN') return kind === 'DROP' || kind === 'FEATHERED' ? 0.4 : 0.75
  const leg = section === 'FRONT_LEG_LEFT' || section === 'HIND_LEG_LEFT'
  if (kind === 'FEATHERED') {
    // Short on the front of a leg and along the back, whatever hangs behind and below.
    if (leg) return normal[0] > 0.1 ? 0.75 : 0.06
    if (section === 'TAIL_WHOLE' || section === 'EAR_LEFT') return 0.8
    if (section === 'BELLY' || section === 'CHEST' || section === 'REAR_TROUSERS') return 1.5
    return 0.25
  }
  if (leg) return kind === 'DROP' || kind === 'CORDED' ? 0.4 : 0.7
  if (section === 'TAIL_WHOLE' && (kind === 'DROP' || kind === 'CORDED')) return 0.5
  if (section === 'EAR_LEFT' && kind === 'DOUBLE') return 0.3
  // The ruff of a coat that stands off, and the trousers.
  if (kind === 'DOUBLE' && (section === 'NECK_RUFF' || section === 'CHEST' || section === 'THROAT')) return 1.3
  return 1
}

/** Locks along the edge of the coat, in the colour of the place they grow from. */
function locks(edge: readonly Edge[], skin: readonly Edge[], hairAt: HairAt): Tufts[] {
  const random = seeded(22)
  const paths = new Map<Colour, string>()
  let walked = 0
  edge.forEach((one, i) => {
    const hair = hairAt(one.section)
    if (!hair) return
    const from = edge[(i + edge.length - 1) % edge.length]!
    walked += Math.min(4 * EDGE_STEP, Math.hypot(one.at[0] - from.at[0], one.at[1] - from.at[1]))
    const manner = MANNER[hair.kind]
    if (walked < manner.step) return
    walked = 0
    const long =
      Math.min(manner.longest, (hair.millimetres - lyingFlat(hair.kind) / 2) * manner.lock) *
      Math.min(1.2, share(skin[i]!, hair.kind) + 0.2)
    if (long < 2.2 || one.at[1] > GROUND_Y - 4) return
    paths.set(hair.colour, (paths.get(hair.colour) ?? '') + tuft(one, hair.kind, long, manner, random))
  })
  return [...paths].map(([colour, d]) => ({ d, colour }))
}

function tuft(edge: Edge, kind: CoatKind, long: number, manner: Manner, random: Random): string {
  if (kind === 'CURLY') return curl(edge, long, random)
  if (kind === 'FLEECE') return wave(edge, long, random)
  return lock(edge, lieOf(edge.section), long, manner, random)
}

function lock(
  { at, normal, along }: Edge,
  [lx, ly]: Point,
  reach: number,
  { breadth, hang }: Manner,
  random: Random,
): string {
  const length = reach * (0.7 + 0.6 * random())
  const [ux, uy] = unit(normal[0] + lx * 0.9, normal[1] + ly * 0.9 + hang * 0.8)
  const tip: Point = [at[0] + ux * length, Math.min(GROUND_Y, at[1] + uy * length + hang * length * 0.25)]
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

/** A round curl, as wool stands. */
function curl({ at, normal }: Edge, reach: number, random: Random): string {
  const radius = Math.max(5, reach * (0.8 + 0.4 * random()))
  const [x, y] = [at[0] - normal[0] * radius * 0.35, at[1] - normal[1] * radius * 0.35]
  return `M${r(x - radius)} ${r(y)}a${r(radius)} ${r(radius)} 0 1 1 ${r(2 * radius)} 0a${r(radius)} ${r(radius)} 0 1 1 ${r(-2 * radius)} 0Z`
}

/** A soft round lobe that falls to one side, as loose waves end. */
function wave({ at, normal, along }: Edge, reach: number, random: Random): string {
  const length = Math.max(6, reach * (0.8 + 0.5 * random()))
  const half = 10 + 3 * random()
  const foot = (side: number): Point => [
    at[0] + along[0] * half * side - normal[0] * 6,
    at[1] + along[1] * half * side - normal[1] * 6,
  ]
  const over = (side: number): Point => [
    at[0] + along[0] * half * side + normal[0] * length * 1.5,
    Math.min(GROUND_Y, at[1] + along[1] * half * side + normal[1] * length * 1.5 + 4),
  ]
  const [a, b] = [foot(-1), foot(1)]
  return `M${p(a)}C${p(over(-1))} ${p(over(0.9))} ${p(b)}Z`
}

const GRID: Record<CoatKind, number> = {
  SMOOTH: 26,
  DOUBLE: 15,
  DROP: 14,
  CURLY: 16,
  FLEECE: 18,
  WIRE: 14,
  FEATHERED: 17,
  CORDED: 20,
  HAIRLESS: 60,
}

/** A path's strokes lie within such a square, so that a browser draws only those it needs for a part of the screen. */
const SQUARE = 110

function strokes(places: readonly Place[], hairAt: HairAt) {
  const paths = new Map<string, PenStrokes>()
  for (const { at, section, keep, turn, size } of places) {
    const hair = hairAt(section)
    // The tail is drawn as thick as it can be.
    if (!hair || (section !== 'TAIL_WHOLE' && keep > (FINE / GRID[hair.kind]) ** 2)) continue
    const square = `${hair.kind} ${Math.floor(at[0] / SQUARE)} ${Math.floor(at[1] / SQUARE)}`
    const entry = paths.get(square) ?? { d: '', kind: hair.kind }
    entry.d += stroke(at, lieOf(section, turn), hair, size)
    paths.set(square, entry)
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
    case 'FLEECE': {
      // An S that lies with the hair.
      const [hx, hy] = [lx * long * 0.5, ly * long * 0.5 + 2]
      return `M${p(at)}q${r(hx * 0.5 - ly * 7)} ${r(hy * 0.5 + lx * 7)} ${r(hx)} ${r(hy)}q${r(hx * 0.5 + ly * 7)} ${r(hy * 0.5 - lx * 7)} ${r(hx)} ${r(hy)}`
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

function lieOf(section: Section, turn = 0): Point {
  const angle = section === 'TAIL_WHOLE' ? -0.35 + turn : ((LIE[section] ?? 60) * Math.PI) / 180 + turn
  return [Math.cos(angle), Math.sin(angle)]
}

function p([x, y]: Point): string {
  return `${r(x)} ${r(y)}`
}
