<script setup lang="ts">
import KeyButton from '@/shell/KeyButton.vue'

/** A first no: hands off, it may think about it, and is asked once more. */
defineProps<{ saving: boolean }>()
defineEmits<{ goOn: []; leave: [] }>()
</script>

<template>
  <section class="no" aria-live="polite">
    <h1>It said no, and may. Hands off.</h1>
    <p>Let it think. If it comes back, ask once more, easier than before. A second no ends it for today.</p>
    <div class="two">
      <KeyButton k="space" pedal="on" class="big" :disabled="saving" @press="$emit('goOn')"
        >It comes back: ask</KeyButton
      >
      <KeyButton k="e" class="other" :disabled="saving" @press="$emit('leave')">Leave it for today</KeyButton>
    </div>
  </section>
</template>

<style scoped>
.no {
  flex: 1;
  display: flex;
  flex-direction: column;
  justify-content: center;
  gap: 14px;
}
h1 {
  font-size: clamp(1.7rem, 3.2vw, 2.6rem);
}
p {
  font-size: 1.35rem;
  max-width: 46ch;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
  margin-top: 18px;
}
.other {
  min-height: 92px;
}
@media (max-width: 899px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
