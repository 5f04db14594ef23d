<script setup lang="ts">
import type { CareOutcome, Reason, Signal } from '@/api/types'
import choices from '@/api/choices'
import AnswerRow from '@/shell/AnswerRow.vue'
import { useUnits } from '@/shell/useUnits'

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
  <section class="end flex-1 flex flex-col justify-center gap-16">
    <template v-if="!said">
      <h1 class="text-[clamp(1.7rem,3.2vw,2.6rem)]">How did the dog take it?</h1>
      <AnswerRow
        label="How did the dog take it?"
        :answers="choices.Signal"
        :disabled="saving"
        @answer="$emit('took', $event)"
      />
    </template>
    <template v-else>
      <h1 class="text-[clamp(1.7rem,3.2vw,2.6rem)]">
        {{ outcome === 'LEFT' ? 'Left for another day' : outcome === 'FOR_THE_VET' ? 'Call your vet' : 'Done' }}
      </h1>
      <p v-if="outcome === 'FOR_THE_VET'" class="caution text-2xl" :data-rule="vet.rule">{{ say(vet.text) }}</p>
      <p v-else-if="outcome === 'LEFT'" class="text-2xl">It comes up again; nothing is lost.</p>
      <p v-else class="text-2xl">{{ next ? `Its next turn: ${date(next)}.` : 'Again when you want it.' }}</p>
      <slot />
      <router-link class="big" :to="`/dogs/${dogId}/today/table`">Back to the table</router-link>
    </template>
  </section>
</template>
