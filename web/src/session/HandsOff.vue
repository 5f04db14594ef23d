<script setup lang="ts">
import KeyButton from '@/shell/KeyButton.vue'

/** Hands off for a while, or for today: the one big button first, the other way beside it. */
defineProps<{ first: string; other?: string; otherKey?: string; disabled: boolean }>()
const emit = defineEmits<{ first: []; other: [] }>()
</script>

<template>
  <div class="off flex flex-col flex-1 gap-24">
    <p class="text-3xl max-w-[46ch]"><slot /></p>
    <KeyButton k="space" pedal="on" class="next" :disabled="disabled" @press="emit('first')">{{ first }}</KeyButton>
    <KeyButton v-if="other" :k="otherKey!" pedal="back" class="plain" :disabled="disabled" @press="emit('other')">{{
      other
    }}</KeyButton>
  </div>
</template>
