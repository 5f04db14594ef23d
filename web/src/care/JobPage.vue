<script setup lang="ts">
import { computed } from 'vue'
import type { CareJob } from '@/api/types'
import KeyButton from '@/shell/KeyButton.vue'
import WhyList from '@/shell/WhyList.vue'
import JobFrame from './JobFrame.vue'
import LedSteps from './LedSteps.vue'
import { useJob } from './useJob'
import { titleOf } from './words'

/** A job, led through step by step: one press each, then how the dog took it. */
const props = defineProps<{ dogId: number; job: CareJob }>()

const run = useJob(props.dogId, props.job)
const { at, steps, view, vet, care, table, end } = run
const reasons = computed(() =>
  [view.value?.why, vet.value, care.data.value?.sitting].filter((reason) => reason !== undefined),
)
</script>

<template>
  <JobFrame
    :run="run"
    :title="titleOf(job)"
    :at="at"
    :of="steps.length"
    :first="!at"
    :can-back="at > 0 || !!end"
    @back="run.back()"
  >
    <LedSteps :steps="steps" :at="at" :disabled="table.saving.value" last="All done" @next="run.next" />
    <template #foot>
      <KeyButton k="n" :disabled="table.saving.value" @press="run.finish('NOTHING_NEEDED')"
        >Looked, nothing needed</KeyButton
      >
    </template>
    <template v-if="!end" #note>
      <span v-if="view?.child" class="quiet">A child may do this, an adult beside.</span>
      <WhyList :reasons="reasons" label="Why, and when to stop" />
    </template>
  </JobFrame>
</template>
