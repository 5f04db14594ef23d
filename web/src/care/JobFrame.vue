<script setup lang="ts">
import BenchFrame from '@/shell/BenchFrame.vue'
import KeyButton from '@/shell/KeyButton.vue'
import PageState from '@/shell/PageState.vue'
import { useUnits } from '@/shell/useUnits'
import JobEnd from './JobEnd.vue'
import LearnFirst from './LearnFirst.vue'
import type { Job } from './useJob'

/** Around every job at the table: left in peace, learned first, its end; in between what the page shows. */
defineProps<{
  run: Job
  title: string
  /** Which step of how many; undefined: there are none just now. */
  at?: number
  of?: number
  /** Something is in hand that goes on whatever the dog learns. */
  going?: boolean
  /** The page itself leads to the vet just now. */
  toTheVet?: boolean
  /** Part of it is done and written down: the page says how that ends, nothing is left. */
  partDone?: boolean
  canBack: boolean
  /** Besides what the table itself may say. */
  pending?: boolean
  error?: Error | null
  waiting?: number
  refused?: string
  /** Another ladder that would do, too. */
  other?: { subject: string; title: string }
}>()
defineEmits<{ back: []; retry: [] }>()

const { say } = useUnits()
</script>

<template>
  <PageState
    :pending="run.pending.value || pending"
    :error="run.error.value ?? error"
    @retry="(run.retry(), $emit('retry'))"
  >
    <BenchFrame
      v-if="!run.pending.value && !pending"
      :to="`/dogs/${run.dogId}/care`"
      :dog-name="run.dog.data.value!.form.name"
      :title="title"
      :at="at"
      :of="run.end.value || (run.learning.value && !going) ? undefined : of"
      :waiting="run.table.waiting.value + (waiting ?? 0)"
      :refused="refused ?? run.table.refused.value"
    >
      <template #head><slot name="head" /></template>
      <JobEnd
        v-if="run.end.value"
        :dog-id="run.dogId"
        :outcome="run.end.value"
        :said="run.said.value"
        :next="run.view.value!.next"
        :vet="run.vet.value!"
        :saving="run.table.saving.value"
        @took="run.took"
        ><slot name="end"
      /></JobEnd>
      <slot v-else-if="going" />
      <section v-else-if="run.inPeace.value" class="say">
        <h1>Not today</h1>
        <p :data-rule="run.inPeace.value.rule">{{ say(run.inPeace.value.text) }}</p>
      </section>
      <LearnFirst
        v-else-if="run.learning.value"
        :dog-id="run.dogId"
        :job="run.view.value!"
        :other="other"
        @whole="run.doWhole"
      />
      <slot v-else />
      <template #foot>
        <KeyButton k="u" :disabled="!canBack || run.table.saving.value" @press="$emit('back')">Back one</KeyButton>
        <template v-if="!run.end.value">
          <slot name="foot" />
          <KeyButton v-if="!toTheVet" k="m" :disabled="run.table.saving.value" @press="run.finish('FOR_THE_VET')"
            >Something for the vet</KeyButton
          >
          <KeyButton v-if="!going && !partDone" k="e" :disabled="run.table.saving.value" @press="run.finish('LEFT')"
            >Leave it for today</KeyButton
          >
        </template>
        <slot name="note" />
      </template>
    </BenchFrame>
  </PageState>
</template>

<style scoped>
.say {
  flex: 1;
  display: flex;
  flex-direction: column;
  justify-content: center;
  gap: 14px;
}
.say p {
  font-size: 1.35rem;
}
</style>
