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
  <div class="big flex flex-col flex-1" :class="{ few: !small }">
    <h2 class="text-4xl font-bold">{{ question }}</h2>
    <div
      class="keys grid grid-cols-3 gap-12 flex-1 min-h-220"
      :style="columns && columns > 1 ? { gridTemplateColumns: `repeat(${columns}, 1fr)` } : undefined"
    >
      <KeyButton
        v-for="(one, i) in answers"
        :key="one.value"
        :k="`${i + 1}`"
        :disabled="busy"
        @press="$emit('answer', one.value)"
      >
        <span class="slab text-4xl flex flex-wrap items-center gap-y-4 gap-x-18 max-sm:text-3xl"
          ><slot name="drawing" :value="one.value" />{{ one.title }}</span
        >
        <small v-if="one.hint" class="text-lg col-span-full">{{ one.hint }}</small>
      </KeyButton>
    </div>
  </div>
</template>

<style scoped>
.few .keys {
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
button :deep(kbd) {
  grid-area: 1 / 2;
}
@media (max-width: 599px) {
  button {
    padding: 8px 14px;
    min-height: 72px;
  }
}
</style>
