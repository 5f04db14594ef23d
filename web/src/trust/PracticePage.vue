<script setup lang="ts">
import { useTimestamp } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useSections } from '@/api/queries'
import type { Section, Signal, Subject, Warning } from '@/api/types'
import { useDog } from '@/dog/useDogs'
import KeyButton from '@/shell/KeyButton.vue'
import PageState from '@/shell/PageState.vue'
import WhyList from '@/shell/WhyList.vue'
import { useUnits } from '@/shell/useUnits'
import { usePractice } from './useTrust'
import WhenTheDog from './WhenTheDog.vue'
import choices from '@/api/choices'
import { kcal } from './words'

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
const title = computed(() => [view.value?.standing.subjectLabel, place.value].filter(Boolean).join(', '))
const enough = computed(
  () => view.value?.enough ?? (left.value === 0 ? { rule: '', text: 'That was long enough.' } : undefined),
)

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
/** Whether it is being asked what the dog did; in that moment hands come off, whatever it was. */
const teeth = ref(false)
function warn(warning: Warning) {
  teeth.value = false
  warned(warning)
}
const treats = computed(() => given.value.filter((one) => one.signal).length)
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
    <main v-if="view" class="bench">
      <header>
        <router-link :to="`/dogs/${dogId}/trust`">Done</router-link>
        <span
          >{{ dog.data.value!.form.name }}: <b class="name">{{ title }}</b></span
        >
        <span>{{ treats }} {{ treats === 1 ? 'treat' : 'treats' }}, within {{ kcal(view.treatKcal) }}</span>
        <KeyButton
          v-if="!enough"
          k="g"
          class="teeth"
          title="It growls, stiffens, shows its teeth, snaps or bites: hands off, and it ends"
          :disabled="saving"
          @press="teeth = true"
          >Teeth</KeyButton
        >
      </header>
      <p v-if="waiting" class="waiting" role="status">
        No answer from Rustic Tangle yet. {{ waiting === 1 ? 'Your answer is' : `${waiting} answers are` }} kept here
        and sent again.
      </p>
      <p v-if="refused" class="caution" role="alert">
        <strong>{{ refused }}</strong>
      </p>
      <div class="rung">
        <ol
          class="ladder"
          :aria-label="`Rung ${view.standing.rungNumber} of 10, ${view.standing.relaxedInRow} relaxed in a row`"
        >
          <li
            v-for="rung in 10"
            :key="rung"
            :class="{ here: rung === view.standing.rungNumber, below: rung < view.standing.rungNumber }"
          >
            <template v-if="rung === view.standing.rungNumber"
              ><i v-for="n in 3" :key="n" :class="{ full: n <= view.standing.relaxedInRow }"
            /></template>
          </li>
        </ol>
        <div aria-live="polite">
          <p class="quiet">Rung {{ view.standing.rungNumber }} of 10: {{ view.standing.rungLabel }}</p>
          <template v-if="enough">
            <h1>Enough for today</h1>
            <p class="then" :data-rule="enough.rule">{{ say(enough.text) }}</p>
            <p class="then"><b>End with something easy:</b> {{ view.endWith }}</p>
          </template>
          <template v-else>
            <h1>{{ view.howTo }}</h1>
            <p class="then">{{ view.timing }} About {{ view.trials }} times. It is met when {{ view.standing.met }}.</p>
          </template>
        </div>
        <svg
          v-if="!view.enough"
          class="time"
          viewBox="0 0 100 100"
          role="timer"
          :aria-label="left === undefined ? `${view.atMostSeconds} seconds at most` : `${left} seconds left`"
        >
          <circle cx="50" cy="50" r="44" class="track" />
          <circle
            cx="50"
            cy="50"
            r="44"
            class="left"
            :stroke-dasharray="CIRCLE"
            :stroke-dashoffset="CIRCLE * (1 - (left ?? view.atMostSeconds) / view.atMostSeconds)"
            transform="rotate(-90 50 50)"
          />
          <text x="50" y="54">{{ left ?? view.atMostSeconds }}</text>
          <text x="50" y="70" class="unit">s at most</text>
        </svg>
      </div>
      <template v-if="teeth && !enough">
        <p class="ask">Hands off. What was it?</p>
        <div class="answers three">
          <KeyButton
            v-for="(one, i) in choices.Warning"
            :key="one.value"
            :k="`${i + 1}`"
            class="grave"
            :disabled="saving"
            @press="warn(one.value)"
          >
            <span class="slab">{{ one.title }}</span><small>{{ one.hint }}</small>
          </KeyButton>
          <KeyButton k="b" @press="teeth = false"
            ><span class="slab">None of these</span><small>go on</small></KeyButton
          >
        </div>
      </template>
      <template v-else-if="!enough">
        <p class="ask">How did the dog take it?</p>
        <div class="answers">
          <KeyButton
            v-for="(signal, i) in choices.Signal"
            :key="signal.value"
            :k="`${i + 1}`"
            :class="signal.value.toLowerCase()"
            :disabled="saving"
            @press="record(signal.value)"
          >
            <span class="slab">{{ signal.title }}</span><small>{{ signal.hint }}</small>
          </KeyButton>
        </div>
      </template>
      <v-btn v-else color="primary" size="x-large" :to="`/dogs/${dogId}/trust`">Done for today</v-btn>
      <footer>
        <KeyButton k="u" :disabled="!given.length || saving" @press="undo">Undo</KeyButton>
        <KeyButton v-if="began === undefined && !enough" k="space" @press="begin">Start the time</KeyButton>
        <details>
          <summary>Set-up, and what goes wrong</summary>
          <p>{{ view.setUp }}</p>
          <ul>
            <li v-for="slip in view.slips" :key="slip">{{ slip }}</li>
          </ul>
        </details>
        <details>
          <summary>When the dog …</summary>
          <WhenTheDog />
        </details>
        <details v-if="lower.length && !enough" class="lower">
          <summary>Begin lower</summary>
          <button
            v-for="one in lower"
            :key="one.number"
            type="button"
            :disabled="saving"
            @click="beginLower(one.number)"
          >
            <b>{{ one.number }}</b> {{ one.label }}
          </button>
        </details>
        <WhyList :reasons="view.reasons" label="Why this, and why so short?" />
      </footer>
    </main>
  </PageState>
</template>

<style scoped>
.bench {
  min-height: 100vh;
  max-width: 1240px;
  margin: 0 auto;
  padding: 14px 32px 24px;
  display: flex;
  flex-direction: column;
}
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 18px;
  flex-wrap: wrap;
  min-height: 48px;
}
header a {
  color: inherit;
  min-height: 44px;
  padding-top: 10px;
}
.name {
  display: inline-block;
}
.name::first-letter {
  text-transform: uppercase;
}
.rung {
  display: grid;
  grid-template-columns: 64px 1fr 150px;
  gap: 34px;
  align-items: center;
  flex: 1;
}
h1 {
  font-size: clamp(1.7rem, 3vw, 2.5rem);
  color: rgb(var(--v-theme-heather));
  max-width: 24ch;
  margin: 6px 0 14px;
}
.then {
  font-size: 1.3rem;
  line-height: 1.35;
  max-width: 44ch;
}
.ladder {
  list-style: none;
  padding: 0;
  display: flex;
  flex-direction: column-reverse;
  gap: 5px;
  border-left: 5px solid rgb(var(--v-theme-ink));
  border-right: 5px solid rgb(var(--v-theme-ink));
  padding: 8px 0;
  border-radius: 4px;
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
i {
  width: 12px;
  height: 12px;
  border-radius: 50%;
  border: 2px solid rgb(var(--v-theme-heather));
}
i.full {
  background: rgb(var(--v-theme-heather));
}
.time {
  width: 150px;
}
.time circle {
  fill: none;
  stroke-width: 7;
}
.track {
  stroke: rgb(var(--v-theme-wool));
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
.ask {
  font-weight: 700;
  font-size: 1.15rem;
}
.answers {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 12px;
  margin: 6px 0 14px;
}
.answers button {
  min-height: 120px;
  padding: 12px 18px;
  border: 3px solid rgb(var(--v-theme-heather));
  border-radius: 16px 12px 18px 11px;
  text-align: left;
  background: rgb(var(--v-theme-surface));
  display: grid;
  grid-template-columns: 1fr auto;
  align-content: center;
  align-items: center;
}
.answers :deep(kbd) {
  grid-area: 1 / 2;
}
.answers button:hover {
  background: rgb(var(--v-theme-wool));
}
.answers .grave {
  border-color: rgb(var(--v-theme-error));
}
.teeth {
  min-height: 52px;
  min-width: 96px;
  border: 2px solid rgb(var(--v-theme-error));
  border-radius: 12px 9px 13px 8px;
  font-weight: 700;
}
.lower button {
  display: block;
  width: 100%;
  min-height: 44px;
  padding: 4px 12px;
  text-align: left;
  border-left: 5px solid rgb(var(--v-theme-heather));
}
.lower button:hover,
.teeth:hover {
  background: rgb(var(--v-theme-wool));
}
.answers span {
  font-size: 1.5rem;
}
.answers small {
  grid-column: 1 / -1;
  font-size: 1rem;
  line-height: 1.25;
}
footer {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 28px;
  align-items: flex-start;
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding-top: 10px;
  margin-top: 8px;
}
footer > button {
  min-height: 48px;
  padding: 0 18px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 10px 8px 12px 7px;
}
footer > button:disabled {
  opacity: 0.5;
}
summary {
  cursor: pointer;
  padding: 8px 2px;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
details ul {
  padding-left: 20px;
}
.waiting {
  background: rgb(var(--v-theme-wool));
  padding: 10px 16px;
  font-weight: 700;
  max-width: none;
}
@media (max-width: 899px) {
  .bench {
    padding: 8px 16px 16px;
  }
  .rung {
    grid-template-columns: 44px 1fr;
    gap: 16px;
    flex: none;
    margin: 8px 0;
  }
  .ladder li {
    height: 16px;
  }
  i {
    width: 9px;
    height: 9px;
  }
  .time {
    width: 84px;
    grid-column: 2;
  }
  h1 {
    font-size: 1.5rem;
  }
  .then {
    font-size: 1.1rem;
  }
  .answers {
    grid-template-columns: 1fr 1fr;
  }
  .answers button {
    min-height: 92px;
    padding: 8px 12px;
  }
  .answers span {
    font-size: 1.2rem;
  }
  .answers small {
    font-size: 0.9rem;
  }
}
</style>
