<script setup lang="ts">
import { scaleBand, scaleLinear } from 'd3-scale'
import { computed } from 'vue'
import { minutes } from '@/shell/useUnits'
import { useFigure } from './useFigure'

/** Brushing week by week: what was done, against what the plan asked for, or asks. */
const props = defineProps<{
  weeks: readonly { first: string; done: number; asked?: number }[]
  today: string
}>()

/** Until the page is there. */
const USUAL_WIDTH = 420
const HEIGHT = 190
const LEFT = 34
const RIGHT = 12
const TOP = 20
const FOOT = 26

const { width, short } = useFigure(USUAL_WIDTH)
const now = computed(() => props.weeks.findLast((week) => week.first <= props.today)!)
const x = computed(() =>
  scaleBand(
    props.weeks.map((week) => week.first),
    [LEFT, width.value - RIGHT],
  ).padding(0.25),
)
const y = computed(() =>
  scaleLinear(
    [0, Math.max(60, ...props.weeks.map((week) => Math.max(week.done, week.asked ?? 0) / 60))],
    [HEIGHT - FOOT, TOP],
  ).nice(4),
)
const bars = computed(() =>
  props.weeks.map((week, i) => ({
    ...week,
    left: x.value(week.first)!,
    done: y.value(week.done / 60),
    asked: y.value((week.asked ?? 0) / 60),
    named: i % 2 === 0,
  })),
)
const against = (week: { done: number; asked?: number }) =>
  `${week.done ? minutes(week.done) : 'nothing'} brushed` +
  (week.asked === undefined ? '' : ` of ${minutes(week.asked)} asked for`)
/** The bars in words. */
const told = computed(() => props.weeks.map((week) => `week of ${short(week.first)}: ${against(week)}`).join('; '))
</script>

<template>
  <figure ref="figure">
    <figcaption>
      <h3>Brushing, week by week</h3>
      <p>This week: {{ against(now) }}.</p>
    </figcaption>
    <svg class="w-full mt-6" :viewBox="`0 0 ${width} ${HEIGHT}`" role="img" :aria-label="told">
      <g v-for="tick in y.ticks(4)" :key="tick">
        <path class="stroke-seam" :d="`M${LEFT} ${y(tick)}H${width}`" />
        <text :x="LEFT - 8" :y="y(tick) + 5" text-anchor="end">{{ tick }}</text>
      </g>
      <g v-for="week in bars" :key="week.first">
        <rect
          class="done fill-secondary bg-secondary"
          :x="week.left"
          :y="week.done"
          :width="x.bandwidth()"
          :height="HEIGHT - FOOT - week.done"
        />
        <rect
          class="asked"
          :x="week.left"
          :y="week.asked"
          :width="x.bandwidth()"
          :height="HEIGHT - FOOT - week.asked"
        />
        <text v-if="week.named" :x="week.left + x.bandwidth() / 2" :y="HEIGHT - 6" text-anchor="middle">
          {{ short(week.first) }}
        </text>
      </g>
    </svg>
    <p class="quiet key">
      <i class="done fill-secondary bg-secondary" aria-hidden="true" /> brushed
      <i class="asked" aria-hidden="true" /> asked for, minutes
    </p>
  </figure>
</template>

<style scoped>
rect,
i {
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.5;
}
.asked {
  fill: none;
  stroke-dasharray: 4 3;
}
i {
  display: inline-block;
  width: 14px;
  height: 14px;
  border: 1.5px solid rgb(var(--v-theme-ink));
  border-radius: 4px;
  vertical-align: -2px;
}
i.asked {
  border-style: dashed;
  margin-left: 14px;
}
text {
  font: 14px var(--sans);
  fill: rgb(var(--v-theme-ink));
}
</style>
