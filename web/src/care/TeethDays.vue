<script setup lang="ts">
import { computed } from 'vue'
import type { ToothDay } from '@/api/types'
import { useUnits } from '@/shell/useUnits'

/** A quiet row of days: what was done stands there, and a day without is only empty. */
const props = defineProps<{ days: readonly ToothDay[] }>()

const { date } = useUnits()
const SAYS = { DONE: 'brushed', PRACTISED: 'a step practised', LEFT: 'left' } as const
const TOOTH = 'M7 5q3-3 6-1q3-2 6 1q3 3 1 8q-1 2-1 5q-1 4-3 4q-1 0-2-4q0-2-1-2t-1 2q-1 4-2 4q-2 0-3-4q0-3-1-5q-2-5 1-8Z'
const count = computed(() => props.days.filter((day) => day.how === 'DONE').length)
</script>

<template>
  <div>
    <ol>
      <li v-for="day in days" :key="day.day" :class="day.how?.toLowerCase()" :title="date(day.day)">
        <svg
          viewBox="0 0 26 26"
          role="img"
          :aria-label="`${date(day.day)}: ${day.how ? SAYS[day.how] : 'nothing said'}`"
        >
          <path :d="TOOTH" />
        </svg>
      </li>
    </ol>
    <p class="quiet">
      Four weeks, today last. Full: brushed ({{ count }}); half: a step practised. Any day is a good day to go on.
    </p>
  </div>
</template>

<style scoped>
ol {
  list-style: none;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(14, 1fr);
  max-width: 460px;
  gap: 4px;
}
svg {
  width: 100%;
  display: block;
}
path {
  fill: none;
  stroke: rgb(var(--v-theme-seam));
  stroke-width: 1.6;
}
.done path {
  fill: rgb(var(--v-theme-heather));
  stroke: rgb(var(--v-theme-heather));
}
.practised path {
  fill: rgba(var(--v-theme-heather), 0.3);
  stroke: rgb(var(--v-theme-heather));
}
@media (max-width: 899px) {
  ol {
    grid-template-columns: repeat(7, 1fr);
    max-width: 260px;
  }
}
</style>
