<script setup lang="ts">
import { computed, ref } from 'vue'
import { useSections } from '@/api/queries'
import type { NeedView, Section } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import type { Paint } from '@/bodymap/CoatSide.vue'
import { useDrawnCoat } from '@/coat/useCoat'
import PageState from '@/shell/PageState.vue'
import NeedDetail from './NeedDetail.vue'
import { useMatch } from './useMatch'

const props = defineProps<{ dogId: number }>()

const { names } = useSections()
const coat = useDrawnCoat(() => props.dogId)
const match = useMatch(() => props.dogId)

const chosen = ref<Section>()
const need = computed(() => match.data.value?.needs.find((n) => n.section === chosen.value))

/** Sections that are led by the same tool, most first. */
const groups = computed(() => {
  const byLead = new Map<string, NeedView[]>()
  match.data.value?.needs.forEach((n) => byLead.set(n.lead.label, [...(byLead.get(n.lead.label) ?? []), n]))
  return [...byLead].map(([label, needs], i) => ({ label, needs, mark: MARKS[i % MARKS.length]! }))
    .sort((a, b) => b.needs.length - a.needs.length)
})
const MARKS = ['var(--v-theme-secondary), 0.45', 'var(--v-theme-heather), 0.5', 'var(--v-theme-slate), 0.5', 'var(--v-theme-primary), 0.5']

const paint = computed<Partial<Record<Section, Paint>>>(() => Object.fromEntries(groups.value.flatMap((group) =>
  group.needs.map((n) => [n.section, { fill: `rgba(${group.mark})`, says: group.label }]))))
const lead = (needs: NeedView[]) => needs.map((n) => names.value[n.section]).join(' · ')
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
          <section v-for="group in groups" :key="group.label" class="lead">
            <h3><span class="swatch" :style="{ background: `rgba(${group.mark})` }" />{{ group.label }} leads</h3>
            <p class="places" :aria-label="lead(group.needs)">
              <button v-for="n in group.needs" :key="n.section" type="button" @click="chosen = n.section">{{ names[n.section] }}</button>
            </p>
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
.lead { margin: 16px 0; }
.lead h3 { display: flex; align-items: center; gap: 10px; }
.lead h3::first-letter { text-transform: uppercase; }
.swatch { width: 22px; height: 16px; border-radius: 5px 3px 6px 4px; border: 1.5px solid rgb(var(--v-theme-ink)); }
.places { display: flex; flex-wrap: wrap; gap: 6px; max-width: none; }
.places button { min-height: 38px; padding: 4px 12px; border: 1.5px solid rgb(var(--v-theme-seam)); border-radius: 8px 7px 9px 6px; background: rgb(var(--v-theme-surface)); font-size: 0.95rem; }
.places button:hover { border-color: rgb(var(--v-theme-ink)); }
.table { display: flex; flex-wrap: wrap; gap: 4px 26px; padding-left: 18px; }
</style>
