<script setup lang="ts">
import { useSessionStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { CareOutcome, ClawResult, ClawView, Paw, Signal } from '@/api/types'
import { choiceOf } from '@/api/words'
import { useDog } from '@/dog/useDogs'
import KeyButton from '@/shell/KeyButton.vue'
import PageState from '@/shell/PageState.vue'
import { useUnits } from '@/shell/useUnits'
import BleedingClaw from './BleedingClaw.vue'
import CareBench from './CareBench.vue'
import JobEnd from './JobEnd.vue'
import LearnFirst from './LearnFirst.vue'
import PawDrawing from './PawDrawing.vue'
import VoiceKey from './VoiceKey.vue'
import { useAtTheTable, useCare, useClawKind, useClaws, useSteps } from './useCare'

/** Claw by claw: one press each, and nothing is cut before the styptic lies ready. */
const props = defineProps<{ dogId: number }>()

const { say } = useUnits()
const dog = useDog(() => props.dogId)
const care = useCare(() => props.dogId)
const steps = useSteps(props.dogId, 'NAILS')
const claws = useClaws(props.dogId)
const kind = useClawKind(props.dogId)
const table = useAtTheTable(props.dogId, 'NAILS')

const PAWS: Paw[] = ['FRONT_LEFT', 'FRONT_RIGHT', 'HIND_LEFT', 'HIND_RIGHT']
const job = computed(() => care.data.value?.jobs.find((one) => one.job === 'NAILS'))
const view = computed(() => claws.data.value)
const whole = ref(false)
const ready = ref(false)
/** When a claw began to bleed; it outlives a closed page. */
const bleeds = useSessionStorage<number | null>(`bleeds:${props.dogId}`, null)
const end = ref<CareOutcome>()
const said = ref(false)
/** What was said here of each claw, which the server may not have heard yet. */
const marks = ref(new Map<string, ClawResult>())
const chosen = ref<string>()
const keyOf = (claw: { paw: Paw; toe: number }) => `${claw.paw}${claw.toe}`
const all = computed<ClawView[]>(() =>
  (view.value?.claws ?? []).map((claw) => {
    const mark = marks.value.get(keyOf(claw))
    return mark ? { ...claw, last: mark, due: false } : claw
  }),
)
const now = computed(() => all.value.find((claw) => keyOf(claw) === chosen.value) ?? all.value.find((claw) => claw.due))
const label = computed(() =>
  now.value ? `${choiceOf('Paw', now.value.paw).title}, ${now.value.toe ? `toe ${now.value.toe}` : 'dew claw'}` : '',
)
const learning = computed(() => !!job.value?.learning && !whole.value && !end.value && !bleeds.value)
const done = computed(() => marks.value.size)

function mark(result: ClawResult) {
  const claw = now.value
  if (!claw) return
  table.claw(claw.paw, claw.toe, result)
  marks.value = new Map(marks.value).set(keyOf(claw), result)
  chosen.value = undefined
  if (result === 'TOO_SHORT') bleeds.value = Date.now()
}
function back() {
  if (said.value || end.value) {
    if (said.value) table.undo()
    said.value = false
    end.value = undefined
    return
  }
  const last = [...marks.value.keys()].at(-1)
  if (!last) return
  table.undo()
  bleeds.value = null
  const fewer = new Map(marks.value)
  fewer.delete(last)
  marks.value = fewer
  chosen.value = last
}
function finish(outcome: CareOutcome) {
  bleeds.value = null
  end.value = outcome
  if (outcome === 'DONE') return
  said.value = true
  table.done(outcome)
}
function took(signal: Signal) {
  said.value = true
  table.done('DONE', signal)
}
const set = (change: Partial<{ frontDew: boolean; hindDew: boolean; dark: boolean }>) =>
  kind.mutate({ frontDew: view.value!.frontDew, hindDew: view.value!.hindDew, dark: view.value!.dark, ...change })
</script>

<template>
  <PageState
    :pending="!view || !job || !steps.data.value || !dog.data.value"
    :error="view ? care.error.value : claws.error.value"
    @retry="(care.refetch(), claws.refetch(), steps.refetch())"
  >
    <CareBench
      v-if="view && job && steps.data.value"
      :dog-id="dogId"
      :dog-name="dog.data.value!.form.name"
      title="Nails"
      :waiting="table.waiting.value"
      :refused="table.refused.value"
    >
      <template #head
        ><span v-if="done" class="count">{{ done }} {{ done === 1 ? 'claw' : 'claws' }} today</span></template
      >
      <JobEnd
        v-if="end"
        :dog-id="dogId"
        :outcome="end"
        :said="said"
        :next="job.next"
        :vet="steps.data.value.vet"
        :saving="table.saving.value"
        @took="took"
      />
      <section v-else-if="care.data.value?.inPeace" class="ask">
        <h1>Not today</h1>
        <p>{{ care.data.value.inPeace.text }}</p>
      </section>
      <BleedingClaw
        v-else-if="bleeds"
        :since="bleeds"
        :at-most-seconds="view.bleedsAtMostSeconds"
        :todo="view.tooShort"
        @stopped="bleeds = null"
        @vet="finish('FOR_THE_VET')"
      />
      <LearnFirst
        v-else-if="learning"
        :dog-id="dogId"
        :job="job"
        :other="{ subject: 'NAIL_GRINDER', title: 'or learn the grinder' }"
        @whole="whole = true"
      />
      <section v-else-if="!ready" class="ask">
        <p class="slab name">Before the first claw</p>
        <h1>Styptic lies open, within your reach and out of the dog’s. A pad beside it.</h1>
        <p v-for="one in view.how" :key="one.rule" :data-rule="one.rule">{{ say(one.text) }}</p>
        <fieldset>
          <legend>This dog</legend>
          <label><input type="checkbox" :checked="view.dark" @change="set({ dark: !view.dark })" /> dark claws</label>
          <label
            ><input type="checkbox" :checked="view.frontDew" @change="set({ frontDew: !view.frontDew })" /> dew claws in
            front</label
          >
          <label
            ><input type="checkbox" :checked="view.hindDew" @change="set({ hindDew: !view.hindDew })" /> dew claws
            behind</label
          >
        </fieldset>
        <KeyButton k="space" pedal="on" class="big" @press="ready = true">It lies ready</KeyButton>
      </section>
      <section v-else class="work">
        <div class="paws">
          <PawDrawing
            v-for="paw in PAWS"
            :key="paw"
            :paw="paw"
            :claws="all.filter((claw) => claw.paw === paw)"
            :now="now"
            @choose="chosen = keyOf($event)"
          />
        </div>
        <div class="now" aria-live="polite">
          <template v-if="now">
            <VoiceKey :text="label" />
            <p class="slab name">{{ label }}</p>
            <h1>{{ say(view.how[0]!.text) }}</h1>
            <KeyButton k="space" pedal="on" class="big" :disabled="table.saving.value" @press="mark('DONE')"
              >Its tip is off</KeyButton
            >
            <div class="two">
              <KeyButton k="l" :disabled="table.saving.value" @press="mark('LEFT')">Leave this one</KeyButton>
              <KeyButton k="x" class="short" :disabled="table.saving.value" @press="mark('TOO_SHORT')"
                >Cut too short</KeyButton
              >
            </div>
          </template>
          <h1 v-else>Every claw has had its turn.</h1>
          <KeyButton k="e" class="enough" :disabled="table.saving.value" @press="finish(done ? 'DONE' : 'LEFT')">{{
            done ? 'Enough for today' : 'Not today'
          }}</KeyButton>
        </div>
      </section>
      <template #foot>
        <KeyButton k="u" :disabled="(!done && !end) || table.saving.value" @press="back">Back one</KeyButton>
        <KeyButton v-if="!end" k="m" :disabled="table.saving.value" @press="finish('FOR_THE_VET')"
          >Something for the vet</KeyButton
        >
        <span v-if="!end" class="quiet">One claw a day is a routine, too. Never a child’s job.</span>
      </template>
    </CareBench>
  </PageState>
</template>

<style scoped>
.count {
  margin-left: auto;
}
.ask {
  flex: 1;
  display: flex;
  flex-direction: column;
  justify-content: center;
  gap: 14px;
}
h1 {
  font-size: clamp(1.6rem, 2.8vw, 2.3rem);
  max-width: 28ch;
  line-height: 1.22;
}
.ask p {
  font-size: 1.3rem;
  max-width: 52ch;
}
.name {
  font-size: 1.35rem;
  color: rgb(var(--v-theme-secondary));
}
fieldset {
  border: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 26px;
}
legend {
  font-weight: 700;
  float: left;
  margin-right: 20px;
  padding-top: 10px;
}
label {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 48px;
}
input {
  width: 24px;
  height: 24px;
  accent-color: rgb(var(--v-theme-secondary));
}
.big {
  min-height: 112px;
  border-radius: 20px 15px 22px 14px;
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
  font: 700 1.9rem var(--slab);
}
.work {
  flex: 1;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 40px;
  align-items: center;
}
.paws {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 20px;
}
.now {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.two button,
.enough {
  min-height: 72px;
  border: 3px solid rgb(var(--v-theme-seam));
  border-radius: 16px 12px 18px 11px;
  background: rgb(var(--v-theme-surface));
  font: 700 1.25rem var(--slab);
}
.two .short {
  border-color: rgb(var(--v-theme-error));
}
@media (max-width: 899px) {
  .work {
    grid-template-columns: 1fr;
    gap: 10px;
  }
  .paws {
    grid-template-columns: repeat(4, 1fr);
    gap: 4px;
    font-size: 0.74rem;
  }
  .big {
    min-height: 84px;
    font-size: 1.5rem;
  }
}
</style>
