import type { Section, SessionView } from '@/api/types'
import { labelOf, toolName } from '@/api/words'
import type { Line } from '@/shell/useWalk'
import type { Heed } from './heeds'

export type How = SessionView['places'][number]['how']

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}

/** What the hands use at a place and how, one after the other, and how the hair is left, in a line. */
export function toolLine(place: How): string {
  const used = place.tools.filter((tool) => tool.manner !== 'SEARCH')
  const turns = (used.length ? used : place.tools)
    .map((tool) => ({ ...tool, name: toolName(tool.tool, tool.own) }))
    // One comb that does both ends has proved it already, whatever comb was asked for.
    .filter(
      (tool, i, all) =>
        tool.manner !== 'PROVE_FINE' || all[i - 1]?.manner !== 'COMB_LAYERS' || all[i - 1]!.name !== tool.name,
    )
    .map((tool, i, all) => (all[i - 1]?.name === tool.name ? tool.brief : `${tool.name} ${tool.brief}`))
  const { finish } = place.passes
  const wiped = used.some((tool) => tool.manner === 'LAST_WIPE')
  const left = finish === 'AS_IT_IS' || wiped ? '' : `; ${labelOf('Finish', finish)}`
  return `${capital(turns.join(', then '))}${left}.`
}

/** What they are called together: a layer or a strip. */
export function partings({ layers }: Pick<How, 'layers'>): string {
  return `${labelOf('Parting', layers.parting)}s`
}

/** What most of these places are worked with, in a line. */
export function usualTools(places: readonly How[]): string {
  const lines = places.map(toolLine)
  const often = (line: string) => lines.filter((other) => other === line).length
  return lines.reduce((best, line) => (often(line) > often(best) ? line : best), lines[0] ?? '')
}

/** What is said of the mist beside the dog: that it never goes toward the face; absent: it does not come near it. */
export function mistNearTheFace(places: readonly How[]): string | undefined {
  const mist = places.find((place) => place.mist?.rule === 'routine.mist-face')?.mist
  return mist && `Mist ${mist.text}`
}

/** A place by its name within its step, which says the side already. */
export function nameWithin(name: string, label: string): string {
  const side = /^(left|right) /.exec(label)?.[0]
  return side && name.startsWith(side) ? name.slice(side.length) : name
}

/** Whether a comb proves the place in the end. */
export function proved(place: How): boolean {
  return (
    place.done === 'GLIDES' &&
    place.tools.some((tool) => tool.manner.startsWith('PROVE') || tool.manner === 'COMB_LAYERS')
  )
}

/** What the one big button says when all is well with these places. */
export function wellDone(places: readonly How[]): string {
  if (places.some(proved)) return 'It ran free'
  return places.some((place) => place.done === 'BRUSHED') ? 'Done, feels free' : 'Done here'
}

/** What it asks besides, of places with a warning that nobody has looked at yet, by their names within the step. */
export function tooOf(names: readonly string[]): string {
  if (!names.length) return ''
  return names.length > 2 ? `all ${names.length} marked places, too?` : `the ${names.join(' and the ')}, too?`
}

/** A line at a place, the hands' time at the owner's usual pace. */
export interface PlaceLine extends Line {
  place?: Section
  layer?: number
}

/** Of the time at a place, what the brush takes; the rest is the comb's. Own estimate. */
const BRUSHING = 0.8

/**
 * What the voice says at a step, from the grip to the comb.
 *
 * @param then      what lets the dog go, after the last step
 * @param goesRound whether it is a tool that goes over the whole dog: the comb comes later
 */
export function script(
  label: string,
  places: readonly How[],
  names: Partial<Record<Section, string>>,
  prompt?: string,
  heeds: readonly Heed[] = [],
  then?: string,
  goesRound = false,
): PlaceLine[] {
  const lines: PlaceLine[] = heeds.map((heed) => ({
    say: `Heed first. ${capital(names[heed.section] ?? '')}: ${heed.says}`,
    wait: 2,
  }))
  if (prompt) lines.push({ say: prompt, wait: 4 })
  const mist = mistNearTheFace(places)
  if (mist) lines.push({ say: mist, wait: 2 })
  places.forEach((place, i) => {
    const { section, layers } = place
    const name = capital(names[section] ?? '')
    const first = i === 0 && places.length > 1 ? `${capital(label)}. ${name}.` : `${name}.`
    const heed = heeds.some((one) => one.section === section) ? ' Look here first.' : ''
    const count = place.parted ? ` ${layers.count} ${partings(place)}, from the bottom up.` : ''
    const before = places[i - 1]
    const told = [
      before?.hold === place.hold ? '' : ` ${place.hold}`,
      before && toolLine(before) === toolLine(place) ? ' The same tools.' : ` ${toolLine(place)}`,
    ].join('')
    const each = (place.seconds * (goesRound ? 1 : BRUSHING)) / (place.parted ? layers.count : 1)
    lines.push({
      say: `${first}${heed}${told}${count}`,
      wait: each,
      place: section,
      layer: 1,
    })
    const one = labelOf('Parting', layers.parting)
    for (let layer = 2; place.parted && layer <= layers.count; layer++) {
      lines.push({
        say:
          layer === 2 ? `${place.strokesAtMost === 2 ? 'Two' : 'Two or three'} strokes, next ${one}.` : `Next ${one}.`,
        wait: each,
        place: section,
        layer,
      })
    }
  })
  const last = goesRound
    ? 'That was everywhere. Press, and take the next tool.'
    : places.some(proved)
      ? 'Now the comb, wide end, then fine, from the root right through. Press when it runs free.'
      : 'Feel along the skin. Press when it is done.'
  return [...lines, { say: then ? `${last} ${then}` : last, wait: 0 }]
}
