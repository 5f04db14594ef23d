<script setup lang="ts">
import KeyButton from '@/shell/KeyButton.vue'

/** The voice that leads: what it says now, in large letters too, and slower, faster, again. */
defineProps<{ says?: string; pace: number }>()
const emit = defineEmits<{ again: []; faster: []; slower: [] }>()
</script>

<template>
  <div class="voice">
    <KeyButton k="-" @press="emit('slower')">Slower</KeyButton>
    <KeyButton k="+" @press="emit('faster')">Faster</KeyButton>
    <KeyButton k="a" @press="emit('again')">Again</KeyButton>
    <span class="pace">{{ Math.round(pace * 100) }} % of your pace</span>
    <p class="says" role="status" aria-live="polite">{{ says }}</p>
  </div>
</template>

<style scoped>
.voice {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-top: 10px;
}
button {
  min-height: 52px;
  padding: 0 16px;
  border: 2px solid rgb(var(--v-theme-heather));
  border-radius: 26px;
  background: rgb(var(--v-theme-surface));
}
button:hover {
  background: rgb(var(--v-theme-wool));
}
.pace {
  font-size: 1rem;
}
.says {
  flex: 1 1 100%;
  order: -1;
  max-width: none;
  font: 700 clamp(1.5rem, 2.4vw, 1.9rem) / 1.2 var(--slab);
  color: rgb(var(--v-theme-heather));
  margin: 0;
}
.says:empty {
  display: none;
}
@media (max-width: 899px) {
  .voice {
    gap: 6px;
    margin-top: 4px;
  }
  button {
    min-height: 48px;
    padding: 0 10px;
    font-size: 0.95rem;
  }
  .says {
    font-size: 1.25rem;
  }
}
</style>
