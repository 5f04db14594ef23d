<script setup lang="ts">
import { ref, watch } from 'vue'
import { useUnits } from './useUnits'

/** A length typed in the household's unit, given on in millimetres; undefined while empty, 0 when it is no number. */
const props = defineProps<{ label: string; modelValue: number | undefined; placeholder?: string }>()
const emit = defineEmits<{ 'update:modelValue': [mm: number | undefined] }>()

const { inches, toMm, fromMm } = useUnits()
const shown = ref('')
const read = (text: string) => toMm(Number(text.replace(',', '.')))

watch(
  [() => props.modelValue, inches],
  ([mm]) => {
    // Leaves alone what is being typed: 1. is on its way to 1.5.
    if (mm === undefined) shown.value = ''
    else if (Math.abs(read(shown.value) - mm) > 0.005 && mm !== 0) shown.value = String(fromMm(mm))
  },
  { immediate: true },
)

function type(text: string | null) {
  shown.value = text ?? ''
  emit('update:modelValue', shown.value.trim() === '' ? undefined : read(shown.value) || 0)
}
</script>

<template>
  <v-text-field
    :model-value="shown"
    :label="`${label} in ${inches ? 'inches' : 'millimetres'}`"
    inputmode="decimal"
    :suffix="inches ? 'in' : 'mm'"
    autocomplete="off"
    :placeholder="placeholder"
    persistent-placeholder
    hide-details
    @update:model-value="type"
  />
</template>
