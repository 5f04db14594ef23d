<script setup lang="ts">
import { computed } from 'vue'
import type { RegionReadings } from '@/api/types'
import { useUnits } from '@/shell/useUnits'

/** The readings as hairs standing on the days they were measured; the same numbers stand in the list beside it. */
const props = defineProps<{ of: RegionReadings }>()

const { length, date } = useUnits()
const WIDTH = 420
const SKIN = 150
const bars = computed(() => {
  const readings = props.of.readings
  const first = Date.parse(readings[0]!.day)
  const span = Math.max(1, Date.parse(readings[readings.length - 1]!.day) - first)
  const most = Math.max(...readings.map((r) => r.millimetres), 20)
  return readings.map((r) => ({
    ...r,
    x: 36 + ((Date.parse(r.day) - first) / span) * (WIDTH - 90),
    top: SKIN - (r.millimetres / most) * 118,
  }))
})
const says = computed(() => props.of.readings.map((r) => `${date(r.day)}: ${length(r.millimetres)}`).join('; '))
</script>

<template>
  <svg class="w-full max-w-460 block" :viewBox="`0 0 ${WIDTH} 180`" role="img" :aria-label="says">
    <rect class="skin" x="6" :y="SKIN" :width="WIDTH - 12" height="10" rx="4" />
    <polyline :points="bars.map((b) => `${b.x},${b.top}`).join(' ')" />
    <g v-for="(bar, i) in bars" :key="bar.day">
      <path
        class="fill-none stroke-ink stroke-[4] round-ends"
        :d="`M${bar.x} ${SKIN}q6 ${-(SKIN - bar.top) / 2} 0 ${-(SKIN - bar.top)}`"
      />
      <text :x="bar.x" :y="bar.top - 8">{{ length(bar.millimetres) }}</text>
      <text v-if="i === 0 || i === bars.length - 1" :x="bar.x" y="176">{{ date(bar.day) }}</text>
    </g>
  </svg>
</template>

<style scoped>
.skin {
  fill: #d9a48c;
}
polyline {
  fill: none;
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 2;
  stroke-dasharray: 5 5;
}
text {
  font: 14px var(--sans);
  fill: rgb(var(--v-theme-ink));
  text-anchor: middle;
}
</style>
