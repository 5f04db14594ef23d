<script setup lang="ts">
/** A number found by sliding; its name and what it says are read out. */
defineProps<{ label: string; modelValue: number; min?: number; max: number; step?: number; says: string }>()
defineEmits<{ 'update:modelValue': [value: number] }>()
</script>

<template>
  <v-slider
    :name="label"
    :model-value="modelValue"
    :min="min ?? 0"
    :max="max"
    :step="step ?? 1"
    :value-format="() => says"
    hide-details
    @update:model-value="$emit('update:modelValue', $event)"
  />
</template>
