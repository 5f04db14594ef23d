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
  <section v-if="step" class="led" aria-live="polite">
    <div>
      <StepName :name="step.title" :speak="`${step.title}. ${step.todo}`" />
      <h1>{{ step.todo }}</h1>
      <p v-if="step.caution" class="caution" :data-rule="step.caution.rule">{{ say(step.caution.text) }}</p>
    </div>
    <KeyButton k="space" pedal="on" class="next" :disabled="disabled" @press="$emit('next')">{{
      at === steps.length - 1 ? last : 'Next'
    }}</KeyButton>
  </section>
</template>

<style scoped>
.led {
  flex: 1;
  display: flex;
  flex-direction: column;
  gap: 20px;
}
.led > div {
  flex: 1;
  display: flex;
  flex-direction: column;
  justify-content: center;
  padding: 20px 0;
}
h1 {
  font-size: clamp(1.7rem, 3.2vw, 2.7rem);
  line-height: 1.22;
  max-width: 30ch;
  margin: 6px 0 20px;
}
.caution {
  font-size: 1.35rem;
  line-height: 1.35;
  max-width: 46ch;
}
.next {
  min-height: 112px;
  border-radius: 20px 15px 22px 14px;
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
  font: 700 2rem var(--slab);
}
.next:disabled {
  opacity: 0.6;
}
@media (max-width: 899px) {
  .led {
    gap: 8px;
  }
  .led > div {
    padding: 0;
  }
  .caution {
    font-size: 1.15rem;
  }
  .next {
    min-height: 84px;
    font-size: 1.5rem;
    position: sticky;
    bottom: 10px;
  }
}
</style>
