<script setup lang="ts">
import { computed, ref } from 'vue'
import { useSections } from '@/api/queries'
import type { NeedView, Section } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import type { Paint } from '@/bodymap/CoatSide.vue'
import { useDrawnCoat } from '@/coat/useCoat'
import PageState from '@/shell/PageState.vue'
import { useUnits } from '@/shell/useUnits'
import NeedDetail from './NeedDetail.vue'
import { useMatch } from './useMatch'

const props = defineProps<{ dogId: number }>()

const { names } = useSections()
const { range } = useUnits()
const coat = useDrawnCoat(() => props.dogId)
const match = useMatch(() => props.dogId)

const chosen = ref<Section>()
const need = computed(() => match.data.value?.needs.find((n) => n.section === chosen.value))

interface Group { letter: string; title: string; detail: string; wash: string; places: Place[] }
interface Place { label: string; section: Section }

/** Places that ask for the same lead tool, pins and pad, most first. */
const groups = computed<Group[]>(() => {
  const alike = new Map<string, NeedView[]>()
  match.data.value?.needs.forEach((n) => {
    const key = `${n.lead.label}|${detailOf(n)}`
    alike.set(key, [...(alike.get(key) ?? []), n])
  })
  return [...alike.values()].sort((a, b) => b.length - a.length).map((needs, i) => ({
    letter: LETTERS[i]!, title: needs[0]!.lead.label, detail: detailOf(needs[0]!), wash: `rgba(${WASHES[i % WASHES.length]})`,
    places: placesOf(needs.map((n) => n.section)),
  }))
})
const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ'
const WASHES = ['var(--v-theme-secondary), 0.42', 'var(--v-theme-heather), 0.45', 'var(--v-theme-slate), 0.45', 'var(--v-theme-primary), 0.42', 'var(--v-theme-seam), 0.7']

const groupOf = computed(() => Object.fromEntries(groups.value.flatMap((group) =>
  group.places.flatMap((place) => bothOf(place.section).map((section) => [section, group] as const)))) as Partial<Record<Section, Group>>)
const paint = computed<Partial<Record<Section, Paint>>>(() => Object.fromEntries((match.data.value?.needs ?? []).map((n) => {
  const group = groupOf.value[n.section]
  return [n.section, { fill: group?.wash, letter: group?.letter, says: `${group?.letter}, ${n.lead.label}` }]
})))

function detailOf(n: NeedView): string {
  if (!n.lead.hasPins) return ''
  return n.pins && n.pad ? `pins ${range(n.pins.minMillimetres, n.pins.maxMillimetres)}, ${n.pad.words} pad` : 'no pins'
}

function bothOf(section: Section): Section[] {
  return section.endsWith('_LEFT') ? [section, section.replace('LEFT', 'RIGHT') as Section] : [section]
}

/** Left and right of a pair as one place. */
function placesOf(sections: Section[]): Place[] {
  return sections.filter((s) => !s.endsWith('_RIGHT')).map((section) => ({
    section, label: section.endsWith('_LEFT') ? `${names.value[section]?.replace('left ', '')}, both` : (names.value[section] ?? ''),
  }))
}
</script>

<template>
  <PageState :pending="!match.data.value" :error="match.error.value" @retry="match.refetch()">
    <div v-if="match.data.value" class="with-map">
      <CoatMap :names="names" :coat="coat" :paint="paint" :selected="chosen ? [chosen] : []" @choose="chosen = $event" />
      <div>
        <template v-if="need">
          <button type="button" class="back" @click="chosen = undefined">← the whole dog</button>
          <NeedDetail :need="need" :name="names[need.section]!" />
        </template>
        <template v-else>
          <h2>Which tool goes where</h2>
          <p class="quiet">Point at a place on the dog, or pick it below, for pins, order and reasons.</p>
          <section v-for="group in groups" :key="group.letter" class="lead">
            <span class="swatch slab" :style="{ background: group.wash }">{{ group.letter }}</span>
            <div>
              <h3>{{ group.title }}<small>{{ group.detail }}</small></h3>
              <p class="places">
                <button v-for="place in group.places" :key="place.section" type="button" @click="chosen = place.section">{{ place.label }}</button>
              </p>
            </div>
          </section>
          <hr class="seam" />
          <h3>On the table</h3>
          <ul class="table"><li v-for="tool in match.data.value.tools" :key="tool.kind">{{ tool.label }}</li></ul>
        </template>
      </div>
    </div>
  </PageState>
</template>

<style scoped>
.back { text-decoration: underline dotted; text-underline-offset: 4px; min-height: 44px; }
.lead { margin: 14px 0; display: grid; grid-template-columns: 40px 1fr; gap: 14px; }
.lead h3 { font-size: 1.3rem; margin-bottom: 6px; }
.lead h3::first-letter { text-transform: uppercase; }
.lead small { font: 400 1rem var(--sans); margin-left: 12px; }
.swatch { width: 40px; height: 40px; display: grid; place-items: center; font-size: 1.2rem; border-radius: 9px 7px 10px 6px; border: 1.5px solid rgb(var(--v-theme-ink)); }
.places { display: flex; flex-wrap: wrap; gap: 6px; max-width: none; }
.places button { min-height: 38px; padding: 4px 12px; border: 1.5px solid rgb(var(--v-theme-seam)); border-radius: 8px 7px 9px 6px; background: rgb(var(--v-theme-surface)); font-size: 0.95rem; }
.places button:hover { border-color: rgb(var(--v-theme-ink)); }
.table { display: flex; flex-wrap: wrap; gap: 4px 26px; padding-left: 18px; }
</style>
