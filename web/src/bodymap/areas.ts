import type { Section } from '@/api/types'
import { inside, r } from './geometry'
import type { Point } from './landmarks'

/**
 * The cut of the near side into sections. Areas list the corners they share with their neighbours,
 * and a cut between two corners bends the same way for both, so the areas tile without gap or
 * overlap; the dog's outline then clips what reaches over it.
 */
const CORNERS: Record<string, Point> = {
  // Outside the outline, in the order of the outline.
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
  chinOut: [214, 336],
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
  ['MUZZLE', 'browOut', 'brow', 'temple', 'ear', 'jaw', 'chinOut', 'jawOut', 'noseOut'],
  ['CROWN', 'browOut', 'skullOut', 'napeOut', 'temple', 'brow'],
  ['BEHIND_EAR_LEFT', 'napeOut', 'neckOut', 'nape', 'ear', 'temple'],
  ['NECK_RUFF', 'neckOut', 'withersOut', 'withers', 'point', 'throat', 'ear', 'nape'],
  ['THROAT', 'jaw', 'ear', 'throat', 'briskOut', 'chinOut'],
  ['CHEST', 'throat', 'point', 'forearm', 'foreOut', 'briskOut'],
  ['SHOULDER_LEFT', 'withers', 'back1', 'rib', 'elbow', 'crook', 'forearm', 'point'],
  ['BACK', 'withersOut', 'croupOut', 'hip', 'loin', 'back2', 'back1', 'withers'],
  ['SIDE_LEFT', 'back1', 'back2', 'loin', 'flank', 'groin', 'keel', 'elbow', 'rib'],
  ['BELLY', 'elbow', 'keel', 'groin', 'stifleOut', 'elbowOut'],
  ['ARMPIT_LEFT', 'crook', 'elbow', 'elbowOut', 'pit'],
  ['FRONT_LEG_LEFT', 'forearm', 'crook', 'pit', 'elbowOut', 'forePasternIn', 'forePasternOut', 'foreOut'],
  ['FRONT_FOOT_LEFT', 'forePasternOut', 'forePasternIn', 'foreHeelOut', 'foreToeOut'],
  ['THIGH_LEFT', 'loin', 'hip', 'seat', 'ham', 'knee', 'stifleOut', 'groin', 'flank'],
  ['REAR_TROUSERS', 'croupOut', 'rumpOut', 'hockOut', 'ham', 'seat', 'hip'],
  ['HIND_LEG_LEFT', 'stifleOut', 'knee', 'ham', 'hockOut', 'hindPasternOut', 'hindPasternIn'],
  ['HIND_FOOT_LEFT', 'hindPasternIn', 'hindPasternOut', 'hindToeOut', 'hindHeelOut'],
]

/** Where a far leg turns into a far foot. */
export const FAR_PASTERN_Y = 604

export interface SectionArea {
  section: Section
  path: string
  polygon: Point[]
}

/** The areas of the near side, as if it were the left one. */
export const AREAS: readonly SectionArea[] = NEAR_AREAS.map(([section, ...names]) => ({
  section,
  path: areaPath(names),
  polygon: names.flatMap((name, i) => cutPoints(name, names[(i + 1) % names.length]!)),
}))

/** The section whose area holds this point of the body; undefined outside of all. */
export function sectionAt(point: Point): Section | undefined {
  return AREAS.find((area) => inside(point, area.polygon))?.section
}

function areaPath(names: string[]): string {
  let path = `M${CORNERS[names[0]!]!.join(' ')}`
  names.forEach((from, i) => {
    const to = names[(i + 1) % names.length]!
    const bend = bendOf(from, to)
    path += (bend ? `Q${bend.join(' ')} ` : 'L') + CORNERS[to]!.join(' ')
  })
  return path + 'Z'
}

function cutPoints(from: string, to: string): Point[] {
  const [a, b, bend] = [CORNERS[from]!, CORNERS[to]!, bendOf(from, to)]
  if (!bend) return [a]
  return [0, 0.2, 0.4, 0.6, 0.8].map((t): Point => [
    r((1 - t) ** 2 * a[0] + 2 * t * (1 - t) * bend[0] + t * t * b[0]),
    r((1 - t) ** 2 * a[1] + 2 * t * (1 - t) * bend[1] + t * t * b[1]),
  ])
}

function bendOf(from: string, to: string): Point | undefined {
  return BENDS[`${from}-${to}`] ?? BENDS[`${to}-${from}`]
}
