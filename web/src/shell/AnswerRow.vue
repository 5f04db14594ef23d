<script setup lang="ts" generic="T extends string">
import KeyButton from './KeyButton.vue'

/** A few large answers side by side, by touch or by their number. */
defineProps<{
  label: string
  answers: readonly { value: T; title: string; hint: string }[]
  disabled: boolean
  /** What they are about is grave. */
  grave?: boolean
}>()
defineEmits<{ answer: [value: T] }>()
</script>

<template>
  <div
    class="answers grid grid-cols-4 gap-12 max-md:grid-cols-2 max-md:gap-8"
    :class="{ grave }"
    role="group"
    :aria-label="label"
  >
    <KeyButton
      v-for="(one, i) in answers"
      :key="one.value"
      :k="`${i + 1}`"
      :disabled="disabled"
      @press="$emit('answer', one.value)"
    >
      <span class="slab text-3xl max-md:text-xl">{{ one.title }}</span><small
        class="col-span-full text-base leading-tight max-md:text-sm"
        >{{ one.hint }}</small
      >
    </KeyButton>
  </div>
</template>

<style scoped>
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
.grave button {
  border-color: rgb(var(--v-theme-error));
}
button:hover {
  background: rgb(var(--v-theme-wool));
}
button :deep(kbd) {
  grid-area: 1 / 2;
}
@media (max-width: 899px) {
  button {
    min-height: 96px;
    padding: 8px 12px;
  }
}
</style>
