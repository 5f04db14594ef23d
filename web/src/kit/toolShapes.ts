import type { ToolKind } from '@/api/types'

/** One drawn part of a tool, in a box of 80 × 140, handle down. */
export interface ToolPart {
  part: 'wood' | 'pad' | 'rubber' | 'metal' | 'wire' | 'dots' | 'line'
  d: string
}

/** The tool kinds as we draw them. */
export const TOOL_SHAPES: Record<ToolKind, readonly ToolPart[]> = {
  FINGERS: [
    {
      part: 'wood',
      d: 'M24 130V84L14 62q-2-7 5-7 6 1 9 12V26q0-6 5-6t5 6v28V16q0-6 5-6t5 6v38V22q0-6 5-6t5 6v36V36q0-5 5-5t5 5v50l-8 44Z',
    },
  ],
  CLOTH: [
    { part: 'pad', d: 'M10 40q16-14 30-4t30-2q6 30-4 54 6 20-4 36-16 10-30 2t-26 4q4-22-2-40 8-26 6-50Z' },
    { part: 'line', d: 'M22 56q14 8 34 0M18 92q20 10 42-2M36 40q-6 40 0 84' },
  ],
  MIST: [
    { part: 'pad', d: 'M24 62h32q8 4 8 14v48q0 8-8 8H24q-8 0-8-8V76q0-10 8-14Z' },
    { part: 'wood', d: 'M32 62V46h16v16ZM24 46V30h36l8 8v8Z' },
    { part: 'line', d: 'M24 46q-4 10-10 14M74 34h3M74 26l3-2M74 44l3 2' },
  ],
  PIN_BRUSH: [
    handle(96, 136, 9),
    { part: 'wood', d: ellipse(40, 52, 27, 47) },
    { part: 'pad', d: ellipse(40, 52, 21, 40) },
    { part: 'dots', d: dots(40, 52, 18, 37, 8, 2.2) },
  ],
  WOODEN_PIN_BRUSH: [
    handle(94, 136, 10),
    { part: 'wood', d: ellipse(40, 54, 29, 43) },
    { part: 'pad', d: ellipse(40, 54, 23, 36) },
    { part: 'wood', d: dots(40, 54, 19, 32, 11, 4) },
  ],
  THICK_PIN_BRUSH: [
    handle(98, 136, 9),
    { part: 'wood', d: 'M16 14q24-10 48 0v72q-10 12-24 14-14-2-24-14Z' },
    { part: 'pad', d: 'M22 20q18-7 36 0v62q-8 8-18 10-10-2-18-10Z' },
    { part: 'metal', d: dots(40, 52, 16, 32, 13, 3.2) },
  ],
  FLEXIBLE_PIN_BRUSH: [
    handle(94, 136, 8),
    { part: 'rubber', d: ellipse(40, 52, 26, 44) },
    { part: 'pad', d: ellipse(40, 52, 20, 37) },
    { part: 'line', d: tufts(40, 52, 17, 34) },
  ],
  SLICKER: [
    handle(78, 136, 8),
    { part: 'wood', d: 'M6 18q34-12 68 0l-4 52q-4 8-12 8H22q-8 0-12-8Z' },
    { part: 'pad', d: 'M13 24q27-9 54 0l-3 42H16Z' },
    { part: 'wire', d: bentWires() },
  ],
  COMB: [
    { part: 'metal', d: 'M14 6h12v128H14q-4 0-4-4V10q0-4 4-4Z' },
    { part: 'wire', d: teeth(26, 8, 68, 6.6, 40) + teeth(26, 73, 134, 3.3, 40) },
  ],
  ROTATING_COMB: [
    handle(76, 136, 9),
    { part: 'metal', d: 'M8 64h64v12H8q-4-6 0-12Z' },
    { part: 'wire', d: upTeeth(12, 68, 64, 7, 44) },
    { part: 'metal', d: [12, 19, 26, 33, 40, 47, 54, 61, 68].map((x) => ellipse(x, 64, 2.4, 2.4)).join('') },
  ],
  CURVED_COMB: [
    { part: 'metal', d: 'M22 8Q-10 70 22 132l9-6Q6 70 31 14Z' },
    { part: 'wire', d: curvedTeeth() },
  ],
  FACE_COMB: [
    handle(92, 134, 6),
    { part: 'metal', d: 'M18 26h10v70H18q-3-2-3-6V32q0-4 3-6Z' },
    { part: 'wire', d: teeth(28, 29, 95, 2.9, 24) },
  ],
  UNDERCOAT_RAKE: [
    handle(40, 136, 9),
    { part: 'wood', d: 'M8 28q32-10 64 0v14H8Z' },
    { part: 'metal', d: [14, 23, 32, 40, 48, 57, 66].map((x) => `M${x - 2.2} 28V9q2.2-4 4.4 0v19Z`).join('') },
  ],
  RUBBER_CURRY: [
    { part: 'rubber', d: ellipse(40, 70, 33, 46) },
    { part: 'pad', d: dots(40, 70, 26, 38, 11, 3.4) },
    { part: 'wood', d: 'M6 62q34-20 68 0v16q-34-20-68 0Z' },
  ],
  BRISTLE_BRUSH: [
    { part: 'wood', d: 'M14 20q26-16 52 0v56q-4 8-10 8l-8 2v44q-8 12-16 0V86l-8-2q-6 0-10-8Z' },
    { part: 'wire', d: bristles() },
  ],
  DETANGLING_GEL: [
    { part: 'pad', d: 'M20 26h40l-5 88H25Z' },
    { part: 'wood', d: 'M28 114h24v16H28ZM20 18h40v8H20Z' },
    { part: 'line', d: 'M30 48h20M31 60h18' },
  ],
  CORNSTARCH: [
    { part: 'pad', d: 'M20 44h40v82q0 6-6 6H26q-6 0-6-6Z' },
    { part: 'metal', d: 'M22 44q0-18 18-18t18 18Z' },
    {
      part: 'dots',
      d: [
        [32, 36],
        [40, 33],
        [48, 36],
      ]
        .map(([x, y]) => ellipse(x!, y!, 1.6, 1.6))
        .join(''),
    },
    { part: 'line', d: 'M28 70q12-8 24 0' },
  ],
  DRYER: [
    { part: 'pad', d: 'M12 84q0-16 16-16h24q16 0 16 16v40H12Z' },
    { part: 'metal', d: 'M52 22l22-6v24l-22-6Z' },
    { part: 'line', d: 'M40 68Q32 46 52 40V16Q24 20 28 68M24 96h32M24 106h32' },
    { part: 'wood', d: 'M16 124h12v8H16ZM52 124h12v8H52Z' },
  ],
  DESHEDDING_BLADE: [
    handle(54, 136, 10),
    { part: 'metal', d: 'M10 30h60v18H50l-4 8H34l-4-8H10Z' },
    { part: 'wire', d: upTeeth(12, 68, 30, 3.1, 9) },
  ],
  DEMATTING_BLADE: [
    handle(58, 136, 9),
    { part: 'metal', d: 'M18 46h44v12H18Z' },
    { part: 'metal', d: [22, 34, 46, 58].map((x) => `M${x - 2} 46V24q0-12-10-14 16-4 15 14v22Z`).join('') },
  ],
}

function ellipse(x: number, y: number, rx: number, ry: number): string {
  return `M${x - rx} ${y}a${rx} ${ry} 0 1 1 ${2 * rx} 0a${rx} ${ry} 0 1 1 ${-2 * rx} 0Z`
}

function handle(from: number, to: number, half: number): ToolPart {
  return {
    part: 'wood',
    d: `M${40 - half * 0.7} ${from}h${half * 1.4}q${half * 0.6} ${(to - from) * 0.5} ${half * 0.2} ${to - from - 4}q${-half * 0.9} 6 ${-half * 1.8} 0q${-half * 0.4} ${-(to - from) * 0.5} ${half * 0.2} ${-(to - from - 4)}Z`,
  }
}

/** Dots in rows within an ellipse. */
function grid(cx: number, cy: number, rx: number, ry: number, step: number): [number, number][] {
  const points: [number, number][] = []
  let row = 0
  for (let y = cy - ry + step / 2; y <= cy + ry; y += step, row++) {
    for (let x = cx - 4 * step + (row % 2 ? step / 2 : 0); x <= cx + 4 * step; x += step) {
      if (((x - cx) / rx) ** 2 + ((y - cy) / ry) ** 2 <= 1) points.push([x, y])
    }
  }
  return points
}
function dots(cx: number, cy: number, rx: number, ry: number, step: number, size: number): string {
  return grid(cx, cy, rx, ry, step)
    .map(([x, y]) => ellipse(x, y, size, size))
    .join('')
}
function tufts(cx: number, cy: number, rx: number, ry: number): string {
  return grid(cx, cy, rx, ry, 9)
    .map(([x, y]) => `M${x} ${y + 3}q3-3 2-7`)
    .join('')
}
function bentWires(): string {
  let d = ''
  for (let y = 28; y <= 58; y += 7.5) for (let x = 20; x <= 62; x += 6) d += `M${x} ${y + 5}l1-4 3-2`
  return d
}
function teeth(x: number, from: number, to: number, step: number, length: number): string {
  let d = ''
  for (let y = from; y <= to; y += step) d += `M${x} ${y.toFixed(1)}h${length}`
  return d
}
function upTeeth(from: number, to: number, y: number, step: number, length: number): string {
  let d = ''
  for (let x = from; x <= to; x += step) d += `M${x.toFixed(1)} ${y}v${-length}`
  return d
}
function curvedTeeth(): string {
  let d = ''
  for (let i = 0; i <= 22; i++) {
    const t = i / 22
    const y = 16 + 108 * t
    const x = 31 - 25 * Math.sin(Math.PI * t)
    d += `M${x.toFixed(1)} ${y.toFixed(1)}h${(34 + 8 * Math.sin(Math.PI * t)).toFixed(1)}`
  }
  return d
}
function bristles(): string {
  let d = ''
  for (let y = 24; y <= 76; y += 5) for (let x = 21; x <= 60; x += 4.5) d += `M${x} ${y}v3.4`
  return d
}
