<script setup lang="ts">
import { computed } from 'vue'
import { messageOf } from '@/api/client'
import type { Section } from '@/api/types'
import { labelOf } from '@/api/words'
import { useUnits } from '@/shell/useUnits'
import FitMark from './FitMark.vue'
import PinReach from './PinReach.vue'
import { useComparison } from './useKit'

/** Two tools for one place, property by property, with the pins to scale. */
const props = defineProps<{ dogId: number; section: Section; first: number; second: number }>()

const { say } = useUnits()
const comparison = useComparison(
  () => props.dogId,
  () => props.section,
  () => props.first,
  () => props.second,
)
const sides = computed(() => (comparison.data.value ? [comparison.data.value.first, comparison.data.value.second] : []))
const pins = computed(() =>
  sides.value.flatMap((side) =>
    side.pinMillimetres === undefined ? [] : [{ mm: side.pinMillimetres, name: side.fit.shownName }],
  ),
)
const percent = (value: number | undefined) => (value === undefined ? '' : `${Math.round(value * 100)} %`)
</script>

<template>
  <div class="bg-surface rounded-cut-sm py-12 px-14 mt-4 mx-0 mb-12 min-h-120">
    <p v-if="comparison.error.value" role="alert">{{ messageOf(comparison.error.value) }}</p>
    <template v-else-if="comparison.data.value">
      <p class="why">
        <b>{{ say(comparison.data.value.why.text) }}</b>
      </p>
      <div class="cols flex flex-wrap gap-y-12 gap-x-24 items-start">
        <table class="border-collapse flex-[1_1_340px]">
          <caption class="text-left text-sm pb-4">
            For
            {{
              comparison.data.value.step
            }}
          </caption>
          <thead>
            <tr>
              <td />
              <th v-for="side in sides" :key="side.fit.toolId" scope="col">{{ side.fit.shownName }}</th>
              <th scope="col">here</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in comparison.data.value.rows" :key="row.property">
              <th scope="row">{{ labelOf('ToolProperty', row.property) }}</th>
              <td v-for="(part, i) in [row.first, row.second]" :key="i" :class="{ less: (part?.value ?? 1) < 0.8 }">
                {{ part ? say(part.have) : '–' }} <small>{{ percent(part?.value) }}</small>
              </td>
              <td>{{ say(row.want) }}</td>
            </tr>
            <tr class="sum">
              <th scope="row">together</th>
              <td v-for="side in sides" :key="side.fit.toolId"><FitMark :fit="side.fit" /></td>
              <td />
            </tr>
          </tbody>
        </table>
        <PinReach v-if="pins.length" :hair-mm="comparison.data.value.hairMillimetres" :pins="pins" />
      </div>
    </template>
  </div>
</template>

<style scoped>
th,
td {
  text-align: left;
  padding: 5px 12px 5px 0;
  border-bottom: 1.5px dashed rgb(var(--v-theme-seam));
  vertical-align: top;
  font-size: 0.95rem;
  line-height: 1.2;
}
th::first-letter {
  text-transform: uppercase;
}
.less {
  font-weight: 700;
  color: rgb(var(--v-theme-error));
}
.sum th,
.sum td {
  border-bottom: 0;
}
.cols > figure {
  flex: 1 1 300px;
}
</style>
