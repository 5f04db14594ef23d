/** How one section is painted. */
export interface Paint {
  /** A CSS colour laid over the coat; absent: nothing is laid over it. */
  fill?: string
  /** A letter or number drawn on it, so that colour is not needed; absent: none. */
  letter?: string
  /** A small drawing on it, in a box of 80 by 140: its parts and how each is filled; absent: none. */
  sign?: readonly { part: string; d: string }[]
  /** 0 to 4 burrs drawn on it; absent: none. */
  burrs?: number
  /** A mat left in, by its size; absent: none. */
  mat?: string
  /** What is said of it after its name. */
  says?: string
}

const WASHES = [
  'transparent',
  '--v-theme-secondary, 0.22',
  '--v-theme-secondary, 0.42',
  '--v-theme-primary, 0.42',
  '--v-theme-primary, 0.72',
]

/** The wash for so many burrs: moss while it rests, rust when it is due. */
export function burrWash(burrs: number): string {
  return wash(WASHES[Math.min(4, burrs)]!)
}

/** A place that is closed for brushing: marked as well as dimmed. */
export const CLOSED_PAINT: Paint = { fill: 'rgba(var(--v-theme-ink), 0.4)', letter: '⊘', says: 'closed for brushing' }

const LADDER_STEPS = 10

/** How a mat left in is drawn; one that nobody looked at closely as a middling one. */
export function matMark(mat: { found?: { lump: string } } | undefined): string | undefined {
  return mat && (mat.found?.lump ?? 'UP_TO_20_MM')
}

/** Heather, the stronger the higher the dog stands on the ladder. */
export function rungWash(rung: number): string {
  return `rgba(var(--v-theme-heather), ${0.08 + (0.62 * rung) / LADDER_STEPS})`
}

function wash(spec: string): string {
  const [name, alpha] = spec.split(', ')
  return alpha ? `rgba(var(${name}), ${alpha})` : spec
}
