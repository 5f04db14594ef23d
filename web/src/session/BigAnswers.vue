<script setup lang="ts">
import KeyButton from '@/shell/KeyButton.vue'

/** A question with a few answers, each big enough for a hand full of hair; a key does the same. */
defineProps<{
  question: string
  answers: readonly { value: string; title: string; hint?: string }[]
  small?: boolean
  /** How many stand side by side; one, unless they are small. */
  columns?: number
  busy?: boolean
}>()
defineEmits<{ answer: [value: string] }>()
</script>

<template>
  <div class="big" :class="{ few: !small }">
    <h2>{{ question }}</h2>
    <div class="grid" :style="columns && columns > 1 ? { gridTemplateColumns: `repeat(${columns}, 1fr)` } : undefined">
      <KeyButton
        v-for="(one, i) in answers"
        :key="one.value"
        :k="`${i + 1}`"
        :disabled="busy"
        @press="$emit('answer', one.value)"
      >
        <span class="slab"><slot name="drawing" :value="one.value" />{{ one.title }}</span>
        <small v-if="one.hint">{{ one.hint }}</small>
      </KeyButton>
    </div>
  </div>
</template>

<style scoped>
.big {
  display: flex;
  flex-direction: column;
  flex: 1;
}
h2 {
  font-size: 1.7rem;
  font-weight: 700;
}
.grid {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 12px;
  flex: 1;
  min-height: 220px;
}
.few .grid {
  grid-template-columns: 1fr;
}
button {
  min-height: 84px;
  border: 3px solid rgb(var(--v-theme-primary));
  border-radius: 16px 12px 18px 11px;
  background: rgb(var(--v-theme-surface));
  padding: 10px 22px;
  text-align: left;
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  align-content: center;
}
button:hover {
  background: rgb(var(--v-theme-wool));
}
span {
  font-size: 1.7rem;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 18px;
}
small {
  font-size: 1.1rem;
  grid-column: 1 / -1;
}
button :deep(kbd) {
  grid-area: 1 / 2;
}
@media (max-width: 599px) {
  span {
    font-size: 1.5rem;
  }
  button {
    padding: 8px 14px;
    min-height: 72px;
  }
}
</style>
