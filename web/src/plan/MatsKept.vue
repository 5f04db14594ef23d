<script setup lang="ts">
import { scaleLinear } from 'd3-scale'
import { area, curveMonotoneX, line } from 'd3-shape'
import { computed } from 'vue'
import { about, MOST_MATS } from '@/shell/numbers'
import { useUnits } from '@/shell/useUnits'
import { useFigure } from './useFigure'

/** Small mats to expect with the plan and without: what lies between does not happen. */
const props = defineProps<{
  days: readonly string[]
  mats: readonly { planned: number; nothing: number }[]
  dogs: number
}>()

/** Until the page is there. */
const USUAL_WIDTH = 640
const HEIGHT = 190
const LEFT = 34
const RIGHT = 8
const TOP = 12
const FOOT = 26
/** What a day's name takes. */
const LETTERS = 60
/** Every how many days a day is named. */
const NAMED = 7

const { date } = useUnits()
const { width, short } = useFigure(USUAL_WIDTH)
const x = computed(() => scaleLinear([0, props.days.length - 1], [LEFT, width.value - RIGHT]))
const y = computed(() =>
  scaleLinear([0, Math.max(1, ...props.mats.map((each) => each.nothing))], [HEIGHT - FOOT, TOP]).nice(4),
)
const between = computed(() =>
  area<{ planned: number; nothing: number }>()
    .x((_, day) => x.value(day))
    .y0((each) => y.value(each.planned))
    .y1((each) => y.value(each.nothing))
    .curve(curveMonotoneX)([...props.mats])!,
)
const planned = computed(() =>
  line<{ planned: number }>()
    .x((_, day) => x.value(day))
    .y((each) => y.value(each.planned))
    .curve(curveMonotoneX)([...props.mats])!,
)
const last = computed(() => props.mats.at(-1)!)
const most = computed(() => MOST_MATS * props.dogs)
const said = computed(() => {
  const { planned: mats, nothing } = last.value
  const kept = nothing > most.value ? '' : `; ${about(nothing - mats, most.value)} do not happen`
  return (
    `By ${date(props.days.at(-1)!)}: ${about(mats, most.value)} small mats to expect with this plan, ` +
    `${nothing > most.value ? `more than ${most.value}` : about(nothing, most.value)} if nothing is done${kept}.`
  )
})
</script>

<template>
  <figure ref="figure">
    <figcaption>
      <h3>Mats that do not happen</h3>
      <p>{{ said }}</p>
    </figcaption>
    <svg class="w-full mt-6" :viewBox="`0 0 ${width} ${HEIGHT}`" aria-hidden="true">
      <defs>
        <pattern id="kept" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
          <path class="stroke-secondary stroke-[2.5]" d="M0 0V7" />
        </pattern>
      </defs>
      <g v-for="tick in y.ticks(4)" :key="tick">
        <path class="stroke-seam" :d="`M${LEFT} ${y(tick)}H${width - RIGHT}`" />
        <text :x="LEFT - 8" :y="y(tick) + 5" text-anchor="end">{{ tick }}</text>
      </g>
      <path class="between" :d="between" />
      <path class="fill-none stroke-primary stroke-[4]" :d="planned" />
      <template v-for="(day, i) in days" :key="day">
        <text
          v-if="i % NAMED === 0 && (i === 0 || x(i) - x(0) > LETTERS)"
          :x="x(i)"
          :y="HEIGHT - 6"
          :text-anchor="i ? 'middle' : 'start'"
        >
          {{ i ? short(day) : 'today' }}
        </text>
      </template>
    </svg>
    <p class="quiet">
      From today’s coats on. Beyond two weeks the weather decides more than the plan; after a groom nothing is foretold.
    </p>
  </figure>
</template>

<style scoped>
.between {
  fill: url(#kept);
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 1.5;
}
text {
  font: 14px var(--sans);
  fill: rgb(var(--v-theme-ink));
}
</style>
