<script setup lang="ts">
import { computed } from 'vue'
import type { DayPlan } from '@/api/types'
import { minutes, useUnits } from '@/shell/useUnits'
import { clothOf, isBath, tableSeconds, timeOf } from './words'
import KeptField from '@/shell/KeptField.vue'

/** One day of the week: what each dog's brushing and the table take, against the minutes there are. */
const props = defineProps<{
  day: DayPlan
  title: string
  /** Seconds that the tallest bar stands for. */
  longest: number
  dogs: readonly { id: number; name: string }[]
  chosen: boolean
}>()
defineEmits<{ choose: []; minutes: [typed: string] }>()

/** Part of the tallest bar that a letter needs. */
const LETTER_FITS = 0.13

const { date } = useUnits()
const atTable = computed(() => tableSeconds(props.day))
const bath = computed(() => props.day.care.some(isBath))
const off = computed(() => props.day.off.length === props.dogs.length)
const sum = computed(() => (timeOf(props.day) ? minutes(timeOf(props.day)) : off.value ? 'off' : 'rest'))
const height = (seconds: number) => `${(100 * seconds) / props.longest}%`
const initial = (dogId: number) => props.dogs.find((dog) => dog.id === dogId)!.name.slice(0, 1)
</script>

<template>
  <button
    type="button"
    class="column"
    :class="{ chosen, off }"
    :aria-pressed="chosen"
    :aria-label="`${date(day.day)}: ${sum}${bath ? ', and a bath' : ''}`"
    @click="$emit('choose')"
  >
    <span class="bar" aria-hidden="true">
      <span v-if="day.minutes !== undefined" class="limit" :style="{ bottom: height(60 * day.minutes) }" />
      <span v-if="day.practiceSeconds" class="pick practice" :style="{ height: height(day.practiceSeconds) }" />
      <span v-if="atTable" class="pick caring" :style="{ height: height(atTable) }" />
      <span
        v-for="pick in [...day.picks].reverse()"
        :key="pick.dogId"
        class="pick"
        :class="clothOf(dogs, pick.dogId)"
        :style="{ height: height(pick.seconds) }"
        ><b
          v-if="pick.seconds / longest > LETTER_FITS"
          class="text-md bg-surface rounded-plain py-0 px-6 leading-tight"
          >{{ initial(pick.dogId) }}</b
        ></span
      >
    </span>
    <span class="sum slab">{{ sum }}</span>
    <span v-if="bath" class="bath">and a bath</span>
    <span class="name">{{ title }}</span>
  </button>
  <KeptField
    v-if="day.minutes !== undefined"
    class="minutes no-print mt-6"
    :aria-label="`Minutes on ${date(day.day)}`"
    :told="day.minutes"
    suffix="min"
    inputmode="numeric"
    @keep="$emit('minutes', $event)"
  />
</template>

<style scoped>
.column {
  display: grid;
  justify-items: center;
  align-content: start;
  width: 100%;
  padding: 4px 0 8px;
  border-radius: 8px;
}
.chosen {
  background: rgba(var(--v-theme-wool), 0.7);
  box-shadow: inset 0 -3px rgb(var(--v-theme-ink));
}
.off .bar {
  background: repeating-linear-gradient(-45deg, rgba(var(--v-theme-seam), 0.5) 0 1px, transparent 1px 9px);
}
.bar {
  position: relative;
  display: flex;
  flex-direction: column;
  justify-content: flex-end;
  gap: 2px;
  width: 64%;
  height: 190px;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.pick {
  display: grid;
  place-items: center;
  border-radius: 4px;
  min-height: 3px;
  overflow: hidden;
  color: rgb(var(--v-theme-ink));
  border: 1.5px solid rgb(var(--v-theme-ink));
}
.practice {
  background: rgba(var(--v-theme-heather), 0.25);
  border-color: rgb(var(--v-theme-heather));
}
.caring {
  background: rgb(var(--v-theme-surface));
  border-style: dashed;
}
.limit {
  position: absolute;
  left: -14px;
  right: -14px;
  border-top: 2px dashed rgb(var(--v-theme-ink));
}
.sum {
  font-size: 1.2rem;
  padding-top: 6px;
}
.name,
.bath {
  font-size: 0.9rem;
}
.bath {
  font-weight: 700;
}
@media (max-width: 767px) {
  .bar {
    width: 78%;
    height: 120px;
  }
  .sum {
    font-size: 0.84rem;
    white-space: nowrap;
  }
  .name,
  .bath {
    font-size: 0.78rem;
  }
  .name {
    min-height: 2lh;
  }
  .limit {
    left: -4px;
    right: -4px;
  }
}
@media (max-width: 599px) {
  .sum {
    font-size: 0.76rem;
  }
  /* Seven beside each other: the number is what counts. */
  .minutes :deep(.v-text-field__suffix) {
    display: none;
  }
  .minutes :deep(input) {
    padding-inline: 2px;
    text-align: center;
  }
}
</style>
