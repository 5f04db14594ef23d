<script setup lang="ts">
import { computed } from 'vue'
import { useUnits } from './useUnits'

/** A day, typed as the household writes its dates or touched in a month; given on as 2026-05-14, undefined while empty. */
const props = defineProps<{ label: string; modelValue: string | undefined; min?: string; max?: string }>()
const emit = defineEmits<{ 'update:modelValue': [day: string | undefined] }>()

const { typedDate, firstWeekday } = useUnits()
const day = computed(() => (props.modelValue ? new Date(`${props.modelValue}T00:00:00`) : null))

/** A field that is left says its day once more: only another one is given on. */
function keep(date: Date | null) {
  const said = iso(date)
  if (said !== props.modelValue) emit('update:modelValue', said)
}
function iso(date: Date | null): string | undefined {
  if (!date) return undefined
  const two = (part: number) => String(part).padStart(2, '0')
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`
}
</script>

<template>
  <v-date-input
    :model-value="day"
    :label="label"
    :input-format="typedDate"
    :first-day-of-week="firstWeekday"
    :min="min"
    :max="max"
    prepend-icon=""
    :menu-props="{ activator: undefined, target: 'parent' }"
    append-inner-icon="$calendar"
    autocomplete="off"
    @update:model-value="keep($event as Date | null)"
  />
</template>
