<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, saysWhat } from '@/api/client'
import choices from '@/api/choices'
import { useSections } from '@/api/queries'
import type { BathKind, Section, Signal } from '@/api/types'
import { choiceOf } from '@/api/words'
import CoatMap from '@/bodymap/CoatMap.vue'
import type { Paint } from '@/bodymap/CoatSide.vue'
import { useDrawnDog } from '@/coat/useCoat'
import { useDog } from '@/dog/useDogs'
import KeyButton from '@/shell/KeyButton.vue'
import PageState from '@/shell/PageState.vue'
import { minutes, useUnits } from '@/shell/useUnits'
import CareBench from './CareBench.vue'
import JobEnd from './JobEnd.vue'
import LearnFirst from './LearnFirst.vue'
import LedSteps from './LedSteps.vue'
import VoiceKey from './VoiceKey.vue'
import { useAtTheTable, useBath, useCare, useSteps } from './useCare'
import { millilitres } from './words'

/** A bath from its gate to the last dry place. */
const props = defineProps<{ dogId: number }>()

const router = useRouter()
const { say } = useUnits()
const { names } = useSections()
const drawn = useDrawnDog(() => props.dogId)
const dog = useDog(() => props.dogId)
const care = useCare(() => props.dogId)
const steps = useSteps(props.dogId, 'BATH')
const kind = ref<BathKind>('WHOLE_DOG')
const bath = useBath(props.dogId, kind)
const table = useAtTheTable(props.dogId, 'BATH')

const job = computed(() => care.data.value?.jobs.find((one) => one.job === 'BATH'))
const view = computed(() => bath.data.value)
const whole = ref(false)
const at = ref(-1)
const ended = ref<'DONE' | 'LEFT' | 'FOR_THE_VET'>()
const said = ref(false)
/** What hands have felt here, which the server may not have heard yet. */
const felt = ref(new Map<Section, boolean>())
const bathed = ref(false)
const damp = computed(() =>
  view.value?.damp?.warning || bathed.value || felt.value.size ? view.value?.damp : undefined,
)
const places = computed(() =>
  (damp.value?.felt ?? []).map((one) => ({ ...one, dry: felt.value.get(one.section) ?? one.dry })),
)
/** Those no hand has felt come first, then those that were damp. */
const next = computed(
  () => places.value.find((one) => one.dry === undefined) ?? places.value.find((one) => one.dry === false),
)
const dry = computed(() => places.value.length > 0 && !next.value)
const stage = computed(() => {
  if (ended.value) return 'end'
  if (damp.value) return dry.value ? 'dry' : 'drying'
  if (care.data.value?.inPeace) return 'peace'
  if (job.value?.learning && !whole.value) return 'learn'
  return at.value < 0 ? 'gate' : 'steps'
})
const paint = computed<Partial<Record<Section, Paint>>>(() =>
  stage.value === 'gate'
    ? Object.fromEntries(
        [...(view.value?.gate.first ?? []), ...(view.value?.gate.mats ?? [])].map((section) => [
          section,
          { fill: 'rgba(var(--v-theme-primary), 0.4)', says: 'comb it first' },
        ]),
      )
    : Object.fromEntries(
        places.value.map((one) => [
          one.section,
          {
            fill:
              one.dry === undefined
                ? 'rgba(var(--v-theme-slate), 0.25)'
                : one.dry
                  ? 'rgba(var(--v-theme-secondary), 0.55)'
                  : 'rgb(var(--v-theme-slate))',
            says: one.dry === undefined ? 'not felt yet' : one.dry ? 'dry to the skin' : 'still damp',
          },
        ]),
      ),
)
const failed = ref<string>()

function waterOff() {
  table.bathed(kind.value)
  bathed.value = true
  at.value = -1
}
function feel(isDry: boolean) {
  const section = next.value?.section
  if (!section) return
  table.felt(section, isDry)
  felt.value = new Map(felt.value).set(section, isDry)
}
function back() {
  if (ended.value) {
    if (said.value) table.undo()
    said.value = false
    ended.value = undefined
  } else if (felt.value.size) {
    table.undo()
    const fewer = new Map(felt.value)
    fewer.delete([...fewer.keys()].at(-1)!)
    felt.value = fewer
  } else if (bathed.value) {
    table.undo()
    bathed.value = false
  } else at.value = Math.max(-1, at.value - 1)
}
function finish(outcome: 'DONE' | 'LEFT' | 'FOR_THE_VET') {
  ended.value = outcome
  if (outcome === 'DONE') return
  said.value = true
  table.done(outcome)
}
function took(signal: Signal) {
  said.value = true
  table.done('DONE', signal)
}
async function brush(sections?: Section[]) {
  failed.value = undefined
  const id = crypto.randomUUID()
  if (!sections) return router.push(`/dogs/${props.dogId}/routine`)
  try {
    await ask(
      api.POST('/api/dogs/{dogId}/sessions', { params: { path: { dogId: props.dogId } }, body: { id, sections } }),
    )
    await router.push(`/dogs/${props.dogId}/sessions/${id}`)
  } catch (problem) {
    failed.value = saysWhat(problem)
  }
}
</script>

<template>
  <PageState
    :pending="!view || !job || !steps.data.value || !dog.data.value"
    :error="view ? care.error.value : bath.error.value"
    @retry="(care.refetch(), bath.refetch(), steps.refetch())"
  >
    <CareBench
      v-if="view && job && steps.data.value"
      :dog-id="dogId"
      :dog-name="dog.data.value!.form.name"
      :title="stage === 'drying' || stage === 'dry' ? 'Drying to the skin' : 'Bath'"
      :at="at"
      :of="stage === 'steps' ? steps.data.value.steps.length : undefined"
      :waiting="table.waiting.value"
      :refused="table.refused.value ?? failed"
    >
      <JobEnd
        v-if="ended"
        :dog-id="dogId"
        :outcome="ended"
        :said="said"
        :next="job.next"
        :vet="steps.data.value.vet"
        :saving="table.saving.value"
        @took="took"
      >
        <p v-if="ended === 'DONE'">Hair is softest and easiest now: brush it line by line, comb following.</p>
        <KeyButton v-if="ended === 'DONE'" k="b" class="other" @press="brush()">Line brush now</KeyButton>
      </JobEnd>
      <section v-else-if="stage === 'peace'" class="say">
        <h1>Not today</h1>
        <p>{{ care.data.value!.inPeace!.text }}</p>
      </section>
      <LearnFirst v-else-if="stage === 'learn'" :dog-id="dogId" :job="job" @whole="whole = true" />
      <section v-else-if="stage === 'gate'" class="side">
        <CoatMap :names="names" :dog="drawn" :paint="paint" still />
        <div>
          <div class="kinds" role="group" aria-label="How much of the dog">
            <button
              v-for="one in choices.BathKind"
              :key="one.value"
              type="button"
              :aria-pressed="kind === one.value"
              @click="kind = one.value"
            >
              {{ one.title }} <small>{{ one.hint }}</small>
            </button>
          </div>
          <h1 :data-test="view.gate.way">
            {{
              view.gate.way === 'BATHE'
                ? 'It may be bathed'
                : view.gate.way === 'BRUSH_FIRST'
                  ? 'Brush first'
                  : 'No bath over this'
            }}
          </h1>
          <p :class="{ caution: view.gate.way !== 'BATHE' }" :data-rule="view.gate.why.rule">
            {{ say(view.gate.why.text) }}
          </p>
          <template v-if="view.gate.way === 'BATHE'">
            <dl>
              <dt>In the tub</dt>
              <dd>{{ minutes(60 * view.tubMinutes) }}</dd>
              <dt>Drying to the skin</dt>
              <dd>
                {{ minutes(60 * view.dryMinutes) }},
                {{
                  view.dryer === 'FORCED_AIR'
                    ? 'forced air, cool'
                    : view.dryer === 'TOWEL'
                      ? 'with a towel'
                      : 'household dryer, cool setting'
                }}
              </dd>
              <dt>Shampoo</dt>
              <dd v-if="view.mix && view.mix.parts">
                {{ millilitres(view.mix.shampoo) }} in {{ millilitres(view.mix.water) }} of water (1 :
                {{ view.mix.parts }})
              </dd>
              <dd v-else-if="view.mix">{{ millilitres(view.mix.millilitres) }}, as it is</dd>
              <dd v-else><router-link to="/drawer/supplies">What does its label say?</router-link></dd>
            </dl>
            <KeyButton k="space" pedal="on" class="big" @press="at = 0">Begin</KeyButton>
          </template>
          <KeyButton
            v-else-if="view.gate.way === 'BRUSH_FIRST'"
            k="space"
            pedal="on"
            class="big"
            @press="brush(view.gate.first)"
            >Brush
            {{ view.gate.first.length === 1 ? 'this place' : `these ${view.gate.first.length} places` }} now</KeyButton
          >
          <router-link v-else class="big" :to="`/dogs/${dogId}/groom`">To the groomer</router-link>
        </div>
      </section>
      <LedSteps
        v-else-if="stage === 'steps'"
        :steps="steps.data.value.steps"
        :at="at"
        :disabled="table.saving.value"
        last="The water is off"
        @next="at < steps.data.value.steps.length - 1 ? at++ : waterOff()"
      />
      <section v-else class="side">
        <CoatMap :names="names" :dog="drawn" :paint="paint" :selected="next ? [next.section] : []" still />
        <div v-if="next" aria-live="polite">
          <VoiceKey :text="`${names[next.section]}: dry to the skin?`" />
          <p class="slab name">
            {{ next.dry === undefined ? 'Feel with your fingers, at the skin' : 'Once more, after some air' }}
          </p>
          <h1 class="place">{{ names[next.section] }}</h1>
          <p>
            Cool or unheated air only, {{ minutes(60 * view.dryMinutes) }} in all, the brush following. Watch for
            panting.
          </p>
          <div class="two">
            <KeyButton k="space" pedal="on" class="big" :disabled="table.saving.value" @press="feel(true)"
              >Dry to the skin</KeyButton
            >
            <KeyButton k="d" class="other" :disabled="table.saving.value" @press="feel(false)">Still damp</KeyButton>
          </div>
          <p v-if="damp?.warning" class="caution" :data-rule="damp.warning.rule">{{ say(damp.warning.text) }}</p>
        </div>
        <div v-else>
          <h1>Dry to the skin everywhere</h1>
          <p>Hair is softest and easiest now: brush it line by line, comb following.</p>
          <KeyButton k="space" pedal="on" class="big" :disabled="table.saving.value" @press="finish('DONE')"
            >How did it take it?</KeyButton
          >
          <KeyButton k="b" class="other" @press="brush()">Line brush now</KeyButton>
        </div>
      </section>
      <template #foot>
        <KeyButton k="u" :disabled="(at < 0 && !felt.size && !bathed && !ended) || table.saving.value" @press="back"
          >Back one</KeyButton
        >
        <template v-if="!ended">
          <KeyButton v-if="stage === 'steps'" k="w" :disabled="table.saving.value" @press="waterOff"
            >Enough water: dry it now</KeyButton
          >
          <KeyButton k="m" :disabled="table.saving.value" @press="finish('FOR_THE_VET')"
            >Something for the vet</KeyButton
          >
          <KeyButton v-if="stage === 'gate' || stage === 'learn'" k="e" @press="finish('LEFT')"
            >Leave it for today</KeyButton
          >
        </template>
        <span class="quiet">{{ choiceOf('BathKind', kind).title }}</span>
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
}
.side {
  flex: 1;
  display: grid;
  grid-template-columns: minmax(320px, 36%) 1fr;
  gap: 44px;
  align-items: center;
}
.side > div:last-child {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
h1 {
  font-size: clamp(1.8rem, 3.2vw, 2.7rem);
}
.place::first-letter {
  text-transform: uppercase;
}
p {
  font-size: 1.2rem;
}
.name {
  font-size: 1.35rem;
  color: rgb(var(--v-theme-secondary));
}
.kinds {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.kinds button {
  min-height: 60px;
  padding: 6px 20px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 26px;
  text-align: left;
}
.kinds small {
  display: block;
}
.kinds [aria-pressed='true'] {
  border-color: rgb(var(--v-theme-ink));
  background: rgb(var(--v-theme-wool));
  font-weight: 700;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 22px;
  font-size: 1.15rem;
}
dt {
  font-weight: 700;
}
dd {
  margin: 0;
}
.two {
  display: grid;
  grid-template-columns: 1.6fr 1fr;
  gap: 12px;
}
.big {
  display: flex;
  align-items: center;
  justify-content: center;
  min-height: 104px;
  padding: 8px 22px;
  border-radius: 20px 15px 22px 14px;
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
  font: 700 1.7rem var(--slab);
  text-decoration: none;
  text-align: center;
}
.other {
  min-height: 72px;
  padding: 8px 22px;
  border: 3px solid rgb(var(--v-theme-slate));
  border-radius: 16px 12px 18px 11px;
  background: rgb(var(--v-theme-surface));
  font: 700 1.3rem var(--slab);
}
@media (max-width: 899px) {
  .side {
    grid-template-columns: 1fr;
    gap: 12px;
  }
  .big {
    min-height: 84px;
    font-size: 1.35rem;
  }
}
</style>
