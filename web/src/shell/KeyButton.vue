<script setup lang="ts">
import { PEDAL } from './pedal'
import { useKeys } from './useKeys'

/** A button that a key presses too. */
const props = defineProps<{
  k: string
  disabled?: boolean
  /** What a pedal or a clicker sends for it. */
  pedal?: keyof typeof PEDAL
}>()
const emit = defineEmits<{ press: [] }>()

useKeys((key) => {
  const mine =
    key.toLowerCase() === (props.k === 'space' ? ' ' : props.k) || (props.pedal && PEDAL[props.pedal].includes(key))
  if (!mine || props.disabled) return false
  emit('press')
  return true
})
</script>

<template>
  <button type="button" :aria-keyshortcuts="k === 'space' ? 'Space' : k" :disabled="disabled" @click="emit('press')">
    <slot /> <kbd aria-hidden="true">{{ k }}</kbd>
  </button>
</template>
