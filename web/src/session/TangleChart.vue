<script setup lang="ts">
import { computed } from 'vue'
import { useUnits } from '@/shell/useUnits'

/** What the comb found at one place over time: a stroke for each check, a dot where it ran free. */
const props = defineProps<{
  name: string
  since: string
  until: string
  checks: { date: string; tangles: number; matLeft: boolean }[]
}>()

const { date } = useUnits()
const WIDTH = 560
const HEIGHT = 110
const BASE = 84
const days = computed(() => Math.max(1, (Date.parse(props.until) - Date.parse(props.since)) / 86_400_000))
const most = computed(() => Math.max(3, ...props.checks.map((check) => check.tangles)))
const x = (day: string) => 24 + ((Date.parse(day) - Date.parse(props.since)) / 86_400_000 / days.value) * (WIDTH - 40)
const y = (tangles: number) => BASE - (tangles / most.value) * (BASE - 12)
const says = computed(
  () =>
    `${props.name}: ${props.checks.length} comb checks since ${date(props.since)}, ${props.checks.reduce((sum, check) => sum + check.tangles, 0)} tangles`,
)
</script>

<template>
  <svg class="block w-full max-w-640" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="says">
    <path class="ground" :d="`M20 ${BASE}H${WIDTH - 12}`" />
    <text x="16" :y="y(most) + 5" text-anchor="end">{{ most }}</text>
    <text x="16" :y="BASE + 5" text-anchor="end">0</text>
    <g v-for="(check, i) in checks" :key="i">
      <circle v-if="!check.tangles" :cx="x(check.date)" :cy="BASE" r="3.6" class="fill-secondary" />
      <template v-else>
        <path class="found stroke-burr stroke-[3]" :d="`M${x(check.date)} ${BASE}V${y(check.tangles)}`" />
        <circle
          :cx="x(check.date)"
          :cy="y(check.tangles)"
          :r="check.matLeft ? 8 : 5"
          :class="check.matLeft ? 'mat' : 'knot'"
        />
      </template>
    </g>
    <text x="24" :y="HEIGHT - 6">{{ date(since) }}</text>
    <text :x="WIDTH - 12" :y="HEIGHT - 6" text-anchor="end">today</text>
  </svg>
</template>

<style scoped>
.ground {
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.5;
  stroke-dasharray: 2 5;
}
.knot {
  fill: rgb(var(--v-theme-surface));
  stroke: rgb(var(--v-theme-burr));
  stroke-width: 2.6;
}
.mat {
  fill: rgb(var(--v-theme-burr));
}
text {
  font: 13px var(--sans);
  fill: rgb(var(--v-theme-ink));
}
</style>
