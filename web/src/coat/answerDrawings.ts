import type { Answer } from '@/api/types'

/** One drawn part of an answer, in a box of 120 × 80 with the skin at y = 66. */
export interface DrawnPart {
  part: 'hair' | 'coarse' | 'fluff' | 'skin' | 'rope' | 'water' | 'hand' | 'mark'
  d: string
}

const SKIN: DrawnPart = { part: 'skin', d: 'M6 66h108v8H6Z' }
const HAND: DrawnPart = {
  part: 'hand',
  d: 'M8 60q10-14 34-13 18-10 30-9 7 2 0 6l-14 5 38-3q9 1 3 6l6 2q4 4-3 6l-4 4q-6 6-16 6H44Q24 74 8 74Z',
}

/** Straight hairs that lean away from a parting in the middle. */
function parted(from: number, length: number, step: number): string {
  let d = ''
  for (let x = 8; x <= 112; x += step) {
    const away = (x - 60) / 60
    d += `M${x} 66q${(away * length * 0.3).toFixed(1)} ${-length * 0.7} ${(away * length * 0.9 + (x < 60 ? -4 : 4)).toFixed(1)} ${-length + Math.abs(from)}`
  }
  return d
}
function upright(length: number, step: number, lean = 2): string {
  let d = ''
  for (let x = 10, i = 0; x <= 110; x += step, i++)
    d += `M${x} 66q${lean} ${-length / 2} ${((i * 7) % 5) - 2 + lean} ${-length - ((i * 5) % 7)}`
  return d
}
function flat(rows: number): string {
  let d = ''
  for (let row = 0; row < rows; row++)
    for (let x = 8 + (row % 2) * 7; x < 104; x += 14) d += `M${x} ${64 - row * 5}q8-5 16-3`
  return d
}
function curls(x0: number, x1: number, y0: number, y1: number, step: number): string {
  let d = ''
  for (let y = y1, row = 0; y >= y0; y -= step, row++)
    for (let x = x0 + (row % 2) * step * 0.5; x <= x1; x += step) d += `M${x} ${y}a4 4 0 1 1 6-2a3 3 0 1 1-4-3`
  return d
}
function fluff(length: number): string {
  let d = ''
  for (let x = 8; x < 112; x += 4) d += `M${x} 66q3-${length / 3} 0-${length / 2}q-3-${length / 4} 1-${length / 2}`
  return d
}
function ropes(): string {
  let d = ''
  for (let x = 16; x <= 104; x += 15) d += `M${x} 66q-6-14 0-26t-1-28h9q6 14 0 28t1 26Z`
  return d
}
function drops(points: readonly (readonly [number, number])[]): string {
  return points.map(([x, y]) => `M${x} ${y}q-5 7 0 9q5-2 0-9Z`).join('')
}

/** What an owner would see for each answer; where it is long is drawn on the dog itself. */
export const ANSWER_DRAWINGS: Partial<Record<Answer, readonly DrawnPart[]>> = {
  ONE_LAYER: [SKIN, { part: 'hair', d: parted(0, 46, 6) }],
  TWO_LAYERS: [SKIN, { part: 'fluff', d: fluff(24) }, { part: 'coarse', d: parted(0, 52, 12) }],
  BARE_SKIN: [SKIN, { part: 'mark', d: 'M30 62h.1M54 63h.1M76 61h.1M96 63h.1' }],
  ROPES: [SKIN, { part: 'rope', d: ropes() }],

  SPRINGS_BACK: [
    {
      part: 'hair',
      d: 'M28 40c0-18 18-18 18 0s-14 18-12 2c2-20 22-20 22-2s-14 18-12 2c2-20 22-20 22-2s-14 18-12 2c2-20 22-20 22-2s-14 18-12 2c2-20 22-20 22-2',
    },
  ],
  LOOSE_WAVE: [{ part: 'hair', d: 'M8 42q13-22 26 0t26 0 26 0 26 0' }],
  STAYS_STRAIGHT: [{ part: 'hair', d: 'M8 40h104' }],
  TOO_SHORT: [
    { part: 'hair', d: 'M52 42q6-4 14-2' },
    { part: 'mark', d: 'M40 28v24M78 28v24' },
  ],

  SLEEK: [SKIN, { part: 'hair', d: flat(3) }],
  HARSH: [SKIN, { part: 'coarse', d: upright(22, 5, 7) }],
  SILKY: [
    {
      part: 'hair',
      d: 'M12 8q30 20 14 62M24 8q30 20 14 62M36 8q30 20 14 62M48 8q30 20 14 62M60 8q30 20 14 62M72 8q30 20 14 62M84 8q30 20 14 62',
    },
  ],
  WOOLLY: [{ part: 'hair', d: curls(14, 102, 14, 66, 11) }],

  SHORT_STIFF: [HAND, { part: 'coarse', d: 'M30 40l8-5M44 32l4-8M56 30l9-3M66 24l3-7M50 38l10-2M38 28l2-7M76 30l8-4' }],
  FLUFF: [
    HAND,
    {
      part: 'fluff',
      d: 'M30 40q-8-12 6-16 4-12 16-6 14-6 18 6 12 4 4 14-10 6-18 4-14 6-26-2ZM40 32q6-6 12 0t12-2M46 24q6-2 10 2',
    },
  ],
  FEW_LONG: [HAND, { part: 'hair', d: 'M18 30q30-26 74-12M26 40q26-22 70-14M40 22q20-14 44-12' }],
  ALMOST_NOTHING: [HAND, { part: 'hair', d: 'M52 32q8-4 14-2' }],

  UNTIL_CUT: [
    SKIN,
    { part: 'hair', d: 'M30 66Q24 30 34 4M44 66Q38 30 48 4M58 66Q52 30 62 4' },
    { part: 'mark', d: 'M92 60V10M84 20l8-12 8 12' },
  ],
  STOPS: [
    SKIN,
    { part: 'hair', d: 'M30 66Q26 48 32 34M44 66Q40 48 46 34M58 66Q54 48 60 34' },
    { part: 'mark', d: 'M80 30h24M92 60V38M86 46l6-8 6 8' },
  ],

  RUNS_OFF: [
    SKIN,
    { part: 'coarse', d: flat(4) },
    {
      part: 'water',
      d: drops([
        [24, 10],
        [48, 18],
        [72, 6],
        [98, 22],
        [112, 34],
      ]),
    },
  ],
  SOAKS_SLOWLY: [
    SKIN,
    { part: 'hair', d: curls(14, 102, 40, 64, 11) },
    {
      part: 'water',
      d: drops([
        [28, 8],
        [60, 14],
        [90, 8],
        [44, 36],
        [78, 38],
      ]),
    },
  ],
  WET_AT_ONCE: [
    SKIN,
    {
      part: 'hair',
      d: 'M14 22q6 22 2 44M30 20q6 22 2 46M46 22q6 22 2 44M62 20q6 22 2 46M78 22q6 22 2 44M94 20q6 22 2 46',
    },
    {
      part: 'water',
      d: drops([
        [22, 8],
        [54, 6],
        [86, 8],
        [24, 54],
        [56, 54],
        [88, 54],
      ]),
    },
  ],

  AT_ONCE: [SKIN, { part: 'hair', d: upright(36, 22) }],
  WHEN_PARTED: [SKIN, { part: 'hair', d: upright(38, 9) }],
  HARDLY: [SKIN, { part: 'hair', d: upright(40, 3.6) }],
}
