<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import choices from '@/api/choices'
import type { CareJob, CareOutcome, Signal } from '@/api/types'
import { useDog } from '@/dog/useDogs'
import KeyButton from '@/shell/KeyButton.vue'
import PageState from '@/shell/PageState.vue'
import WhyList from '@/shell/WhyList.vue'
import CareBench from './CareBench.vue'
import JobEnd from './JobEnd.vue'
import LearnFirst from './LearnFirst.vue'
import LedSteps from './LedSteps.vue'
import { useAtTheTable, useCare, useSteps } from './useCare'
import { titleOf } from './words'

/** A job, led through step by step: one press each, then how the dog took it. */
const props = defineProps<{ dogId: number; job: CareJob }>()

const dog = useDog(() => props.dogId)
const care = useCare(() => props.dogId)
const steps = useSteps(props.dogId, props.job)
const table = useAtTheTable(props.dogId, props.job)

const view = computed(() => care.data.value?.jobs.find((one) => one.job === props.job))
const all = computed(() => steps.data.value?.steps ?? [])
const at = ref(0)
const end = ref<CareOutcome>()
/** Whether the end was said; a job with a ladder asks first how the dog took it. */
const said = ref(false)
/** Still learned: whether the whole of it is done all the same. */
const whole = ref(false)
const learning = computed(() => !!view.value?.learning && !whole.value && !end.value)
const asksHow = computed(() => end.value === 'DONE' && !!view.value?.standing)
const missing = computed(() =>
  (view.value?.needs ?? [])
    .filter((need) => !need.have)
    .map((need) => need.any.map((kind) => choices.Supply.find((one) => one.value === kind)!.label).join(' or ')),
)

function finish(outcome: CareOutcome) {
  end.value = outcome
  if (asksHow.value) return
  said.value = true
  table.done(outcome)
}
function took(signal: Signal) {
  said.value = true
  table.done('DONE', signal)
}
function back() {
  if (said.value) table.undo()
  if (said.value && asksHow.value) said.value = false
  else if (end.value) {
    said.value = false
    end.value = undefined
  } else at.value = Math.max(0, at.value - 1)
}

watch(
  () => props.job,
  () => (at.value = 0),
)
</script>

<template>
  <PageState
    :pending="!view || !steps.data.value || !dog.data.value"
    :error="view ? steps.error.value : care.error.value"
    @retry="(care.refetch(), steps.refetch())"
  >
    <CareBench
      v-if="view && steps.data.value"
      :dog-id="dogId"
      :dog-name="dog.data.value!.form.name"
      :title="titleOf(job)"
      :at="at"
      :of="learning || end ? undefined : all.length"
      :waiting="table.waiting.value"
      :refused="table.refused.value"
    >
      <JobEnd
        v-if="end"
        :dog-id="dogId"
        :outcome="end"
        :said="said"
        :next="view.next"
        :vet="steps.data.value.vet"
        :saving="table.saving.value"
        @took="took"
      />
      <section v-else-if="care.data.value?.inPeace" class="say">
        <h1>Not today</h1>
        <p>{{ care.data.value.inPeace.text }}</p>
      </section>
      <LearnFirst v-else-if="learning" :dog-id="dogId" :job="view" @whole="whole = true" />
      <template v-else>
        <p v-if="!at && missing.length" class="quiet">
          Not in the drawer: {{ missing.join(', ') }}.
          <router-link to="/drawer/supplies">What lies ready</router-link>
        </p>
        <LedSteps
          :steps="all"
          :at="at"
          :disabled="table.saving.value"
          last="All done"
          @next="at < all.length - 1 ? at++ : finish('DONE')"
        />
      </template>
      <template #foot>
        <KeyButton k="u" :disabled="(!at && !end) || table.saving.value" @press="back">Back one</KeyButton>
        <template v-if="!end">
          <KeyButton k="n" :disabled="table.saving.value" @press="finish('NOTHING_NEEDED')"
            >Looked, nothing needed</KeyButton
          >
          <KeyButton k="m" :disabled="table.saving.value" @press="finish('FOR_THE_VET')"
            >Something for the vet</KeyButton
          >
          <KeyButton k="e" :disabled="table.saving.value" @press="finish('LEFT')">Leave it for today</KeyButton>
          <span v-if="view.child" class="quiet">A child may do this, an adult beside.</span>
          <WhyList
            :reasons="[view.why, steps.data.value.vet, ...(care.data.value?.sitting ? [care.data.value.sitting] : [])]"
            label="Why, and when to stop"
          />
        </template>
      </template>
    </CareBench>
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
