<script setup lang="ts">
import { useTimestamp } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import choices from '@/api/choices'
import { useHousehold } from '@/api/queries'
import type { CareJob, CareOutcome, Signal } from '@/api/types'
import { useDog } from '@/dog/useDogs'
import { isQuiet } from '@/session/useVoice'
import { useWalk } from '@/session/useWalk'
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
const household = useHousehold()
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
  if (signal === 'AFRAID') walk.silence()
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

const now = useTimestamp({ interval: 30_000 })
const still = computed(() => {
  const { quietFrom, quietTo } = household.data.value ?? {}
  return quietFrom && quietTo && isQuiet(new Date(now.value), quietFrom, quietTo) ? 'silent in the quiet hours' : ''
})
const walk = useWalk(
  computed(() => {
    const step = all.value[at.value]
    return step
      ? { key: `${props.job}${at.value}`, lines: [{ say: `${step.title}. ${step.todo}`, wait: 0 }] }
      : undefined
  }),
  computed(() => !!view.value && !learning.value && !end.value && !care.data.value?.inPeace),
  still,
)
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
      <template #head>
        <KeyButton
          v-if="!learning && !end"
          k="v"
          class="voice"
          :aria-pressed="walk.leads.value"
          :disabled="!!still"
          @press="walk.toggle"
          >{{ still ? 'Quiet' : walk.leads.value ? 'Silent' : 'Voice' }}</KeyButton
        >
      </template>
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
          <WhyList :reasons="[view.why, steps.data.value.vet]" label="Why, and when to stop" />
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
.voice {
  min-height: 52px;
  min-width: 84px;
  border: 2px solid rgb(var(--v-theme-heather));
  border-radius: 26px;
}
.voice[aria-pressed='true'] {
  background: rgba(var(--v-theme-heather), 0.2);
}
</style>
