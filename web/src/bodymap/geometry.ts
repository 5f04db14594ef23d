import type { Point } from './landmarks'

const TENSION = 1 / 6

/** A smooth closed curve through the points, as an SVG path (Catmull–Rom as cubic Béziers). */
export function closedCurve(points: readonly Point[]): string {
  const n = points.length
  const at = (i: number) => points[(i + n) % n]!
  let path = `M${at(0).join(' ')}`
  for (let i = 0; i < n; i++) {
    const [p0, p1, p2, p3] = [at(i - 1), at(i), at(i + 1), at(i + 2)]
    path +=
      `C${r(p1[0] + (p2[0] - p0[0]) * TENSION)} ${r(p1[1] + (p2[1] - p0[1]) * TENSION)} ` +
      `${r(p2[0] - (p3[0] - p1[0]) * TENSION)} ${r(p2[1] - (p3[1] - p1[1]) * TENSION)} ${p2[0]} ${p2[1]}`
  }
  return path + 'Z'
}

/** Points along the same curve, about `step` apart, in order. */
export function sampleCurve(points: readonly Point[], step: number): Point[] {
  const n = points.length
  const at = (i: number) => points[(i + n) % n]!
  const samples: Point[] = []
  for (let i = 0; i < n; i++) {
    const [p0, p1, p2, p3] = [at(i - 1), at(i), at(i + 1), at(i + 2)]
    const parts = Math.max(1, Math.round(Math.hypot(p2[0] - p1[0], p2[1] - p1[1]) / step))
    for (let k = 0; k < parts; k++) {
      samples.push([
        catmullRom(p0[0], p1[0], p2[0], p3[0], k / parts),
        catmullRom(p0[1], p1[1], p2[1], p3[1], k / parts),
      ])
    }
  }
  return samples
}

/** Whether the point lies inside the polygon (even–odd rule). */
export function inside(point: Point, polygon: readonly Point[]): boolean {
  const [x, y] = point
  let within = false
  // By index, not taken apart: this is asked some million times for one drawing.
  for (let i = 0, j = polygon.length - 1; i < polygon.length; j = i++) {
    const a = polygon[i]!
    const b = polygon[j]!
    if (a[1] > y !== b[1] > y && x < ((b[0] - a[0]) * (y - a[1])) / (b[1] - a[1]) + a[0]) within = !within
  }
  return within
}

/** Rounds a coordinate, so that paths stay short. */
export function r(value: number): number {
  return Math.round(value * 10) / 10
}

function catmullRom(a: number, b: number, c: number, d: number, t: number): number {
  return 0.5 * (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - d) * t * t + (3 * b - a - 3 * c + d) * t * t * t)
}
