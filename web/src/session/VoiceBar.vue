<script setup lang="ts">
import KeyButton from '@/shell/KeyButton.vue'

/** The voice that leads: what it says now, in large letters too, and slower, faster, again. */
defineProps<{ says?: string; pace: number }>()
const emit = defineEmits<{ again: []; faster: []; slower: [] }>()
</script>

<template>
  <div class="voice flex flex-wrap gap-8 items-center mt-10 max-md:gap-6 max-md:mt-4">
    <KeyButton k="-" @press="emit('slower')">Slower</KeyButton>
    <KeyButton k="+" @press="emit('faster')">Faster</KeyButton>
    <KeyButton k="a" @press="emit('again')">Again</KeyButton>
    <span class="pace text-base">{{ Math.round(pace * 100) }} % of your pace</span>
    <p
      class="says flex-[1_1_100%] -order-1 max-w-none font-slab font-bold text-[clamp(1.5rem,2.4vw,1.9rem)] leading-[1.2] text-heather m-0 empty:hidden max-md:text-xl"
      role="status"
      aria-live="polite"
    >
      {{ says }}
    </p>
  </div>
</template>

<style scoped>
button {
  min-height: 64px;
  padding: 0 16px;
  border: 2px solid rgb(var(--v-theme-heather));
  border-radius: 26px;
  background: rgb(var(--v-theme-surface));
}
button:hover {
  background: rgb(var(--v-theme-wool));
}
@media (max-width: 899px) {
  button {
    min-height: 64px;
    padding: 0 10px;
    font-size: 0.95rem;
  }
}
</style>
