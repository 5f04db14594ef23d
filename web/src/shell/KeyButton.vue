<script setup lang="ts">
import { computed } from 'vue'
import { PEDAL } from './pedal'
import { letters, useKeys } from './useKeys'

/** A button that a key presses too. */
const props = defineProps<{
  k: string
  disabled?: boolean
  /** What a pedal or a clicker sends for it. */
  pedal?: keyof typeof PEDAL
}>()
const emit = defineEmits<{ press: [] }>()

/** What is written on it: only a key that does something. */
const shown = computed(() => props.k === 'space' || letters.value)

useKeys((key) => {
  const mine =
    key.toLowerCase() === (props.k === 'space' ? ' ' : props.k) || (props.pedal && PEDAL[props.pedal].includes(key))
  if (!mine || props.disabled) return false
  emit('press')
  return true
})
</script>

<template>
  <button
    type="button"
    :aria-keyshortcuts="!shown ? undefined : k === 'space' ? 'Space' : k"
    :disabled="disabled"
    @click="emit('press')"
  >
    <slot /> <kbd v-if="shown" aria-hidden="true">{{ k }}</kbd>
  </button>
</template>
