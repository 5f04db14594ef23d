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
    <ol class="list-none p-0 grid grid-cols-14 max-w-460 gap-4 max-md:grid-cols-7 max-md:max-w-260">
      <li v-for="day in days" :key="day.day" :class="day.how?.toLowerCase()" :title="date(day.day)">
        <svg
          class="w-full block"
          viewBox="0 0 26 26"
          role="img"
          :aria-label="`${date(day.day)}: ${day.how ? SAYS[day.how] : 'nothing said'}`"
        >
          <path class="fill-none stroke-seam stroke-[1.6]" :d="TOOTH" />
        </svg>
      </li>
    </ol>
    <p class="quiet">
      Four weeks, today last. Full: brushed ({{ count }}); half: a step practised. Any day is a good day to go on.
    </p>
  </div>
</template>

<style scoped>
.done path {
  fill: rgb(var(--v-theme-heather));
  stroke: rgb(var(--v-theme-heather));
}
.practised path {
  fill: rgba(var(--v-theme-heather), 0.3);
  stroke: rgb(var(--v-theme-heather));
}
</style>
