<script setup lang="ts">
import { useTimestamp } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useSections } from '@/api/queries'
import type { Section, Signal, Subject, Warning } from '@/api/types'
import { useDog } from '@/dog/useDogs'
import AnswerRow from '@/shell/AnswerRow.vue'
import BenchFrame from '@/shell/BenchFrame.vue'
import KeyButton from '@/shell/KeyButton.vue'
import PageState from '@/shell/PageState.vue'
import WhyList from '@/shell/WhyList.vue'
import { useUnits } from '@/shell/useUnits'
import { usePractice } from './useTrust'
import SeenSomething from './SeenSomething.vue'
import WhenTheDog from './WhenTheDog.vue'
import choices from '@/api/choices'
import { subjectLabel } from '@/api/words'
import { kcal } from './words'
import ActKey from '@/shell/ActKey.vue'

/** One rung, one instruction, and how the dog took it. */
const props = defineProps<{ dogId: number; subject: Subject; section?: Section }>()

const { names } = useSections()
const { say } = useUnits()
const dog = useDog(() => props.dogId)
const { practice, refused, given, waiting, saving, answer, warned, beginLower, undo } = usePractice(
  props.dogId,
  props.subject,
  props.section,
)

const view = computed(() => practice.data.value)
const place = computed(() => (props.section ? names.value[props.section] : undefined))
const title = computed(() =>
  [view.value && subjectLabel(view.value.standing.subject), place.value].filter(Boolean).join(', '),
)
const enough = computed(
  () => view.value?.enough ?? (left.value === 0 ? { rule: '', text: 'That was long enough.' } : undefined),
)

/** What stands between the coat and the water. */
const atTheGate = computed(() => !!view.value?.wets && !!enough.value?.rule.startsWith('care.gate-'))

/** Seconds left; it runs from the first answer on, or when asked to. Undefined: it has not begun. */
const began = ref<number>()
const now = useTimestamp({ interval: 500 })
const left = computed(() =>
  began.value === undefined || !view.value
    ? undefined
    : Math.max(0, Math.ceil(view.value.atMostSeconds - Math.max(0, now.value - began.value) / 1000)),
)
function begin() {
  began.value ??= Date.now()
}
function record(signal: Signal) {
  begin()
  answer(signal)
}
const noting = ref(false)
/** Whether it is being asked what the dog did; kept at once as the least of it, should nobody answer any more. */
const telling = ref(false)
const WARNINGS = [...choices.Warning, { value: 'NONE', title: 'None of these', hint: 'go on' }] as const
function handsOff() {
  telling.value = true
  warned('GROWLED')
}
function warn(warning: Warning | 'NONE') {
  telling.value = false
  if (warning === 'NONE') undo()
  else if (warning !== 'GROWLED') warned(warning)
}
const treats = computed(() => given.value.filter((trial) => trial.signal).length)
/** The rungs below, the nearest first. */
const lower = computed(() =>
  (view.value?.rungs ?? [])
    .map((label, i) => ({ number: i + 1, label }))
    .slice(0, (view.value?.standing.rungNumber ?? 1) - 1)
    .reverse(),
)
const CIRCLE = 2 * Math.PI * 44
</script>

<template>
  <PageState
    :pending="!view || !dog.data.value"
    :error="view ? undefined : practice.error.value"
    @retry="practice.refetch()"
  >
    <BenchFrame
      v-if="view"
      :to="`/dogs/${dogId}/dog/trust`"
      :dog-name="dog.data.value!.form.name"
      :title="title"
      :waiting="waiting"
      :refused="refused"
    >
      <template #head>
        <span class="treats ml-auto max-md:order-1 max-md:flex-[1_1_100%] max-md:-mt-12 max-md:mx-0 max-md:mb-0"
          >{{ treats }} {{ treats === 1 ? 'treat' : 'treats' }}, within {{ kcal(view.treatKcal) }}</span
        >
        <KeyButton
          v-if="!enough && !telling"
          k="i"
          class="seen min-h-52 py-4 px-14 border-2 rounded-cut font-bold border-seam hover:bg-wool max-md:flex-1"
          title="A tick, a scab, a lump, a hot or smelly place, a limp"
          @press="noting = true"
          >Something seen</KeyButton
        >
        <KeyButton
          v-if="!enough && !telling"
          k="g"
          class="min-h-52 py-4 px-14 border-2 border-error rounded-cut font-bold hover:bg-wool max-md:flex-1"
          title="It growls, stiffens, shows its teeth, snaps or bites: hands off, and it ends"
          :disabled="saving"
          @press="handsOff"
          >Growl or bite</KeyButton
        >
      </template>
      <SeenSomething v-if="noting" :dog-id="dogId" :near="section ? [section] : []" @close="noting = false" />
      <div class="rung">
        <ol
          class="ladder list-none flex flex-col-reverse gap-5 border-l-5 border-l-ink border-r-5 border-r-ink py-8 px-0 rounded-fine"
          :aria-label="`Rung ${view.standing.rungNumber} of 10, ${view.standing.relaxedInRow} relaxed in a row`"
        >
          <li
            v-for="rung in 10"
            :key="rung"
            :class="{ here: rung === view.standing.rungNumber, below: rung < view.standing.rungNumber }"
          >
            <template v-if="rung === view.standing.rungNumber"
              ><i
                v-for="n in 3"
                class="w-12 h-12 rounded-round border-2 border-heather max-md:w-9 max-md:h-9"
                :key="n"
                :class="{ full: n <= view.standing.relaxedInRow }"
            /></template>
          </li>
        </ol>
        <div aria-live="polite">
          <p class="quiet">Rung {{ view.standing.rungNumber }} of 10: {{ view.standing.rungLabel }}</p>
          <template v-if="enough && !telling">
            <h1 class="text-[clamp(1.7rem,3vw,2.5rem)] text-heather max-w-[24ch] mt-6 mx-0 mb-14 max-md:text-3xl">
              {{ atTheGate ? 'Not into the water yet' : 'Enough for today' }}
            </h1>
            <p class="then" :data-rule="enough.rule">{{ say(enough.text) }}</p>
            <p v-if="atTheGate" class="then">
              <router-link :to="`/dogs/${dogId}/care/bath`">What to do first</router-link>
            </p>
            <p class="then"><b>End with something easy:</b> {{ view.endWith }}</p>
          </template>
          <template v-else>
            <h1 class="text-[clamp(1.7rem,3vw,2.5rem)] text-heather max-w-[24ch] mt-6 mx-0 mb-14 max-md:text-3xl">
              {{ view.howTo }}
            </h1>
            <p v-if="view.wets" class="caution">
              This rung wets the coat. Feel it
              <router-link :to="`/dogs/${dogId}/care/bath`">dry to the skin</router-link> afterwards, the same hour.
            </p>
            <p v-if="view.cue" class="then cue">{{ view.cue }}</p>
            <p class="then">{{ view.timing }} About {{ view.trials }} times. It is met when {{ view.standing.met }}.</p>
          </template>
        </div>
        <svg
          v-if="!view.enough"
          class="time w-150 max-md:w-84 max-md:col-start-2"
          viewBox="0 0 100 100"
          role="timer"
          :aria-label="left === undefined ? `${view.atMostSeconds} seconds at most` : `${left} seconds left`"
        >
          <circle cx="50" cy="50" r="44" class="stroke-wool fill-none stroke-[7]" />
          <circle
            cx="50"
            cy="50"
            r="44"
            class="left fill-none stroke-[7]"
            :stroke-dasharray="CIRCLE"
            :stroke-dashoffset="CIRCLE * (1 - (left ?? view.atMostSeconds) / view.atMostSeconds)"
            transform="rotate(-90 50 50)"
          />
          <text x="50" y="54">{{ left ?? view.atMostSeconds }}</text>
          <text x="50" y="70" class="unit">s at most</text>
        </svg>
      </div>
      <template v-if="telling">
        <p class="font-bold text-xl">Hands off. What was it?</p>
        <AnswerRow label="What was it?" :answers="WARNINGS" :disabled="saving" grave @answer="warn" />
      </template>
      <template v-else-if="!enough">
        <p class="font-bold text-xl">How did the dog take it?</p>
        <AnswerRow label="How did the dog take it?" :answers="choices.Signal" :disabled="saving" @answer="record" />
      </template>
      <ActKey v-else color="primary" size="x-large" :to="`/dogs/${dogId}/dog/trust`">Done for today</ActKey>
      <template #foot>
        <KeyButton k="u" :disabled="!given.length || saving" @press="undo">Undo</KeyButton>
        <KeyButton v-if="began === undefined && !enough" k="space" @press="begin">Start the time</KeyButton>
        <details>
          <summary class="cursor-pointer py-8 px-2 dotted">Set-up, and what goes wrong</summary>
          <p>{{ view.setUp }}</p>
          <ul class="pl-20">
            <li v-for="slip in view.slips" :key="slip">{{ slip }}</li>
          </ul>
        </details>
        <details>
          <summary class="cursor-pointer py-8 px-2 dotted">When the dog …</summary>
          <WhenTheDog />
        </details>
        <details v-if="lower.length && !enough">
          <summary class="cursor-pointer py-8 px-2 dotted">Begin lower</summary>
          <button
            v-for="one in lower"
            class="block w-full min-h-44 py-4 px-12 text-left border-l-5 border-l-heather hover:bg-wool"
            :key="one.number"
            type="button"
            :disabled="saving"
            @click="beginLower(one.number)"
          >
            <b>{{ one.number }}</b> {{ one.label }}
          </button>
        </details>
        <WhyList :reasons="view.reasons" label="Why this, and why so short?" />
      </template>
    </BenchFrame>
  </PageState>
</template>

<style scoped>
.rung {
  display: grid;
  grid-template-columns: 64px 1fr 150px;
  gap: 34px;
  align-items: center;
  flex: 1;
}
.then {
  font-size: 1.35rem;
  line-height: 1.35;
  max-width: 44ch;
}
.ladder li {
  height: 22px;
  border-bottom: 5px solid rgb(var(--v-theme-seam));
  display: flex;
  justify-content: center;
  align-items: center;
  gap: 4px;
}
.ladder .below {
  border-bottom-color: rgb(var(--v-theme-heather));
}
.ladder .here {
  border-bottom: 7px solid rgb(var(--v-theme-heather));
}
i.full {
  background: rgb(var(--v-theme-heather));
}
.left {
  stroke: rgb(var(--v-theme-heather));
  stroke-linecap: round;
  transition: stroke-dashoffset 0.5s linear;
}
.time text {
  text-anchor: middle;
  font: 700 26px var(--slab);
  fill: rgb(var(--v-theme-ink));
}
.time .unit {
  font: 11px var(--sans);
}
@media (max-width: 899px) {
  .rung {
    grid-template-columns: 44px 1fr;
    gap: 16px;
    flex: none;
    margin: 8px 0;
  }
  .ladder li {
    height: 16px;
  }
  .then {
    font-size: 1.1rem;
  }
}
</style>
