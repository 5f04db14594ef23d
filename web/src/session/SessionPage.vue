<script setup lang="ts">
import { useWakeLock } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { useSections } from '@/api/queries'
import type { Hair, Section, Signal } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import { useDrawnCoat } from '@/coat/useCoat'
import { useDog } from '@/dog/useDogs'
import KeyButton from '@/shell/KeyButton.vue'
import PageState from '@/shell/PageState.vue'
import { useUnits } from '@/shell/useUnits'
import choices from '@/api/choices'
import BeforeStart from './BeforeStart.vue'
import BigAnswers from './BigAnswers.vue'
import CatchQuestions from './CatchQuestions.vue'
import CatchTodo from './CatchTodo.vue'
import HairQuestion from './HairQuestion.vue'
import MethodHelp from './MethodHelp.vue'
import ReactionPanel from './ReactionPanel.vue'
import SessionButtons, { type SessionButton } from './SessionButtons.vue'
import SessionEnd from './SessionEnd.vue'
import SessionHead from './SessionHead.vue'
import WorkStep from './WorkStep.vue'
import { sessionPaint } from './paint'
import { OFFERED } from './stages'
import { useSession } from './useSession'
import { useStage } from './useStage'
import { COMB_ANSWERS, COUNTS, type Comb } from './words'

const props = defineProps<{ dogId: number; sessionId: string }>()

const { names } = useSections()
const { say } = useUnits()
const dog = useDog(() => props.dogId)
const coat = useDrawnCoat(() => props.dogId)
const { session, view, record, elapsedSeconds, saving, waiting, cutOff, refused } = useSession(
  props.dogId,
  props.sessionId,
)
// Refused on low battery, or not known to this browser: brushing goes on all the same.
const { request } = useWakeLock()
onMounted(() => void request('screen').catch(() => undefined))

const step = computed(() => view.value?.steps.find((s) => s.how.section === view.value?.current)?.how)
const here = computed(() => step.value!.section)
const layersLeft = computed(() => !!step.value && view.value!.layer < step.value.layers.count)

const help = ref(false)
const busy = computed(() => saving.value || help.value)
const { stage, answer, goOn } = useStage(
  view,
  computed(() => step.value && { section: here.value, layersLeft: layersLeft.value }),
  record,
)
const phase = computed(() => stage.value.at)

/** Each new question takes the focus, so that a button pressed before is not pressed again by the space bar. */
const title = ref<HTMLElement>()
watch(
  () => [view.value?.current, phase.value],
  () => title.value?.focus({ preventScroll: true }),
  { flush: 'post' },
)

const paint = computed(() => (view.value ? sessionPaint(view.value) : {}))

const signal = (seen: Signal) => answer({ signal: seen })
function mark(section: Section) {
  if (phase.value === 'before') record({ type: 'KNOT_FELT', section })
}
const later = () => record({ type: 'SECTION_POSTPONED', section: here.value })
const skip = () => record({ type: 'SECTION_SKIPPED', section: here.value })
const end = () => record({ type: 'STOPPED' })
const treat = () => record({ type: 'TREAT_GIVEN' })
const undo = () => record({ type: 'UNDONE' })

const ALL = computed<SessionButton[]>(() => [
  { key: 'r', title: 'Relaxed', group: 'dog', act: () => signal('RELAXED') },
  { key: 'n', title: 'Uneasy', group: 'dog', act: () => signal('UNEASY') },
  { key: 'o', title: 'Opts out', group: 'dog', act: () => signal('OPTED_OUT') },
  { key: 'f', title: 'Fear', group: 'dog', act: () => signal('AFRAID') },
  { key: 't', title: `Treat · ${view.value?.treats.given ?? 0}`, group: 'dog', act: treat },
  { key: 'c', title: 'It catches', group: 'hair', act: () => answer({ to: 'catch' }) },
  { key: 'h', title: 'Hair out', group: 'hair', act: () => answer({ to: 'hair' }), seldom: true },
  { key: '?', title: 'How', group: 'hair', act: () => (help.value = true) },
  { key: 'b', title: 'Back', group: 'session', act: () => answer({ to: 'work' }) },
  { key: 'd', title: 'To the comb', group: 'session', act: () => answer({ to: 'comb' }), seldom: true },
  { key: 'p', title: 'Pause', group: 'session', act: () => record({ type: 'PAUSED' }), seldom: true },
  { key: 'l', title: 'Later', group: 'session', act: later, seldom: true },
  { key: 's', title: 'Skip', group: 'session', act: skip, seldom: true },
  { key: 'u', title: 'Undo', group: 'session', act: undo },
  { key: 'e', title: 'End here', group: 'session', act: end, seldom: true },
])
const buttons = computed(() => {
  const nothing = { '?': !step.value?.methods.length, d: !layersLeft.value, u: !view.value?.entries }
  return ALL.value.filter(
    ({ key }) => OFFERED[phase.value].includes(key) && !(key in nothing && nothing[key as keyof typeof nothing]),
  )
})
</script>

<template>
  <PageState
    :pending="!view || !dog.data.value"
    :error="view ? undefined : session.error.value"
    @retry="session.refetch()"
  >
    <SessionEnd
      v-if="view?.end && !cutOff"
      :view="view"
      :names="names"
      :dog-name="dog.data.value!.form.name"
      @undo="undo"
    />
    <div v-else-if="view" class="bench" :class="{ looking: phase === 'catch' || phase === 'caught' }">
      <SessionHead
        :view="view"
        :elapsed-seconds="elapsedSeconds"
        :dog-name="dog.data.value!.form.name"
        @leave="!view.preparation && !view.paused && !view.end && record({ type: 'PAUSED' })"
      />
      <aside :class="{ marking: phase === 'before' }">
        <CoatMap
          :names="names"
          :coat="coat"
          :paint="paint"
          :selected="phase === 'before' || !step ? [] : [step.section]"
          :still="phase !== 'before'"
          :single="phase !== 'before'"
          @choose="mark"
        />
      </aside>
      <section class="now" aria-live="polite">
        <p v-if="waiting" class="waiting" role="status">
          No answer from Rustic Tangle yet. {{ waiting === 1 ? 'Your entry is' : `${waiting} entries are` }} kept here
          and sent again, in order. Go on.
        </p>
        <p v-if="refused" class="caution" role="alert">
          <strong>{{ refused }}</strong>
        </p>
        <div
          v-for="advice in phase === 'work' ? view.advice : []"
          :key="advice.rule"
          class="advice"
          :data-rule="advice.rule"
        >
          {{ say(advice.text) }}
        </div>
        <div v-if="view.treats.usedUp && phase === 'work'" class="advice" :data-rule="view.treats.usedUp.rule">
          {{ say(view.treats.usedUp.text) }}
        </div>
        <template v-if="view.end">
          <h1>It ends here</h1>
          <p class="hold">What you did is kept in this browser until Rustic Tangle answers again.</p>
        </template>
        <template v-else>
          <h1 ref="title" tabindex="-1">
            {{ phase === 'before' ? 'Before the first stroke' : phase === 'paused' ? 'Hands off' : names[here] }}
          </h1>
          <BeforeStart
            v-if="phase === 'before'"
            :session-id="sessionId"
            :preparation="view.preparation!"
            :knots="view.knots.map((s) => names[s] ?? '')"
            :saving="busy"
            @start="record({ type: 'STARTED' })"
          />
          <div v-else-if="phase === 'paused'" class="paused">
            <p>The time does not count. The dog stays with you: never alone on a table.</p>
            <KeyButton k="space" class="next" :disabled="busy" @press="record({ type: 'RESUMED' })">Go on</KeyButton>
          </div>
          <WorkStep v-else-if="phase === 'work'" :key="here" :view="view" :step="step!" />
          <ReactionPanel
            v-else-if="phase === 'reaction' && view.reaction"
            :reaction="view.reaction"
            :saving="busy"
            @go-on="goOn"
            @treat="treat"
            @later="later"
            @skip="skip"
            @end="end"
          />
          <HairQuestion
            v-else-if="phase === 'hair'"
            @by-eye="answer({ hair: $event as Hair })"
            @weighed="answer({ grams: $event })"
          />
          <p v-else-if="phase === 'catch' && cutOff" class="hold">
            What to do about it needs Rustic Tangle, and it does not answer. Leave this place in peace, and do another
            one first: <kbd>b</kbd>, then <kbd>l</kbd>.
          </p>
          <CatchQuestions v-else-if="phase === 'catch'" @found="answer({ found: $event })" />
          <CatchTodo
            v-else-if="phase === 'caught' && view.caught"
            :key="view.revision"
            :caught="view.caught"
            :busy="busy"
            @tried="(seconds, tried) => answer({ tried, seconds })"
            @later="later"
            @leave="answer('STAYS_IN')"
            @end="end"
          />
          <BigAnswers
            v-else-if="phase === 'comb'"
            question="What does the comb say?"
            :answers="COMB_ANSWERS"
            @answer="answer({ comb: $event as Comb })"
          />
          <BigAnswers
            v-else-if="phase === 'count'"
            question="How many?"
            :answers="COUNTS"
            small
            @answer="answer({ count: Number($event) })"
          />
          <BigAnswers
            v-else
            question="How did the dog take it?"
            :answers="choices.Signal"
            :busy="busy"
            @answer="signal($event as Signal)"
          />
          <div class="foot">
            <KeyButton v-if="phase === 'work'" k="space" class="next" :disabled="busy" @press="answer('NEXT')">
              {{ layersLeft ? 'Next layer' : 'Done here' }}
            </KeyButton>
            <SessionButtons :buttons="buttons" :saving="busy" />
          </div>
        </template>
      </section>
      <MethodHelp v-if="help && step" :methods="step.methods" @close="help = false" />
    </div>
  </PageState>
</template>

<style scoped>
.bench {
  min-height: 100vh;
  display: grid;
  grid-template: auto 1fr / minmax(280px, 30%) 1fr;
  gap: 8px 36px;
  padding: 14px 32px 20px;
  max-width: 1400px;
  margin: 0 auto;
}
aside {
  align-self: center;
}
.now {
  display: flex;
  flex-direction: column;
  min-height: 0;
}
h1 {
  font-size: 2.7rem;
  margin: 2px 0 8px;
  outline: none;
}
h1::first-letter {
  text-transform: uppercase;
}
.hold,
.paused p {
  font-size: 1.5rem;
  max-width: 46ch;
}
.paused {
  display: flex;
  flex-direction: column;
  flex: 1;
  gap: 24px;
}
.foot {
  margin-top: auto;
  padding-top: 10px;
}
.now :deep(.next) {
  min-height: 92px;
  width: 100%;
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
  font: 700 1.9rem var(--slab);
  border-radius: 18px 13px 20px 12px;
}
.advice {
  background: rgba(var(--v-theme-heather), 0.16);
  border-left: 6px solid rgb(var(--v-theme-heather));
  padding: 8px 16px;
  font-size: 1.15rem;
  margin-bottom: 8px;
}
.waiting {
  background: rgb(var(--v-theme-wool));
  padding: 10px 16px;
  font-weight: 700;
  max-width: none;
}
@media (max-width: 899px) {
  .bench {
    grid-template: auto auto 1fr / 1fr;
    gap: 4px;
    padding: 8px 16px 12px;
    min-height: 100dvh;
  }
  aside {
    max-width: 132px;
    margin: 0 auto;
    width: 100%;
  }
  .marking {
    max-width: 340px;
  }
  .looking aside {
    display: none;
  }
  aside:not(.marking) :deep(.switch) {
    display: none !important;
  }
  .foot {
    position: sticky;
    bottom: 0;
    background: rgb(var(--v-theme-background));
    padding: 8px 0;
  }
  h1 {
    font-size: 1.8rem;
    margin: 0 0 4px;
  }
  .now :deep(.next) {
    min-height: 72px;
    font-size: 1.5rem;
  }
}
</style>
