<script setup lang="ts">
import KeyButton from '@/shell/KeyButton.vue'
import { useSpoken } from './useSpoken'

/** Says what is in hand, on a switch. */
const props = defineProps<{ text?: string }>()
const { leads, toggle, still } = useSpoken(() => props.text)
</script>

<template>
  <KeyButton
    k="v"
    class="voice self-end min-h-52 min-w-84 py-0 px-14 border-2 border-heather rounded-pill aria-pressed:bg-heather/20"
    :aria-pressed="leads"
    :title="still"
    :disabled="!!still"
    @press="toggle"
    >{{ still ? 'Quiet' : leads ? 'Silent' : 'Voice' }}</KeyButton
  >
</template>
