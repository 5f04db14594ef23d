<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useSections } from '@/api/queries'
import type { Hair, Section, SessionEvent, Signal } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import { useDrawnCoat } from '@/coat/useCoat'
import { useDog } from '@/dog/useDogs'
import PageState from '@/shell/PageState.vue'
import { useKeys } from '@/shell/useKeys'
import { useUnits } from '@/shell/useUnits'
import { SIGNALS } from '@/trust/words'
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
import { useSession } from './useSession'
import { useWakeLock } from './useWakeLock'
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
useWakeLock()

const step = computed(() => view.value?.steps.find((s) => s.how.section === view.value?.current)?.how)
const here = computed(() => step.value!.section)
const layersLeft = computed(() => !!step.value && view.value!.layer < step.value.layers.count)

/** One decision at a time: do it, what the comb said, how many, how the dog took it. */
type Phase = 'before' | 'work' | 'comb' | 'count' | 'dog' | 'hair' | 'catch' | 'caught' | 'paused' | 'reaction'
const phase = ref<Phase>('work')
const comb = ref<Comb>('GLIDES')
const tangles = ref(0)
const help = ref(false)
/** The reaction that was read and put away, by the entry it answers. */
const read = ref(-1)
/** Where to go on once the entry is stored; absent: to what the session says. */
let goOn: 'comb' | undefined

/** What the session itself asks for; when it changes, an unfinished question is put away. */
const asked = computed<Phase>(() => {
  const now = view.value
  if (now?.preparation) return 'before'
  if (now?.paused) return 'paused'
  if (now?.reaction && now.reaction.todo !== 'GO_ON' && read.value !== now.reaction.entry) return 'reaction'
  return now?.caught ? 'caught' : 'work'
})
watch(
  () => [asked.value, view.value?.current, asked.value === 'work' ? 0 : view.value?.revision],
  () => {
    phase.value = goOn ?? asked.value
    goOn = undefined
  },
  { immediate: true },
)

/** Each new question takes the focus, so that a button pressed before is not pressed again by the space bar. */
const title = ref<HTMLElement>()
watch(
  () => [view.value?.current, phase.value],
  () => title.value?.focus({ preventScroll: true }),
  { flush: 'post' },
)

const paint = computed(() => (view.value ? sessionPaint(view.value) : {}))

function combSaid(value: string) {
  comb.value = value as Comb
  tangles.value = 0
  phase.value = value === 'GLIDES' ? 'dog' : 'count'
}
function counted(value: string) {
  tangles.value = Number(value)
  phase.value = 'dog'
}
function staysIn() {
  comb.value = 'MAT_LEFT'
  counted('1')
}
function tried(seconds: number, outcome: 'OUT' | 'NOT_YET' | 'UNEASY' | 'OPTED_OUT') {
  if (outcome === 'OUT') goOn = 'comb'
  record({
    type: 'TEASED',
    section: here.value,
    seconds,
    signal: outcome === 'UNEASY' || outcome === 'OPTED_OUT' ? outcome : 'RELAXED',
  })
}
function hairOut(said: SessionEvent) {
  record(said)
  phase.value = 'work'
}
function nextLayer() {
  if (layersLeft.value) record({ type: 'LAYER_DONE', section: here.value })
  else phase.value = 'comb'
}
const signal = (seen: Signal) => record({ type: 'SIGNALLED', section: here.value, signal: seen })
function mark(section: Section) {
  if (phase.value === 'before') record({ type: 'KNOT_FELT', section })
}

const buttons = computed<SessionButton[]>(() => {
  const [working, asking] = [phase.value === 'work', ['comb', 'count', 'dog', 'hair', 'catch'].includes(phase.value)]
  const all: (SessionButton & { on: boolean })[] = [
    { key: 'r', title: 'Relaxed', group: 'dog', act: () => signal('RELAXED'), on: working },
    { key: 'n', title: 'Uneasy', group: 'dog', act: () => signal('UNEASY'), on: working },
    { key: 'o', title: 'Opts out', group: 'dog', act: () => signal('OPTED_OUT'), on: working },
    { key: 'f', title: 'Fear', group: 'dog', act: () => signal('AFRAID'), on: working },
    {
      key: 't',
      title: `Treat · ${view.value?.treats.given ?? 0}`,
      group: 'dog',
      act: () => record({ type: 'TREAT_GIVEN' }),
      on: working || asking || phase.value === 'caught',
    },
    {
      key: 'c',
      title: 'It catches',
      group: 'hair',
      act: () => {
        phase.value = 'catch'
      },
      on: working || phase.value === 'comb',
    },
    {
      key: 'h',
      title: 'Hair out',
      group: 'hair',
      act: () => {
        phase.value = 'hair'
      },
      on: working,
      seldom: true,
    },
    {
      key: '?',
      title: 'How',
      group: 'hair',
      act: () => {
        help.value = true
      },
      on: working && !!step.value?.methods.length,
    },
    {
      key: 'b',
      title: 'Back',
      group: 'session',
      act: () => {
        phase.value = 'work'
      },
      on: asking,
    },
    {
      key: 'd',
      title: 'To the comb',
      group: 'session',
      act: () => {
        phase.value = 'comb'
      },
      on: working && layersLeft.value,
      seldom: true,
    },
    { key: 'p', title: 'Pause', group: 'session', act: () => record({ type: 'PAUSED' }), on: working, seldom: true },
    {
      key: 'l',
      title: 'Later',
      group: 'session',
      act: () => record({ type: 'SECTION_POSTPONED', section: here.value }),
      on: working,
      seldom: true,
    },
    {
      key: 's',
      title: 'Skip',
      group: 'session',
      act: () => record({ type: 'SECTION_SKIPPED', section: here.value }),
      on: working,
      seldom: true,
    },
    {
      key: 'u',
      title: 'Undo',
      group: 'session',
      act: () => record({ type: 'UNDONE' }),
      on: !!view.value?.entries && phase.value !== 'paused',
    },
    {
      key: 'e',
      title: 'End here',
      group: 'session',
      act: () => record({ type: 'STOPPED' }),
      on: phase.value !== 'before' && phase.value !== 'reaction',
      seldom: true,
    },
  ]
  return all.filter((one) => one.on)
})

useKeys((pressed, event) => {
  if (saving.value || !view.value || help.value) return
  const answer = document.querySelector<HTMLButtonElement>(`[data-key="${CSS.escape(pressed)}"]`)
  if (answer) answer.click()
  else if (pressed === ' ' && !isControl(event.target)) {
    event.preventDefault()
    if (phase.value === 'before') document.querySelector<HTMLButtonElement>('.before .next')?.click()
    else if (phase.value === 'work' && step.value) nextLayer()
    else if (phase.value === 'reaction') read.value = view.value.reaction?.entry ?? -1
    else if (phase.value === 'paused') record({ type: 'RESUMED' })
  }
})
/** What has the focus answers to the space bar itself. */
function isControl(target: EventTarget | null): boolean {
  return target instanceof Element && target.matches('button, a, summary, textarea, [role=button]')
}
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
      @undo="record({ type: 'UNDONE' })"
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
            :saving="saving"
            @start="record({ type: 'STARTED' })"
          />
          <div v-else-if="phase === 'paused'" class="paused">
            <p>The time does not count. The dog stays with you: never alone on a table.</p>
            <button type="button" class="next" :disabled="saving" @click="record({ type: 'RESUMED' })">
              Go on <kbd>space</kbd>
            </button>
          </div>
          <WorkStep v-else-if="phase === 'work'" :key="here" :view="view" :step="step!" />
          <ReactionPanel
            v-else-if="phase === 'reaction' && view.reaction"
            :reaction="view.reaction"
            :saving="saving"
            @go-on="read = view.reaction!.entry"
            @treat="record({ type: 'TREAT_GIVEN' })"
            @later="record({ type: 'SECTION_POSTPONED', section: here })"
            @skip="record({ type: 'SECTION_SKIPPED', section: here })"
            @end="record({ type: 'STOPPED' })"
          />
          <HairQuestion
            v-else-if="phase === 'hair'"
            @by-eye="hairOut({ type: 'HAIR_CAME_OUT', section: here, hair: $event as Hair })"
            @weighed="hairOut({ type: 'HAIR_WEIGHED', section: here, grams: $event })"
          />
          <p v-else-if="phase === 'catch' && cutOff" class="hold">
            What to do about it needs Rustic Tangle, and it does not answer. Leave this place in peace, and do another
            one first: <kbd>b</kbd>, then <kbd>l</kbd>.
          </p>
          <CatchQuestions
            v-else-if="phase === 'catch'"
            @found="(found) => record({ type: 'CAUGHT', section: here, found })"
          />
          <CatchTodo
            v-else-if="phase === 'caught' && view.caught"
            :key="view.revision"
            :caught="view.caught"
            :busy="saving"
            @tried="tried"
            @later="record({ type: 'SECTION_POSTPONED', section: here })"
            @leave="staysIn"
            @end="record({ type: 'STOPPED' })"
          />
          <BigAnswers
            v-else-if="phase === 'comb'"
            question="What does the comb say?"
            :answers="COMB_ANSWERS"
            @answer="combSaid"
          />
          <BigAnswers v-else-if="phase === 'count'" question="How many?" :answers="COUNTS" small @answer="counted" />
          <BigAnswers
            v-else
            question="How did the dog take it?"
            :answers="SIGNALS"
            :busy="saving"
            @answer="record({ type: 'SECTION_DONE', section: here, comb, tangles, signal: $event as Signal })"
          />
          <div class="foot">
            <button v-if="phase === 'work'" type="button" class="next" :disabled="saving" @click="nextLayer">
              {{ layersLeft ? 'Next layer' : 'Done here' }} <kbd>space</kbd>
            </button>
            <SessionButtons :buttons="buttons" :saving="saving" />
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
kbd,
.now :deep(.next kbd) {
  font: 400 0.85rem var(--sans);
  border: 1.5px solid currentColor;
  border-radius: 5px;
  padding: 0 6px;
  margin-left: 8px;
  vertical-align: middle;
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
  .now :deep(.next kbd) {
    display: none;
  }
}
</style>
