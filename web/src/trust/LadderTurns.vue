<script setup lang="ts">
import { computed } from 'vue'
import { useUnits } from '@/shell/useUnits'

/** One ladder over weeks: a step for each day on which it turned. */
const props = defineProps<{
  name: string
  turns: { day: string; rungNumber: number }[]
  first: string
  today: string
}>()

const { date } = useUnits()
const [WIDTH, HEIGHT, LEFT] = [520, 96, 20]
const span = computed(() => Math.max(1, Date.parse(props.today) - Date.parse(props.first)))
const x = (day: string) => LEFT + ((Date.parse(day) - Date.parse(props.first)) / span.value) * (WIDTH - LEFT - 12)
const y = (rung: number) => HEIGHT - 18 - ((rung - 1) / 9) * (HEIGHT - 30)
const path = computed(
  () =>
    props.turns.map((turn, i) => `${i ? `H${x(turn.day)}V` : `M${x(turn.day)} `}${y(turn.rungNumber)}`).join('') +
    `H${WIDTH - 12}`,
)
const last = computed(() => props.turns.at(-1)!)
const says = computed(
  () =>
    `${props.name}: from rung ${props.turns[0]!.rungNumber} on ${date(props.turns[0]!.day)} to rung ${last.value.rungNumber}, ${props.turns.length - 1} turns`,
)
</script>

<template>
  <figure>
    <figcaption class="font-bold">
      {{ name }} <small class="font-normal ml-8">rung {{ last.rungNumber }}</small>
    </figcaption>
    <svg class="w-full max-w-560 block" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="says">
      <path class="ready fill-none" :d="`M${LEFT} ${y(9)}H${WIDTH - 12}`" />
      <text :x="LEFT - 4" :y="y(9) + 4" text-anchor="end">9</text>
      <text :x="LEFT - 4" :y="y(1) + 4" text-anchor="end">1</text>
      <path class="fill-none stroke-heather stroke-[3] round-joins" :d="path" />
      <circle
        v-for="turn in turns"
        class="fill-surface stroke-heather stroke-[2.6]"
        :key="turn.day"
        :cx="x(turn.day)"
        :cy="y(turn.rungNumber)"
        r="4"
      />
      <text :x="LEFT" :y="HEIGHT - 2">{{ date(first) }}</text>
      <text :x="WIDTH - 12" :y="HEIGHT - 2" text-anchor="end">today</text>
    </svg>
  </figure>
</template>

<style scoped>
figcaption::first-letter {
  text-transform: uppercase;
}
.ready {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 1.6;
  stroke-dasharray: 3 5;
}
text {
  font: 12px var(--sans);
  fill: rgb(var(--v-theme-ink));
}
</style>
