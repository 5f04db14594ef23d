import type { Section } from '@/api/types'
import { inside, r } from './geometry'
import type { Point } from './landmarks'

/**
 * The cut of the near side into sections. Areas list the corners they share with their neighbours,
 * and a cut between two corners bends the same way for both, so the areas tile without gap or
 * overlap; the dog's outline then clips what reaches over it.
 */
const CORNERS: Record<string, Point> = {
  // Just outside the outline, in its order.
  noseOut: [50, 190],
  browOut: [150, 176],
  skullOut: [150, 90],
  napeOut: [296, 100],
  neckOut: [362, 180],
  withersOut: [414, 200],
  croupOut: [752, 215],
  rumpOut: [860, 225],
  hockOut: [860, 440],
  hindPasternOut: [860, 604],
  hindToeOut: [860, 690],
  hindHeelOut: [640, 690],
  hindPasternIn: [640, 604],
  stifleOut: [648, 486],
  elbowOut: [452, 500],
  forePasternIn: [452, 604],
  foreHeelOut: [452, 690],
  foreToeOut: [310, 690],
  forePasternOut: [310, 604],
  foreOut: [318, 468],
  briskOut: [258, 356],
  chinOut: [221, 312],
  jawOut: [50, 336],
  // Inside.
  brow: [222, 196],
  temple: [262, 198],
  jaw: [228, 287],
  ear: [286, 288],
  nape: [326, 262],
  throat: [322, 330],
  withers: [396, 268],
  point: [350, 344],
  back1: [462, 284],
  back2: [560, 290],
  loin: [654, 292],
  hip: [734, 288],
  rib: [470, 350],
  flank: [642, 356],
  groin: [630, 412],
  keel: [540, 414],
  elbow: [452, 418],
  crook: [410, 428],
  forearm: [376, 428],
  pit: [408, 466],
  seat: [750, 352],
  ham: [750, 436],
  knee: [706, 458],
}

/** Far out from a corner, so that hair that stands out or hangs to the ground still belongs to a place. */
const FAR: Record<string, readonly [from: string, dx: number, dy: number]> = {
  noseFar: ['noseOut', -300, -90],
  browFar: ['browOut', -90, -120],
  skullFar: ['skullOut', -60, -120],
  napeFar: ['napeOut', 20, -120],
  neckFar: ['neckOut', 50, -120],
  withersFar: ['withersOut', 20, -120],
  croupFar: ['croupOut', 30, -120],
  rumpFar: ['rumpOut', 300, -120],
  hockFar: ['hockOut', 300, 10],
  hindPasternFar: ['hindPasternOut', 300, 0],
  hindToeFar: ['hindToeOut', 300, 60],
  hindHeelFar: ['hindHeelOut', 0, 60],
  foreHeelFar: ['foreHeelOut', 0, 60],
  foreToeFar: ['foreToeOut', -300, 60],
  forePasternFar: ['forePasternOut', -300, 0],
  foreFar: ['foreOut', -300, 10],
  briskFar: ['briskOut', -220, 70],
  chinFar: ['briskOut', -260, -6],
  jawFar: ['briskOut', -420, -40],
}

/** Where a cut is not straight: the point it bends toward. */
const BENDS: Record<string, Point> = {
  'temple-ear': [276, 244],
  'ear-nape': [312, 280],
  'nape-neckOut': [352, 222],
  'throat-briskOut': [288, 346],
  'withers-point': [356, 300],
  'point-throat': [334, 342],
  'withers-back1': [428, 282],
  'back1-rib': [474, 316],
  'rib-elbow': [470, 388],
  'flank-groin': [628, 384],
  'loin-flank': [640, 322],
  'hip-seat': [752, 316],
  'seat-ham': [758, 396],
  'ham-knee': [732, 456],
  'knee-stifleOut': [676, 456],
  'point-forearm': [372, 388],
  'loin-hip': [694, 284],
  'back2-loin': [608, 296],
  'jaw-ear': [258, 298],
  'forearm-foreOut': [352, 456],
  'hindPasternIn-hindPasternOut': [756, 590],
  'forePasternOut-forePasternIn': [392, 590],
  'crook-pit': [396, 450],
  'hip-croupOut': [754, 262],
  'browOut-brow': [194, 176],
}

type Area = readonly [section: Section, ...corners: string[]]

const NEAR_AREAS: readonly Area[] = [
  ['MUZZLE', 'browFar', 'browOut', 'brow', 'temple', 'ear', 'jaw', 'chinOut', 'chinFar', 'jawFar', 'noseFar'],
  ['CROWN', 'browOut', 'browFar', 'skullFar', 'napeFar', 'napeOut', 'temple', 'brow'],
  ['BEHIND_EAR_LEFT', 'napeOut', 'napeFar', 'neckFar', 'neckOut', 'nape', 'ear', 'temple'],
  ['NECK_RUFF', 'neckOut', 'neckFar', 'withersFar', 'withersOut', 'withers', 'point', 'throat', 'ear', 'nape'],
  ['THROAT', 'jaw', 'ear', 'throat', 'briskOut', 'briskFar', 'chinFar', 'chinOut'],
  ['CHEST', 'throat', 'point', 'forearm', 'foreOut', 'foreFar', 'briskFar', 'briskOut'],
  ['SHOULDER_LEFT', 'withers', 'back1', 'rib', 'elbow', 'crook', 'forearm', 'point'],
  ['BACK', 'withersOut', 'withersFar', 'croupFar', 'croupOut', 'hip', 'loin', 'back2', 'back1', 'withers'],
  ['SIDE_LEFT', 'back1', 'back2', 'loin', 'flank', 'groin', 'keel', 'elbow', 'rib'],
  // Down between the legs, where long hair hangs.
  [
    'BELLY',
    'elbow',
    'keel',
    'groin',
    'stifleOut',
    'hindPasternIn',
    'hindHeelFar',
    'foreHeelFar',
    'forePasternIn',
    'elbowOut',
  ],
  ['ARMPIT_LEFT', 'crook', 'elbow', 'elbowOut', 'pit'],
  [
    'FRONT_LEG_LEFT',
    'forearm',
    'crook',
    'pit',
    'elbowOut',
    'forePasternIn',
    'forePasternOut',
    'forePasternFar',
    'foreFar',
    'foreOut',
  ],
  ['FRONT_FOOT_LEFT', 'forePasternFar', 'forePasternOut', 'forePasternIn', 'foreHeelFar', 'foreToeFar'],
  ['THIGH_LEFT', 'loin', 'hip', 'seat', 'ham', 'knee', 'stifleOut', 'groin', 'flank'],
  ['REAR_TROUSERS', 'croupOut', 'croupFar', 'rumpFar', 'hockFar', 'hockOut', 'ham', 'seat', 'hip'],
  [
    'HIND_LEG_LEFT',
    'stifleOut',
    'knee',
    'ham',
    'hockOut',
    'hockFar',
    'hindPasternFar',
    'hindPasternOut',
    'hindPasternIn',
  ],
  ['HIND_FOOT_LEFT', 'hindPasternIn', 'hindPasternOut', 'hindPasternFar', 'hindToeFar', 'hindHeelFar'],
]

/** Where a far leg turns into a far foot. */
export const FAR_PASTERN_Y = 604

export interface SectionArea {
  section: Section
  path: string
  polygon: Point[]
}

/** The areas of the near side, as if it were the left one, on a dog whose points all stand where the warp puts them. */
export function areasOf(warp: (point: Point) => Point): SectionArea[] {
  const corner = (name: string): Point => {
    const [from, dx, dy] = FAR[name] ?? [name, 0, 0]
    const [x, y] = warp(CORNERS[from]!)
    return [x + dx, y + dy]
  }
  const bend = (from: string, to: string) => {
    const at = bendOf(from, to)
    return at && warp(at)
  }
  return NEAR_AREAS.map(([section, ...names]) => ({
    section,
    path: areaPath(names, corner, bend),
    polygon: names.flatMap((name, i) => {
      const next = names[(i + 1) % names.length]!
      return cutPoints(corner(name), corner(next), bend(name, next))
    }),
  }))
}

/** Those of the skeleton itself. */
export const AREAS: readonly SectionArea[] = areasOf((point) => point)

/** The section whose area holds this point of the body; undefined outside of all. */
export function sectionAt(point: Point): Section | undefined {
  return AREAS.find((area) => inside(point, area.polygon))?.section
}

function areaPath(
  names: readonly string[],
  corner: (name: string) => Point,
  bendAt: (from: string, to: string) => Point | undefined,
): string {
  const say = (point: Point) => point.map(r).join(' ')
  let path = `M${say(corner(names[0]!))}`
  names.forEach((from, i) => {
    const to = names[(i + 1) % names.length]!
    const bend = bendAt(from, to)
    path += (bend ? `Q${say(bend)} ` : 'L') + say(corner(to))
  })
  return path + 'Z'
}

function cutPoints(a: Point, b: Point, bend: Point | undefined): Point[] {
  if (!bend) return [a]
  return [0, 0.2, 0.4, 0.6, 0.8].map((t): Point => [
    (1 - t) ** 2 * a[0] + 2 * t * (1 - t) * bend[0] + t * t * b[0],
    (1 - t) ** 2 * a[1] + 2 * t * (1 - t) * bend[1] + t * t * b[1],
  ])
}

function bendOf(from: string, to: string): Point | undefined {
  return BENDS[`${from}-${to}`] ?? BENDS[`${to}-${from}`]
}
