<script setup lang="ts">
import { computed } from 'vue'
import type { ThreadLine } from '@/api/types'

/** One place as a thread: it frays as tangles come in, a comb smooths it, a knot is where it mats if nothing is done. */
const props = defineProps<{ line: ThreadLine; days: number }>()

const HEIGHT = 26
const LINE = 15
/** Where the fray reaches its most: about what a place may hold past its due day. */
const MOST_TANGLES = 0.6
const REACH = 9
const HAIRS_A_DAY = 6
const left = (day: number) => `${(100 * day) / props.days}%`
const reach = (tangles: number) => REACH * Math.min(1, tangles / MOST_TANGLES)

/** From each brushing the thread swells until the next: the fray as a body, and single hairs on it. */
const body = computed(() => {
  const up: string[] = []
  const down: string[] = []
  props.line.tanglesPlanned.forEach((tangles, day) => {
    // The day's number is that after brushing; just before it the fray is at its fullest.
    const before = day && props.line.brushed.includes(day) ? props.line.tanglesPlanned[day - 1]! * 1.3 : tangles
    for (const now of before === tangles ? [tangles] : [before, tangles]) {
      up.push(`${day} ${(LINE - reach(now)).toFixed(1)}`)
      down.unshift(`${day} ${(LINE + reach(now)).toFixed(1)}`)
    }
  })
  return `M${up.join('L')}L${down.join('L')}Z`
})
const hairs = computed(() =>
  props.line.tanglesPlanned
    .slice(0, -1)
    .map((tangles, day) => {
      const next = props.line.brushed.includes(day + 1) ? tangles * 1.3 : props.line.tanglesPlanned[day + 1]!
      return Array.from({ length: HAIRS_A_DAY }, (_, i) => {
        const part = (i + 0.5) / HAIRS_A_DAY
        const far = reach(tangles + part * (next - tangles)) * (1.25 + 0.2 * ((i * 5 + day * 3) % 4))
        return far < 1 ? '' : `M${(day + part).toFixed(2)} ${LINE}l.1 ${((i + day) % 2 ? far : -far).toFixed(1)}`
      }).join('')
    })
    .join(''),
)
</script>

<template>
  <span class="relative block h-26">
    <svg
      class="absolute inset-0 w-full h-full overflow-visible"
      :viewBox="`0 0 ${days} ${HEIGHT}`"
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      <path class="body fill-ink/16" :d="body" />
      <path class="fray" :d="hairs" />
      <path class="core" :d="`M0 ${LINE}H${days}`" />
    </svg>
    <svg
      v-for="day in line.brushed"
      :key="day"
      class="comb absolute top-1 w-12 h-14 -ml-6 max-sm:w-8 max-sm:-ml-4"
      :style="{ left: left(day) }"
      viewBox="-6 -7 12 14"
      aria-hidden="true"
    >
      <path
        class="stroke-secondary stroke-[1.7] fill-none round-ends"
        d="M-4.5-5H4.5M-4.5-5V5M-1.5-5V5M1.5-5V5M4.5-5V5"
      />
    </svg>
    <svg
      v-if="line.knot !== undefined"
      class="absolute top-7 w-20 h-20 -ml-10"
      :style="{ left: left(line.knot) }"
      viewBox="-11 -11 22 22"
      aria-hidden="true"
    >
      <path
        class="stroke-primary stroke-[2.4] fill-none round-ends"
        d="M-10 3C-5 8 5 5 5-1S-4-7-5-1 4 8 10 3M-5-1C-4 5 3 6 5-1"
      />
    </svg>
  </span>
</template>

<style scoped>
.core {
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.8;
  vector-effect: non-scaling-stroke;
}
.fray {
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1;
  fill: none;
  vector-effect: non-scaling-stroke;
  opacity: 0.65;
}
</style>
