<script setup lang="ts">
import { useTimestamp, useWakeLock } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { useHousehold, useSections } from '@/api/queries'
import type { Hair, Section } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import { useDrawnDog } from '@/coat/useCoat'
import { useDog } from '@/dog/useDogs'
import { choiceOf } from '@/api/words'
import KeyButton from '@/shell/KeyButton.vue'
import PageState from '@/shell/PageState.vue'
import { useNotice } from '@/shell/useNotice'
import { useKeys } from '@/shell/useKeys'
import { useUnits } from '@/shell/useUnits'
import BeforeStart from './BeforeStart.vue'
import BigAnswers from './BigAnswers.vue'
import CatchQuestions from './CatchQuestions.vue'
import CatchTodo from './CatchTodo.vue'
import ElseSheet from './ElseSheet.vue'
import HairKeys from './HairKeys.vue'
import HairQuestion from './HairQuestion.vue'
import HandsOff from './HandsOff.vue'
import HeedFirst from './HeedFirst.vue'
import MethodHelp from './MethodHelp.vue'
import OpeningLine from './OpeningLine.vue'
import PassCard from './PassCard.vue'
import PlaceSheet from './PlaceSheet.vue'
import ReactionPanel from './ReactionPanel.vue'
import SessionEnd from './SessionEnd.vue'
import SessionHead from './SessionHead.vue'
import StepCard from './StepCard.vue'
import StepDrawing from './StepDrawing.vue'
import VoiceBar from './VoiceBar.vue'
import WhySheet from './WhySheet.vue'
import SeenSomething from '@/trust/SeenSomething.vue'
import { nextTool } from './inHand'
import { sessionPaint } from './paint'
import { script, wellDone } from './phrases'
import { useLooks } from '@/trust/useLooks'
import { useHand } from './useHand'
import { useHeeds } from './useHeeds'
import { useSession } from './useSession'
import { useStage } from './useStage'
import { isQuiet } from '@/shell/useVoice'
import { useWalk } from '@/shell/useWalk'
import { COUNTS } from './words'

const props = defineProps<{ dogId: number; sessionId: string }>()

const { names } = useSections()
const { say } = useUnits()
const dog = useDog(() => props.dogId)
const drawn = useDrawnDog(() => props.dogId)
const household = useHousehold()
const { session, view, record, elapsedSeconds, saving, waiting, cutOff, refused } = useSession(
  props.dogId,
  props.sessionId,
)
// Refused on low battery, or not known to this browser: brushing goes on all the same.
const { request } = useWakeLock()
onMounted(() => void request('screen').catch(() => undefined))
// What another page said lies over the buttons.
useNotice().hush()

const { places, step, label, pass, prompt, hand, sittingOver, oneMore } = useHand(view, names, elapsedSeconds)

const help = ref(false)
const noting = ref(false)
const asking = ref(false)
const reading = ref(false)
const busy = computed(() => saving.value || help.value || noting.value || asking.value || reading.value)
const { stage, answer, goOn } = useStage(view, hand, record)
const phase = computed(() => stage.value.at)

const { heeds, closed, too, look } = useHeeds(view, names, label)

const lastStep = computed(
  () =>
    !pass.value &&
    view.value?.places.every((place) => place.outcome !== 'WAITING' || view.value!.hand.includes(place.how.section)),
)
const now = useTimestamp({ interval: 30_000 })
const still = computed(() => {
  const { quietFrom, quietTo } = household.data.value ?? {}
  return quietFrom && quietTo && isQuiet(new Date(now.value), quietFrom, quietTo) ? 'silent in the quiet hours' : ''
})
const walk = useWalk(
  computed(() =>
    places.value.length
      ? {
          key: step.value,
          lines: script(
            label.value,
            places.value,
            names.value,
            prompt.value && say(prompt.value.text),
            heeds.value,
            lastStep.value ? view.value!.letGo : undefined,
            !!pass.value,
          ),
        }
      : undefined,
  ),
  computed(() => phase.value === 'work' && !sittingOver.value),
  still,
)

/** Where the hands are: what was touched, or where the voice is, or the first place. */
const about = computed<Section>(
  () => ('section' in stage.value ? stage.value.section : (walk.line.value?.place ?? places.value[0]?.section))!,
)

/** Whoever saw it, on whichever device: the voice stays silent for the rest of this session. */
watch(
  () =>
    view.value?.said.some(
      (entry) => entry.type === 'WARNED' || (entry.type === 'SIGNALLED' && entry.signal === 'AFRAID'),
    ),
  (frightened) => frightened && walk.silence(),
  { immediate: true },
)

/** Each new question takes the focus, so that a button pressed before is not pressed again by the space bar. */
const title = ref<HTMLElement>()
watch(
  () => [step.value, phase.value].join(),
  () => title.value?.focus({ preventScroll: true }),
  { flush: 'post' },
)

const paint = computed(() => (view.value ? sessionPaint(view.value) : {}))
const heading = computed(() => {
  if (view.value?.heed.mayNot) return 'Hands off for today'
  if (phase.value === 'before') return 'Before the first stroke'
  if (phase.value === 'paused') return 'Hands off'
  if (phase.value === 'work' && sittingOver.value) return 'Enough for one sitting'
  return phase.value === 'work' || phase.value === 'else' ? label.value : names.value[about.value]
})
/** What is said beside the work: what the last answer asks for, or else what hands forget. */
const beside = computed(() => {
  if (phase.value !== 'work' || !view.value) return []
  const { advice, reaction, treats } = view.value
  const said = [...(reaction?.reasons ?? []), ...advice]
  if (!said.length && treats.usedUp) said.push(treats.usedUp)
  return said.length || !prompt.value ? said : [prompt.value]
})

function touched(section: Section) {
  const elsewhere = view.value?.opening && !view.value.hand.includes(section)
  if (phase.value === 'before' || elsewhere) record({ type: 'KNOT_FELT', section })
  else if (view.value?.hand.includes(section)) {
    look(section)
    answer({ to: 'place', about: 'all', section })
  }
}
/** Hands stay off what is closed; the rest of the step goes on. */
const leaveClosed = () => record({ type: 'STEP_SKIPPED', sections: closed.value })
const later = (section = about.value) => record({ type: 'SECTION_POSTPONED', section })
/** While a tool goes round there is no step to put off, only the place at which the dog said something. */
function othersFirst() {
  const seen = view.value?.said.findLast((entry) => entry.type === 'SIGNALLED')
  if (pass.value && seen) later(seen.section)
  else answer('LATER')
}
const skip = () => record({ type: 'SECTION_SKIPPED', section: about.value })
const end = () => record({ type: 'STOPPED' })
const treat = () => record({ type: 'TREAT_GIVEN' })
const undo = () => record({ type: 'UNDONE' })
function growl() {
  walk.silence()
  // Before the first stroke no place has been touched.
  if (phase.value === 'before') record({ type: 'WARNED', sections: [], warning: 'GROWLED' })
  else answer('GROWL')
}
function seen(signal: 'RELAXED' | 'UNEASY' | 'OPTED_OUT' | 'AFRAID', section: Section) {
  if (signal === 'AFRAID') walk.silence()
  answer({ signal, section })
}

const looks = useLooks(props.dogId)
/** Where it cried at a touch without a lump: what is to be done is said until the next answer. */
const cried = ref<{ section: Section; entries: number }>()
const rests = computed(() =>
  cried.value && view.value && view.value.entries <= cried.value.entries ? cried.value.section : undefined,
)
function cries(section: Section) {
  cried.value = { section, entries: view.value!.entries + 1 }
  answer({ to: 'work' })
  record({ type: 'SECTION_SKIPPED', section })
  looks.say(section, '', undefined, 'CRIED')
}

const ELSE = {
  cry: () =>
    places.value.length === 1 ? cries(about.value) : answer({ to: 'place', about: 'dog', section: about.value }),
  comb: () => answer({ to: 'place', about: 'comb', section: about.value }),
  dog: () => answer({ to: 'place', about: 'dog', section: about.value }),
  pause: () => record({ type: 'PAUSED' }),
  undo,
  treat,
  hair: () => answer({ to: 'hair', section: about.value }),
  help: () => (help.value = true),
  seen: () => (noting.value = true),
  why: () => (asking.value = true),
  later: () => !pass.value && answer('LATER'),
  skip: () => answer('SKIP'),
  end,
  back: () => answer({ to: 'work' }),
}
/** By key at the work itself, without opening anything first. */
const KEYS: Record<string, keyof typeof ELSE> = {
  c: 'comb',
  d: 'dog',
  p: 'pause',
  u: 'undo',
  t: 'treat',
  h: 'hair',
  '?': 'help',
  i: 'seen',
  w: 'why',
  y: 'cry',
  l: 'later',
  s: 'skip',
  e: 'end',
}
/** In the middle of a question only what does not depend on a place. */
const ANYWHERE = ['look', 'count', 'hair', 'place', 'caught']
useKeys((key) => {
  const what = KEYS[key]
  if (!what || busy.value || view.value?.end) return false
  const may = phase.value === 'work' || (ANYWHERE.includes(phase.value) && ['treat', 'end', 'seen'].includes(what))
  if (!may) return false
  if (what === 'undo' && !view.value?.entries) return false
  ELSE[what]()
  return true
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
      @warned="record({ type: 'WARNED', sections: $event.sections, warning: $event.warning })"
    />
    <div v-else-if="view" class="bench" :class="[phase, { looking: phase !== 'work' && phase !== 'before' }]">
      <SessionHead
        :view="view"
        :elapsed-seconds="elapsedSeconds"
        :dog-name="dog.data.value!.form.name"
        :saving="busy"
        :voice="walk.leads.value"
        :still="still"
        @leave="!view.preparation && !view.paused && !view.end && record({ type: 'PAUSED' })"
        @growl="growl"
        @voice="walk.toggle"
      />
      <aside class="self-center" :class="{ marking: phase === 'before' }">
        <CoatMap
          :names="names"
          :dog="drawn"
          :paint="paint"
          :selected="phase === 'before' ? [] : [about]"
          :still="phase !== 'before' && phase !== 'work'"
          :single="phase !== 'before'"
          @choose="touched"
        />
        <StepDrawing
          v-if="phase === 'work' && places.length"
          :places="places"
          :now="walk.line.value"
          :strokes-said="!!pass"
        />
      </aside>
      <section class="now flex flex-col min-h-0" aria-live="polite">
        <p v-if="waiting" class="waiting bg-wool py-10 px-16 font-bold max-w-none" role="status">
          No answer from Rustic Tangle yet. {{ waiting === 1 ? 'Your entry is' : `${waiting} entries are` }} kept here
          and sent again, in order. Go on.
        </p>
        <p v-if="refused" class="caution" role="alert">
          <strong>{{ refused }}</strong>
        </p>
        <p
          v-if="rests"
          class="advice bg-heather/16 border-l-6 border-l-heather py-8 px-16 text-2xl leading-tight mb-8 max-w-none max-md:text-xl max-md:py-5 max-md:px-12 max-md:mb-4"
          data-test="cried"
        >
          It cried at {{ names[rests] }}: {{ choiceOf('BodyFinding', 'CRIED').hint }}.
        </p>
        <p
          v-for="one in beside"
          :key="one.rule"
          class="advice bg-heather/16 border-l-6 border-l-heather py-8 px-16 text-2xl leading-tight mb-8 max-w-none max-md:text-xl max-md:py-5 max-md:px-12 max-md:mb-4"
          :data-rule="one.rule"
        >
          {{ say(one.text) }}
          <button
            v-if="one.rule === 'session.why'"
            type="button"
            class="why min-h-44 font-bold dotted"
            @click="asking = true"
          >
            Why does it mind?
          </button>
        </p>
        <template v-if="view.end">
          <h1 class="text-[2.7rem] mt-2 mx-0 mb-8 outline-none">It ends here</h1>
          <p class="hold text-3xl max-w-[46ch]">
            What you did is kept in this browser until Rustic Tangle answers again.
          </p>
        </template>
        <template v-else>
          <h1 class="text-[2.7rem] mt-2 mx-0 mb-8 outline-none" ref="title" tabindex="-1">{{ heading }}</h1>
          <HandsOff
            v-if="view.heed.mayNot"
            first="End here"
            :disabled="busy"
            :data-rule="view.heed.mayNot.rule"
            @first="end"
            >{{ say(view.heed.mayNot.text) }}</HandsOff
          >
          <BeforeStart
            v-else-if="phase === 'before'"
            :session-id="sessionId"
            :dog-id="dogId"
            :preparation="view.preparation!"
            :lesson="view.lesson"
            :knots="view.knots.map((s) => names[s] ?? '')"
            :saving="busy"
            @start="record({ type: 'STARTED' })"
            @seen="noting = true"
          />
          <HandsOff
            v-else-if="phase === 'paused'"
            first="Go on"
            other="End here"
            other-key="e"
            :disabled="busy"
            @first="record({ type: 'RESUMED' })"
            @other="end"
            >The time does not count. The dog stays with you: never alone on a table.</HandsOff
          >
          <HandsOff
            v-else-if="phase === 'work' && sittingOver"
            first="End here"
            :other="`One more step: ${label}`"
            other-key="x"
            :disabled="busy"
            :data-rule="sittingOver.why.rule"
            @first="end"
            @other="oneMore"
            >{{ say(sittingOver.why.text) }} End on a good moment; the plan knows the rest.</HandsOff
          >
          <template v-else-if="phase === 'work'">
            <OpeningLine
              v-if="view.opening"
              :dog-id="dogId"
              :session-id="sessionId"
              :opening="view.opening"
              :lesson="view.lesson"
              :knots="view.knots.map((s) => names[s] ?? '')"
              @open="reading = $event"
            />
            <HeedFirst :heeds="heeds" :names="names" :label="label" @place="touched" />
            <PassCard v-if="pass" :names="names" :places="places" :steps="view.steps" :now="walk.line.value" />
            <StepCard
              v-else
              :names="names"
              :label="label"
              :places="places"
              :heeds="heeds"
              :now="walk.line.value"
              @place="touched"
            />
            <div class="foot">
              <VoiceBar
                v-if="walk.leads.value"
                :says="walk.line.value?.say"
                :pace="walk.paceNow.value"
                @again="walk.again"
                @faster="walk.pace('faster')"
                @slower="walk.pace('slower')"
              />
              <HairKeys
                v-if="pass?.lifts && !closed.length"
                :disabled="busy"
                :last="view.hair.days.at(-1)"
                @hair="answer({ hair: $event, section: about })"
              />
              <div class="two grid grid-cols-[1fr_minmax(190px,30%)] gap-14 mt-10">
                <KeyButton v-if="closed.length" k="space" pedal="on" class="next" :disabled="busy" @press="leaveClosed">
                  Leave {{ closed.length === 1 ? names[closed[0]!] : `these ${closed.length} places` }} in peace
                </KeyButton>
                <KeyButton v-else k="space" pedal="on" class="next" :disabled="busy" @press="answer('RAN_FREE')">
                  <span class="inline-block"
                    >{{ pass ? nextTool(view) : wellDone(places) }}<small v-if="too">{{ too }}</small></span
                  >
                </KeyButton>
                <KeyButton k="x" pedal="back" class="other" :disabled="busy" @press="answer({ to: 'else' })">
                  Something else
                </KeyButton>
              </div>
            </div>
          </template>
          <ElseSheet
            v-else-if="phase === 'else'"
            :saving="busy"
            :can-undo="!!view.entries"
            :goes-round="!!pass"
            :can-help="places.some((place) => place.methods.length)"
            :treats="view.treats.given"
            @choose="ELSE[$event]()"
          />
          <PlaceSheet
            v-else-if="stage.at === 'place'"
            :places="view.hand"
            :names="names"
            :section="about"
            :about="stage.about"
            :saving="busy"
            @other="stage.at === 'place' && answer({ to: 'place', about: stage.about, section: $event })"
            @tangles="answer({ tangles: $event, section: about })"
            @look="answer({ to: 'look', section: about })"
            @mat="answer({ stays: 'MAT_LEFT', section: about })"
            @signal="seen($event, about)"
            @cries="cries(about)"
            @later="later()"
            @skip="skip"
            @back="answer({ to: 'work' })"
          />
          <ReactionPanel
            v-else-if="phase === 'reaction' && view.reaction"
            :reaction="view.reaction"
            :saving="busy"
            @go-on="goOn"
            @treat="treat"
            @why="asking = true"
            @later="othersFirst"
            @end="end"
          />
          <HairQuestion
            v-else-if="phase === 'hair'"
            @by-eye="answer({ hair: $event as Hair, section: about })"
            @weighed="(grams, hair) => answer({ grams, hair, section: about })"
          />
          <template v-else-if="phase === 'look'">
            <p v-if="cutOff" class="hold text-3xl max-w-[46ch]">
              What to do about it needs Rustic Tangle, and it does not answer. Leave this place in peace, and do another
              one first.
            </p>
            <CatchQuestions v-else @found="answer({ found: $event, section: about })" />
          </template>
          <CatchTodo
            v-else-if="phase === 'caught' && view.caught"
            :key="view.revision"
            :caught="view.caught"
            :where="names[view.caught.section] ?? ''"
            :busy="busy"
            :minded="
              view.said.some(
                (entry) =>
                  entry.type === 'TEASED' && entry.section === view!.caught!.section && entry.signal === 'UNEASY',
              )
            "
            @tried="(seconds, tried) => answer({ tried, seconds, section: view!.caught!.section })"
            @later="record({ type: 'SECTION_POSTPONED', section: view.caught.section })"
            @gel="record({ type: 'GEL_USED', section: view.caught.section })"
            @leave="answer({ stays: $event, section: view.caught.section })"
            @end="end"
          />
          <BigAnswers
            v-else-if="phase === 'count'"
            question="It is out: how many were there?"
            :answers="COUNTS"
            small
            :columns="4"
            :busy="busy"
            @answer="answer({ tangles: Number($event), section: about })"
          />
          <KeyButton
            v-if="phase === 'look' || phase === 'hair'"
            k="b"
            class="plain"
            pedal="back"
            :disabled="busy"
            @press="answer({ to: 'work' })"
            >Back to the brush</KeyButton
          >
          <KeyButton
            v-if="['reaction', 'caught', 'count'].includes(phase)"
            k="u"
            class="plain"
            :disabled="busy"
            @press="undo"
            >Back one</KeyButton
          >
        </template>
      </section>
      <WhySheet v-if="asking" :dog-id="dogId" @close="asking = false" />
      <SeenSomething v-if="noting" :dog-id="dogId" :near="view.hand" @close="noting = false" />
      <MethodHelp v-if="help" :methods="[...new Set(places.flatMap((place) => place.methods))]" @close="help = false" />
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
aside:not(.marking) :deep(.switch) {
  display: none !important;
}
h1::first-letter {
  text-transform: uppercase;
}
/* After all that it answers: where that does not fit, the answer waits at its end. */
.foot {
  margin-top: auto;
  padding: 10px 0 6px;
}
.next small {
  display: block;
  font: 700 0.62em/1.15 var(--sans);
}
.now :deep(.next) {
  min-height: 116px;
  width: 100%;
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
  font: 700 2rem var(--slab);
  border-radius: 16px 12px 18px 11px;
}
.other,
.plain {
  border: 3px solid rgb(var(--v-theme-ink));
  border-radius: 14px 19px 13px 18px;
  background: rgb(var(--v-theme-surface));
  font: 700 1.35rem var(--slab);
  min-height: 72px;
}
.plain {
  border: 2px solid rgb(var(--v-theme-seam));
  margin-top: 12px;
}
@media (max-width: 899px) {
  .bench {
    grid-template: auto auto 1fr / minmax(0, 1fr);
    gap: 4px;
    padding: 8px 16px 12px;
    min-height: 100dvh;
  }
  aside {
    display: grid;
    grid-template-columns: 132px minmax(0, auto);
    justify-content: center;
    align-items: center;
    gap: 14px;
  }
  .marking {
    display: block;
    width: 100%;
    max-width: 340px;
    margin: 0 auto;
  }
  .looking aside {
    display: none;
  }
  .foot {
    padding: 6px 0;
  }
  .two {
    grid-template-columns: 1fr 112px;
    gap: 8px;
    margin-top: 6px;
  }
  .other {
    font-size: 1.1rem;
    padding: 0 6px;
  }
  h1 {
    font-size: 1.7rem;
    margin: 0 0 4px;
  }
  .now :deep(.next) {
    min-height: 92px;
    font-size: 1.5rem;
  }
}
/* A small phone. */
@media (max-height: 700px) and (max-width: 559px) {
  aside {
    grid-template-columns: 84px minmax(0, auto);
  }
  h1 {
    font-size: 1.5rem;
    margin: 0 0 2px;
  }
  .now :deep(.next),
  .other {
    min-height: 68px;
  }
}
/* A phone that lies on its side: the dog beside its step. */
@media (max-height: 520px) and (min-width: 560px) and (max-width: 1023px) {
  .bench {
    grid-template: auto 1fr / 136px minmax(0, 1fr);
    gap: 2px 18px;
  }
  aside {
    grid-template-columns: 1fr;
    align-self: start;
    gap: 0;
  }
  .looking aside {
    display: grid;
  }
  .marking {
    margin: 0;
  }
  h1 {
    font-size: 1.35rem;
    line-height: 1.2;
    margin: 0;
  }
  .foot {
    padding: 4px 0 0;
  }
  .two {
    margin-top: 0;
  }
  .now :deep(.next) {
    min-height: 64px;
    font-size: 1.35rem;
  }
  .other {
    min-height: 64px;
  }
}
</style>
