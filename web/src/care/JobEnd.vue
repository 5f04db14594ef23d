<script setup lang="ts">
import type { CareOutcome, Reason, Signal } from '@/api/types'
import { useUnits } from '@/shell/useUnits'
import SignalAnswers from './SignalAnswers.vue'

/** The end of a job: how the dog took it, and when it comes up again. */
defineProps<{
  dogId: number
  outcome: CareOutcome
  /** Whether that was said already, or is not asked. */
  said: boolean
  next?: string
  vet: Reason
  saving: boolean
}>()
defineEmits<{ took: [signal: Signal] }>()

const { date, say } = useUnits()
</script>

<template>
  <section class="end">
    <template v-if="!said">
      <h1>How did the dog take it?</h1>
      <SignalAnswers :disabled="saving" @answer="$emit('took', $event)" />
    </template>
    <template v-else>
      <h1>{{ outcome === 'LEFT' ? 'Left for another day' : outcome === 'FOR_THE_VET' ? 'Call your vet' : 'Done' }}</h1>
      <p v-if="outcome === 'FOR_THE_VET'" class="caution" :data-rule="vet.rule">{{ say(vet.text) }}</p>
      <p v-else-if="outcome === 'LEFT'">It comes up again; nothing is lost.</p>
      <p v-else>{{ next ? `Its next turn: ${date(next)}.` : 'Again when you want it.' }}</p>
      <slot />
      <router-link class="big" :to="`/dogs/${dogId}/care`">Back to the table</router-link>
    </template>
  </section>
</template>

<style scoped>
.end {
  flex: 1;
  display: flex;
  flex-direction: column;
  justify-content: center;
  gap: 16px;
}
h1 {
  font-size: clamp(1.7rem, 3.2vw, 2.6rem);
}
p {
  font-size: 1.35rem;
}
.big {
  display: flex;
  align-items: center;
  justify-content: center;
  min-height: 92px;
  max-width: 420px;
  padding: 10px 24px;
  border-radius: 20px 15px 22px 14px;
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
  font: 700 1.5rem var(--slab);
  text-decoration: none;
}
</style>
