<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useSections } from '@/api/queries'
import type { Section, Signal } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import type { Paint } from '@/bodymap/CoatSide.vue'
import { useDrawnCoat } from '@/coat/useCoat'
import { useDog } from '@/dog/useDogs'
import LayerSketch from '@/routine/LayerSketch.vue'
import PageState from '@/shell/PageState.vue'
import { useKeys } from '@/shell/useKeys'
import { minutes, useUnits } from '@/shell/useUnits'
import { SIGNALS } from '@/trust/words'
import BigAnswers from './BigAnswers.vue'
import CatchQuestions from './CatchQuestions.vue'
import CatchTodo from './CatchTodo.vue'
import SessionEnd from './SessionEnd.vue'
import StrokeRhythm from './StrokeRhythm.vue'
import { useSession } from './useSession'
import { useWakeLock } from './useWakeLock'
import { COMB_ANSWERS, type Comb } from './words'

const props = defineProps<{ dogId: number; sessionId: string }>()

const { names } = useSections()
const { say } = useUnits()
const dog = useDog(() => props.dogId)
const coat = useDrawnCoat(() => props.dogId)
const { session, record, saving, waiting, refused } = useSession(props.dogId, props.sessionId)
useWakeLock()

const view = computed(() => session.data.value)
const step = computed(() => view.value?.steps.find((s) => s.how.section === view.value?.current)?.how)
/** How many places are answered; places put off come last. */
const position = computed(() => view.value?.steps.filter((s) => s.outcome !== 'WAITING').length ?? 0)
const toGo = computed(() => view.value?.steps.filter((s) => s.outcome === 'WAITING').reduce((sum, s) => sum + s.how.seconds, 0) ?? 0)
const name = computed(() => (step.value ? (names.value[step.value.section] ?? '') : ''))

/** One decision at a time: do it, what the comb said, how many, how the dog took it. */
const phase = ref<'work' | 'comb' | 'count' | 'dog' | 'catch' | 'caught'>('work')
const comb = ref<Comb>('GLIDES')
const tangles = ref(0)
/** Where to go on once the entry is stored; absent: to what the session says. */
let goOn: 'comb' | undefined
watch(() => view.value, (now) => {
  phase.value = goOn ?? (now?.caught ? 'caught' : 'work')
  goOn = undefined
}, { immediate: true })

/** Each new question takes the focus, so that a button pressed before is not pressed again by the space bar. */
const title = ref<HTMLElement>()
watch(() => [view.value, phase.value], () => title.value?.focus({ preventScroll: true }), { flush: 'post' })

const paint = computed<Partial<Record<Section, Paint>>>(() => Object.fromEntries((view.value?.steps ?? []).map((s) => [s.how.section,
  s.how.section === view.value?.current ? { fill: 'rgba(var(--v-theme-primary), 0.62)', says: 'now' }
    : s.outcome === 'WAITING' ? { fill: 'rgba(var(--v-theme-seam), 0.5)', says: 'to come' }
      : { fill: 'rgba(var(--v-theme-secondary), 0.55)', says: 'answered' }])))

function combSaid(value: string) {
  comb.value = value as Comb
  tangles.value = 0
  phase.value = value === 'GLIDES' ? 'dog' : 'count'
}
function counted(value: string) {
  tangles.value = Number(value)
  phase.value = 'dog'
}
function dogSaid(value: string) {
  record({ type: 'SECTION_DONE', section: step.value!.section, comb: comb.value, tangles: tangles.value, signal: value as Signal })
}
function tried(seconds: number, outcome: 'OUT' | 'NOT_YET' | 'UNEASY' | 'OPTED_OUT') {
  if (outcome === 'OUT') goOn = 'comb'
  record({ type: 'TEASED', section: step.value!.section, seconds, signal: outcome === 'UNEASY' || outcome === 'OPTED_OUT' ? outcome : 'RELAXED' })
}
function staysIn() {
  comb.value = 'MAT_LEFT'
  tangles.value = 1
  phase.value = 'dog'
}
function optedOut() {
  record({ type: 'SECTION_DONE', section: step.value!.section, comb: 'NOT_COMBED', signal: 'OPTED_OUT' })
}
function skip() {
  record({ type: 'SECTION_SKIPPED', section: step.value!.section })
}
const COUNTS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'].map((n) => ({ value: n, title: n, key: n, hint: n === '9' ? 'or more' : '' }))

const SMALL = computed(() => [
  { key: 'c', title: 'It catches', act: () => { phase.value = 'catch' }, off: (phase.value !== 'work' && phase.value !== 'comb') || !step.value },
  { key: 'o', title: 'Opts out', act: optedOut, off: phase.value !== 'work' || !step.value },
  { key: 's', title: 'Skip', act: skip, off: phase.value !== 'work' || !step.value },
  { key: 'b', title: 'Back', act: () => { phase.value = 'work' }, off: phase.value === 'work' || phase.value === 'caught' },
  { key: 'u', title: 'Undo', act: () => record({ type: 'UNDONE' }), off: !view.value?.entries },
  { key: 'e', title: 'End here', act: () => record({ type: 'STOPPED' }), off: !step.value },
].filter((small) => !small.off))

useKeys((pressed, event) => {
  if (saving.value || !view.value) return
  const answer = document.querySelector<HTMLButtonElement>(`[data-key="${CSS.escape(pressed)}"]`)
  if (answer) answer.click()
  else if (pressed === ' ' && phase.value === 'work' && step.value && !isControl(event.target)) {
    event.preventDefault()
    phase.value = 'comb'
  }
})
/** What has the focus answers to the space bar itself. */
function isControl(target: EventTarget | null): boolean {
  return target instanceof Element && target.matches('button, a, summary, [role=button]')
}
</script>

<template>
  <PageState :pending="!view || !dog.data.value" :error="session.error.value" @retry="session.refetch()">
    <SessionEnd v-if="view?.end" :view="view" :names="names" :dog-name="dog.data.value!.form.name" @undo="record({ type: 'UNDONE' })" />
    <div v-else-if="view && step" class="bench" :class="{ looking: phase === 'catch' || phase === 'caught' }">
      <header>
        <router-link to="/" class="out">Pause and leave</router-link>
        <span><span class="who">{{ dog.data.value!.form.name }}: </span>{{ position + 1 }} of {{ view.steps.length }}</span>
        <span class="togo">about {{ minutes(toGo) }} to go</span>
        <progress :value="position" :max="view.steps.length" :aria-label="`${position} of ${view.steps.length} places answered`" />
      </header>
      <aside><CoatMap :names="names" :coat="coat" :paint="paint" :selected="[step.section]" single /></aside>
      <section class="now" aria-live="polite">
        <p v-if="waiting" class="waiting" role="status">No answer from Rustic Tangle yet. Your entry is kept here and sent again.</p>
        <p v-if="refused" class="caution" role="alert"><strong>{{ refused.message }}</strong></p>
        <div v-for="advice in view.advice" :key="advice.rule" class="advice" :data-rule="advice.rule">{{ say(advice.text) }}</div>
        <h1 ref="title" tabindex="-1">{{ name }}</h1>
        <template v-if="phase === 'work'">
          <div class="work">
            <div>
              <p class="hold">{{ step.hold }}</p>
              <ol><li v-for="(tool, i) in step.tools" :key="i"><b>{{ tool.own?.shownName ?? tool.toolLabel }}</b> {{ tool.mannerLabel }}</li></ol>
              <p class="guard">At most {{ step.strokesAtMost }} strokes on a spot, then move on. <StrokeRhythm :strokes="step.strokesAtMost" /></p>
            </div>
            <LayerSketch :layers="step.layers" class="sketch" />
          </div>
        </template>
        <CatchQuestions v-else-if="phase === 'catch'" @found="(found) => record({ type: 'CAUGHT', section: step!.section, found })" />
        <CatchTodo v-else-if="phase === 'caught' && view.caught" :key="view.entries" :caught="view.caught" :busy="saving" @tried="tried"
          @later="record({ type: 'SECTION_POSTPONED', section: step!.section })" @leave="staysIn" @end="record({ type: 'STOPPED' })" />
        <BigAnswers v-else-if="phase === 'comb'" question="What does the comb say?" :answers="COMB_ANSWERS" @answer="combSaid" />
        <BigAnswers v-else-if="phase === 'count'" question="How many?" :answers="COUNTS" small @answer="counted" />
        <BigAnswers v-else question="How did the dog take it?" :answers="SIGNALS" :busy="saving" @answer="dogSaid" />
        <div class="foot">
          <button v-if="phase === 'work'" type="button" class="next" :disabled="saving" @click="phase = 'comb'">Done here <kbd>space</kbd></button>
          <div class="small">
            <button v-for="one in SMALL" :key="one.key" type="button" :data-key="one.key" :disabled="saving" @click="one.act()">{{ one.title }} <kbd>{{ one.key }}</kbd></button>
          </div>
        </div>
      </section>
    </div>
  </PageState>
</template>

<style scoped>
.bench { min-height: 100vh; display: grid; grid-template: auto 1fr / minmax(300px, 33%) 1fr; gap: 8px 40px; padding: 16px 32px 24px; max-width: 1400px; margin: 0 auto; }
header { grid-column: 1 / -1; display: flex; align-items: center; gap: 20px; }
.out { color: inherit; min-height: 44px; padding-top: 10px; }
.togo { opacity: 0.88; }
progress { flex: 1; height: 12px; accent-color: rgb(var(--v-theme-secondary)); }
aside { align-self: center; }
.now { display: flex; flex-direction: column; min-height: 0; }
h1 { font-size: 2.9rem; margin: 4px 0 10px; outline: none; }
li b { display: inline-block; margin-right: 6px; }
h1::first-letter, li b::first-letter { text-transform: uppercase; }
.work { display: grid; grid-template-columns: 1fr 170px; gap: 24px; font-size: clamp(1.45rem, 2.2vw, 1.8rem); line-height: 1.3; }
.hold { margin-bottom: 12px; }
ol { padding-left: 32px; }
ol li { margin: 6px 0; }
.guard { margin-top: 12px; font-weight: 700; }
.foot { margin-top: auto; padding-top: 12px; }
.next { min-height: 96px; width: 100%; background: rgb(var(--v-theme-primary)); color: rgb(var(--v-theme-on-primary)); font: 700 1.9rem var(--slab); border-radius: 18px 13px 20px 12px; }
.small { display: flex; flex-wrap: wrap; gap: 10px; margin-top: 14px; }
.small button { flex: 1; min-width: 110px; min-height: 64px; border: 2px solid rgb(var(--v-theme-seam)); border-radius: 12px 9px 13px 8px; background: rgb(var(--v-theme-surface)); font-size: 1.1rem; }
kbd { font: 400 0.85rem var(--sans); border: 1.5px solid currentColor; border-radius: 5px; padding: 0 6px; margin-left: 8px; vertical-align: middle; }
.advice { background: rgba(var(--v-theme-heather), 0.16); border-left: 6px solid rgb(var(--v-theme-heather)); padding: 10px 16px; font-size: 1.15rem; margin-bottom: 8px; }
.waiting { background: rgb(var(--v-theme-wool)); padding: 10px 16px; font-weight: 700; }
@media (max-width: 899px) {
  .bench { grid-template: auto auto 1fr / 1fr; padding: 8px 16px 16px; min-height: 100dvh; }
  aside { max-width: 150px; margin: 0 auto; width: 100%; }
  .looking aside { display: none; }
  aside :deep(.switch) { display: none !important; }
  .foot { position: sticky; bottom: 0; background: rgb(var(--v-theme-background)); padding: 8px 0; }
  h1 { font-size: 1.8rem; }
  .work { grid-template-columns: 1fr; font-size: 1.42rem; line-height: 1.2; gap: 6px; }
  .hold { margin-bottom: 6px; }
  ol li { margin: 3px 0; }
  .guard { margin-top: 6px; }
  .sketch { display: none; }
  .next { min-height: 76px; font-size: 1.5rem; }
  .small { gap: 6px; margin-top: 8px; }
  .small button { min-width: 72px; font-size: 1rem; }
  kbd { display: none; }
  .out, .togo { font-size: 0.9rem; }
  .who { display: none; }
  header { gap: 4px 14px; flex-wrap: wrap; justify-content: space-between; }
  progress { flex: 1 1 100%; order: 1; }
}
</style>
