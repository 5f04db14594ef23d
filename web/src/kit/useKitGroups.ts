import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import type { NeedView, Section, SectionInfo, ToolKind } from '@/api/types'
import { toolName } from '@/api/words'
import { useUnits } from '@/shell/useUnits'
import { type Place, placesOf } from './places'

/** Places where the same tool leads, for the same reason. */
export interface KitGroup {
  letter: string
  kind: ToolKind
  /** The owner's tool, or what is asked for when none will do. */
  title: string
  /** What is wanted there, in short. */
  wants: string
  /** The tools in their turn, when all its places agree. */
  order: string
  wash: string
  need: NeedView
  sections: Section[]
  places: Place[]
}

const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ'
const WASHES = [
  'var(--v-theme-secondary), 0.42',
  'var(--v-theme-heather), 0.45',
  'var(--v-theme-slate), 0.45',
  'var(--v-theme-burr), 0.3',
  'var(--v-theme-seam), 0.7',
  'var(--v-theme-focus), 0.25',
]
const MISSING_WASH = 'rgba(var(--v-theme-primary), 0.5)'

/** The needs grouped by what leads, most places first, what is missing before all. */
export function useKitGroups(
  needs: MaybeRefOrGetter<NeedView[] | undefined>,
  named: MaybeRefOrGetter<Partial<Record<Section, SectionInfo>>>,
) {
  const { range, say } = useUnits()

  function wants(n: NeedView): string {
    if (!n.brushed) return say(n.reasons[0]!.text)
    if (!n.pinned || !n.pins || !n.pad) return ''
    return n.lead === 'SLICKER'
      ? `wires ${range(n.pins.minMillimetres, n.pins.maxMillimetres)}${n.gentle ? ', coated or flexible' : ''}`
      : `pins ${range(n.pins.minMillimetres, n.pins.maxMillimetres)}, ${n.pad.words} pad`
  }
  function keyOf(n: NeedView): string {
    return !n.brushed ? n.hairKind : n.own ? `own ${n.own.toolId} ${n.own.verdict}` : `missing ${n.lead} ${wants(n)}`
  }

  function orderOf(n: NeedView): string {
    return [...new Set(n.order.map((step) => toolName(step.tool, step.own)))].join(' → ')
  }

  return computed<KitGroup[]>(() => {
    const alike = new Map<string, NeedView[]>()
    toValue(needs)?.forEach((n) => alike.set(keyOf(n), [...(alike.get(keyOf(n)) ?? []), n]))
    const lists = [...alike.values()].sort((a, b) => rank(a[0]!) - rank(b[0]!) || b.length - a.length)
    return lists.map((list, i) => {
      const need = list[0]!
      const orders = new Set(list.map(orderOf))
      const all = [...new Set(list.map(wants))].filter(Boolean)
      return {
        letter: LETTERS[i]!,
        need,
        kind: need.own?.kind ?? need.lead,
        title: !need.brushed ? `${need.hairKind}: left in peace` : toolName(need.lead, need.own),
        order: orders.size === 1 && need.order.length > 1 ? orderOf(need) : '',
        wants: all.length > 2 ? `${all[0]} and others` : all.join('; '),
        wash: need.brushed && !need.own ? MISSING_WASH : `rgba(${WASHES[i % WASHES.length]})`,
        sections: list.map((n) => n.section),
        places: placesOf(
          list.map((n) => n.section),
          toValue(named),
        ),
      }
    })
  })
}

function rank(need: NeedView): number {
  return !need.brushed ? 2 : need.own ? 1 : 0
}
