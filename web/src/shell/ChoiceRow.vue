<script setup lang="ts" generic="T extends string">
/** A few choices in a row, one or none of them taken. */
const props = defineProps<{
  label: string
  choices: readonly { value: T; title: string; hint?: string }[]
  modelValue: T | undefined
  optional?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: T | undefined] }>()

function choose(value: T) {
  emit('update:modelValue', props.optional && props.modelValue === value ? undefined : value)
}
</script>

<template>
  <div class="choice">
    <span :id="`label-${label}`" class="label">{{ label }}</span>
    <div class="few" role="group" :aria-labelledby="`label-${label}`">
      <button
        v-for="choice in choices"
        :key="choice.value"
        type="button"
        :aria-pressed="modelValue === choice.value"
        @click="choose(choice.value)"
      >
        {{ choice.title }}<small v-if="choice.hint">{{ choice.hint }}</small>
      </button>
    </div>
  </div>
</template>

<style scoped>
.choice {
  display: grid;
  grid-template-columns: 110px 1fr;
  gap: 10px;
  align-items: baseline;
  margin: 8px 0;
}
.label {
  font-weight: 700;
}
.few {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.few button {
  border: 1.5px solid rgb(var(--v-theme-seam));
  background: rgb(var(--v-theme-surface));
  padding: 6px 12px;
  min-height: 44px;
  border-radius: 9px 7px 10px 6px;
  text-align: left;
  line-height: 1.2;
}
.few button[aria-pressed='true'] {
  background: rgb(var(--v-theme-wool));
  border-color: rgb(var(--v-theme-ink));
  box-shadow: inset 0 -3px rgb(var(--v-theme-secondary));
  font-weight: 700;
}
.few small {
  display: block;
  font-size: 0.82rem;
  font-weight: 400;
}
@media (max-width: 599px) {
  .choice {
    grid-template-columns: 1fr;
    gap: 4px;
  }
  .few button {
    flex: 1 1 40%;
  }
}
</style>
