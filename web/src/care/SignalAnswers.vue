<script setup lang="ts">
import type { Signal } from '@/api/types'
import choices from '@/api/choices'
import KeyButton from '@/shell/KeyButton.vue'

/** How the dog took it, in four large answers. */
defineProps<{ disabled: boolean }>()
defineEmits<{ answer: [signal: Signal] }>()
</script>

<template>
  <div class="answers" role="group" aria-label="How did the dog take it?">
    <KeyButton
      v-for="(signal, i) in choices.Signal"
      :key="signal.value"
      :k="`${i + 1}`"
      :disabled="disabled"
      @press="$emit('answer', signal.value)"
    >
      <span class="slab">{{ signal.title }}</span><small>{{ signal.hint }}</small>
    </KeyButton>
  </div>
</template>

<style scoped>
.answers {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 12px;
}
button {
  min-height: 120px;
  padding: 12px 18px;
  border: 3px solid rgb(var(--v-theme-heather));
  border-radius: 16px 12px 18px 11px;
  text-align: left;
  background: rgb(var(--v-theme-surface));
  display: grid;
  grid-template-columns: 1fr auto;
  align-content: center;
  align-items: center;
}
button:hover {
  background: rgb(var(--v-theme-wool));
}
button :deep(kbd) {
  grid-area: 1 / 2;
}
span {
  font-size: 1.5rem;
}
small {
  grid-column: 1 / -1;
  font-size: 1rem;
  line-height: 1.25;
}
@media (max-width: 899px) {
  .answers {
    grid-template-columns: 1fr 1fr;
    gap: 8px;
  }
  button {
    min-height: 96px;
    padding: 8px 12px;
  }
  span {
    font-size: 1.2rem;
  }
  small {
    font-size: 0.9rem;
  }
}
</style>
