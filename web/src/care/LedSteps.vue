<script setup lang="ts">
import { computed } from 'vue'
import type { CareStep } from '@/api/types'
import KeyButton from '@/shell/KeyButton.vue'
import { useUnits } from '@/shell/useUnits'
import StepName from './StepName.vue'

/** One step at a time: what to do, what to heed, one big press. */
const props = defineProps<{ steps: readonly CareStep[]; at: number; disabled: boolean; last: string }>()
defineEmits<{ next: [] }>()

const { say } = useUnits()
const step = computed(() => props.steps[props.at])
</script>

<template>
  <section v-if="step" class="flex-1 flex flex-col gap-20 max-md:gap-8" aria-live="polite">
    <div class="flex-1 flex flex-col justify-center py-20 px-0 max-md:p-0">
      <StepName :name="step.title" :speak="`${step.title}. ${step.todo}`" />
      <h1 class="text-[clamp(1.7rem,3.2vw,2.7rem)] leading-tight max-w-[30ch] mt-6 mx-0 mb-20">{{ step.todo }}</h1>
      <p
        v-if="step.caution"
        class="caution text-2xl leading-snug max-w-[46ch] max-md:text-xl"
        :data-rule="step.caution.rule"
      >
        {{ say(step.caution.text) }}
      </p>
    </div>
    <KeyButton
      k="space"
      pedal="on"
      class="next min-h-112 rounded-cut-lg bg-primary text-on-primary font-slab font-bold text-5xl leading-plain disabled:opacity-60 max-md:min-h-84 max-md:text-3xl max-md:sticky max-md:bottom-10"
      :disabled="disabled"
      @press="$emit('next')"
      >{{ at === steps.length - 1 ? last : 'Next' }}</KeyButton
    >
  </section>
</template>
