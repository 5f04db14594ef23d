<script setup lang="ts">
import KeyButton from '@/shell/KeyButton.vue'
import { useSpoken } from './useSpoken'

/** Says what is in hand, on a switch. */
const props = defineProps<{ text?: string }>()
const { leads, toggle, still } = useSpoken(() => props.text)
</script>

<template>
  <KeyButton k="v" class="voice" :aria-pressed="leads" :title="still" :disabled="!!still" @press="toggle">{{
    still ? 'Quiet' : leads ? 'Silent' : 'Voice'
  }}</KeyButton>
</template>

<style scoped>
.voice {
  align-self: flex-end;
  min-height: 52px;
  min-width: 84px;
  padding: 0 14px;
  border: 2px solid rgb(var(--v-theme-heather));
  border-radius: 26px;
}
.voice[aria-pressed='true'] {
  background: rgba(var(--v-theme-heather), 0.2);
}
</style>
