<script setup lang="ts">
import { computed, ref, watch } from 'vue'

/** A number as it is typed, with a point or a comma; undefined while empty, NaN and said so while it is none. */
const props = defineProps<{ modelValue: number | undefined }>()
const emit = defineEmits<{ 'update:modelValue': [value: number | undefined] }>()

const shown = ref('')
const read = (text: string) => (text.trim() === '' ? undefined : Number(text.trim().replace(',', '.')))
const wrong = computed(() => (Number.isNaN(read(shown.value)) ? 'A number, such as 62.50.' : ''))

watch(
  () => props.modelValue,
  (value) => {
    // Leaves alone what is being typed: 1. is on its way to 1.5.
    if (!Object.is(read(shown.value), value)) shown.value = value === undefined ? '' : String(value)
  },
  { immediate: true },
)

function type(text: string | null) {
  shown.value = text ?? ''
  emit('update:modelValue', read(shown.value))
}
</script>

<template>
  <v-text-field
    :model-value="shown"
    inputmode="decimal"
    autocomplete="off"
    :error-messages="wrong"
    @update:model-value="type"
  />
</template>
