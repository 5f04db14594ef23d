<script setup lang="ts">
import { computed } from 'vue'
import { useView } from '@/api/queries'
import { isBath } from '@/plan/words'
import { minutes, useUnits } from '@/shell/useUnits'
import { places } from '@/shell/numbers'

/** The seven days ahead of one dog, in a line each. */
const props = defineProps<{ dogId: number }>()
const DAYS = 7

const { date } = useUnits()
const week = useView('week')
const days = computed(() =>
  (week.data.value?.days ?? []).slice(0, DAYS).map((day, i) => {
    const pick = day.picks.find((one) => one.dogId === props.dogId)
    const table = day.care.filter((turn) => turn.dogId === props.dogId && !isBath(turn))
    const seconds = (pick?.seconds ?? 0) + 60 * table.reduce((sum, turn) => sum + turn.minutes, 0)
    return {
      day: day.day,
      title: i ? date(day.day) : 'Today',
      says: [
        pick && `brush ${places(pick.sections.length)}`,
        day.practiceSeconds && (week.data.value!.dogs.length === 1 || !pick) && 'practise',
        table.length && 'at the table',
      ]
        .filter(Boolean)
        .join(', '),
      seconds: seconds + (week.data.value!.dogs.length === 1 ? day.practiceSeconds : 0),
    }
  }),
)
const longest = computed(() => Math.max(60, ...days.value.map((day) => day.seconds)))
</script>

<template>
  <ol v-if="days.length" class="list-none p-0 mt-0 mx-0 mb-18">
    <li v-for="day in days" class="grid grid-cols-[96px_1fr] gap-y-0 gap-x-12 py-6 px-0 seam-b" :key="day.day">
      <b>{{ day.title }}</b>
      <i :style="{ width: `${(100 * day.seconds) / longest}%` }" aria-hidden="true" />
      <span class="col-start-2 text-md">{{ day.seconds ? `${minutes(day.seconds)}: ${day.says}` : 'nothing' }}</span>
    </li>
  </ol>
</template>

<style scoped>
i {
  align-self: center;
  height: 12px;
  border-radius: 6px 5px 7px 4px;
  background: rgb(var(--v-theme-secondary));
}
</style>
