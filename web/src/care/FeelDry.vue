<script setup lang="ts">
import type { Reason } from '@/api/types'
import KeyButton from '@/shell/KeyButton.vue'
import { useUnits } from '@/shell/useUnits'
import StepName from './StepName.vue'

/** One place that stays damp: is it dry to the skin? */
defineProps<{ place: string; again: boolean; minutes: string; warning?: Reason; heed: Reason[]; saving: boolean }>()
defineEmits<{ felt: [dry: boolean] }>()

const { say } = useUnits()
</script>

<template>
  <div class="dry" aria-live="polite">
    <StepName
      :name="again ? 'Once more, after some air' : 'Feel with your fingers, at the skin'"
      :speak="`${place}: dry to the skin?`"
    />
    <h1 class="place text-[clamp(1.8rem,3.2vw,2.7rem)]">{{ place }}</h1>
    <p v-for="one in heed" class="text-xl" :key="one.rule" :data-rule="one.rule">{{ say(one.text) }}</p>
    <p class="text-xl">{{ minutes }} in all.</p>
    <div class="grid grid-cols-[1.6fr_1fr] gap-12">
      <KeyButton k="space" pedal="on" class="big" :disabled="saving" @press="$emit('felt', true)"
        >Dry to the skin</KeyButton
      >
      <KeyButton k="d" class="other" :disabled="saving" @press="$emit('felt', false)">Still damp</KeyButton>
    </div>
    <p v-if="warning" class="caution text-xl" :data-rule="warning.rule">{{ say(warning.text) }}</p>
  </div>
</template>

<style scoped>
.place::first-letter {
  text-transform: uppercase;
}
</style>
