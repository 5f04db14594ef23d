<script setup lang="ts" generic="T extends string">
import ChoiceKey from './ChoiceKey.vue'
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
  <div class="row grid grid-cols-[110px_1fr] gap-10 items-baseline my-8 mx-0 max-sm:grid-cols-1 max-sm:gap-4">
    <span :id="`label-${label}`" class="label font-bold">{{ label }}</span>
    <div class="few flex flex-wrap gap-6" role="group" :aria-labelledby="`label-${label}`">
      <ChoiceKey
        v-for="choice in choices"
        class="max-sm:flex-[1_1_40%]"
        :key="choice.value"
        :on="modelValue === choice.value"
        @click="choose(choice.value)"
      >
        {{ choice.title }}<small v-if="choice.hint" class="block text-xs font-normal">{{ choice.hint }}</small>
      </ChoiceKey>
    </div>
  </div>
</template>
