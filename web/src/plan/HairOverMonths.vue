<script setup lang="ts">
import { scaleLinear, scalePoint } from 'd3-scale'
import { curveMonotoneX, line } from 'd3-shape'
import { computed } from 'vue'
import type { DogMonth } from '@/api/types'
import { useUnits } from '@/shell/useUnits'
import { monthName } from './words'

/** Hair of the body over the months, with what each took and the mats found in it. */
const props = defineProps<{ months: readonly DogMonth[] }>()

const { length } = useUnits()
const WIDTH = 640
const HEIGHT = 210
const LEFT = 66
const FOOT = 58
const x = computed(() =>
  scalePoint()
    .domain(props.months.map((one) => one.month))
    .range([LEFT + 20, WIDTH - 16]),
)
const longest = computed(() => Math.max(...props.months.map((one) => one.millimetres)))
const y = computed(() =>
  scaleLinear()
    .domain([0, longest.value])
    .nice(4)
    .range([HEIGHT - FOOT, 14]),
)
const hair = computed(
  () =>
    line<DogMonth>(
      (one) => x.value(one.month)!,
      (one) => y.value(one.millimetres),
    ).curve(curveMonotoneX)([...props.months]) ?? '',
)
const said = computed(() =>
  props.months
    .filter((one) => one.minutes || one.mats)
    .map((one) => `${monthName(one.month)}: ${length(one.millimetres)}, ${one.minutes} minutes, ${one.mats} mats`)
    .join('; '),
)
</script>

<template>
  <svg
    class="block w-full max-w-680"
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    :aria-label="`The body’s hair. ${said}`"
  >
    <g v-for="mm in y.ticks(3)" :key="mm">
      <path class="stroke-seam stroke-1" :d="`M${LEFT} ${y(mm)}H${WIDTH}`" />
      <text :x="LEFT - 8" :y="y(mm) + 5" text-anchor="end">{{ length(mm) }}</text>
    </g>
    <path class="fill-none stroke-secondary stroke-3" :d="hair" />
    <g v-for="one in months" :key="one.month">
      <path
        v-for="mat in Math.min(one.mats, 6)"
        :key="mat"
        class="fill-burr"
        :d="`M${x(one.month)! - 5} ${y(one.millimetres) - 8 - 9 * mat}h10l-3 7h-4z`"
      />
      <text :x="x(one.month)" :y="HEIGHT - 34" text-anchor="middle">{{ monthName(one.month) }}</text>
      <text class="small" :x="x(one.month)" :y="HEIGHT - 14" text-anchor="middle">
        {{ one.minutes ? `${one.minutes}′` : '' }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
text {
  font: 13px var(--sans);
  fill: rgb(var(--v-theme-ink));
}
.small {
  font-weight: 700;
}
@media (max-width: 599px) {
  text {
    font-size: 17px;
  }
  g:nth-of-type(even) > text:not([text-anchor='end']) {
    display: none;
  }
}
</style>
