<script setup lang="ts">
import facts from '@/api/facts'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import { useSections, useView } from '@/api/queries'
import type { Section, SessionView, Warning } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import { CLOSED_PAINT, type Paint } from '@/bodymap/paints'
import { useDrawnDog } from '@/coat/useCoat'
import { useRoutine } from '@/routine/useRoutine'
import DateField from '@/shell/DateField.vue'
import ChoiceRow from '@/shell/ChoiceRow.vue'
import PageState from '@/shell/PageState.vue'
import { useDraft } from '@/shell/useDraft'
import { useNotice } from '@/shell/useNotice'
import { useOutbox } from '@/shell/useOutbox'
import { daysAgo } from '@/shell/useUnits'
import GrowlOrBite from '@/trust/GrowlOrBite.vue'
import { useDragPaint } from './useDragPaint'
import ChoiceKey from '@/shell/ChoiceKey.vue'

/** A brushing done without the session, painted on the dog: a touch paints a whole step, dragging paints on. */
const props = defineProps<{ dogId: number }>()

type Mode = 'BRUSHED' | 'TANGLE' | 'MAT' | 'WARNED'
type Took = 'RELAXED' | 'UNEASY' | 'WARNED'
interface Painted {
  tangles: number
  mat: boolean
}
interface Draft {
  day: string
  took: Took
  warned: { warning: Warning; sections: Section[] }
  minutes: string
  places: Partial<Record<Section, Painted>>
}

const MODES: { value: Mode; title: string }[] = [
  { value: 'BRUSHED', title: 'Brushed' },
  { value: 'TANGLE', title: 'A tangle, now out' },
  { value: 'MAT', title: 'A mat stays in' },
]
const COMBS = [
  { proved: true, title: 'Keep: it ran free', hint: 'from the root, so it is proved' },
  { proved: false, title: 'Keep: without the comb', hint: 'counts half, comes round sooner' },
]
/** More tangles at one place are not counted. */
const MOST_TANGLES = 4

const client = useQueryClient()
const router = useRouter()
const { names } = useSections()
const { tell } = useNotice()
const drawn = useDrawnDog(() => props.dogId)
const home = useView('home')
const dog = computed(() => home.data.value?.dogs.find((known) => known.id === props.dogId))
const whole = useRoutine(() => props.dogId, 'TOLD', undefined)
const steps = computed(() => whole.data.value?.steps ?? [])
const all = computed(() => steps.value.flatMap((step) => step.sections))

const { draft, start, forget } = useDraft<Draft>(`brushed:${props.dogId}`)
const fresh = (): Draft => ({
  day: home.data.value!.today,
  took: 'RELAXED',
  warned: { warning: 'GROWLED', sections: [] },
  minutes: '',
  places: {},
})
watch(
  () => !!home.data.value && !!whole.data.value,
  (ready) => ready && start(fresh()),
  { immediate: true },
)
const mode = ref<Mode>('BRUSHED')
/** What was painted before each touch. */
const before = ref<string[]>([])

const stepOf = (section: Section) => steps.value.find((step) => step.sections.includes(section))
const isPainted = (sections: readonly Section[]) => sections.every((section) => draft.value!.places[section])
const FRESH: Painted = { tangles: 0, mat: false }

function change(how: (places: Draft['places']) => void) {
  before.value = [...before.value.slice(-30), JSON.stringify(draft.value!.places)]
  const places = { ...draft.value!.places }
  how(places)
  draft.value!.places = places
}
const add = (places: Draft['places'], sections: readonly Section[]) =>
  sections.forEach((section) => (places[section] ??= { ...FRESH }))

function paintOn(sections: readonly Section[]) {
  if (!isPainted(sections)) change((places) => add(places, sections))
}
function touch(section: Section) {
  if (mode.value === 'WARNED') {
    draft.value!.warned.sections = [section]
    return
  }
  const step = stepOf(section)
  if (!step) return
  change((places) => {
    const was = places[section]
    if (mode.value === 'TANGLE') {
      add(places, [section])
      places[section] = { ...places[section]!, tangles: ((was?.tangles ?? 0) + 1) % (MOST_TANGLES + 1) }
    } else if (mode.value === 'MAT') {
      add(places, [section])
      places[section] = { ...places[section]!, mat: !was?.mat }
    } else if (isPainted(step.sections)) step.sections.forEach((section) => delete places[section])
    else add(places, step.sections)
  })
}
const toggleWhole = () =>
  change((places) =>
    isPainted(all.value) ? all.value.forEach((section) => delete places[section]) : add(places, all.value),
  )
function takeBack() {
  const last = before.value.pop()
  if (last) draft.value!.places = JSON.parse(last) as Draft['places']
}
const drag = useDragPaint(
  () => mode.value === 'BRUSHED',
  (section) => paintOn(stepOf(section)?.sections ?? []),
)

/** Where it growled or bit is touched on the dog. */
function dogTook(took: Took) {
  draft.value!.took = took
  mode.value = took === 'WARNED' ? 'WARNED' : 'BRUSHED'
}

const painted = computed(() => Object.keys(draft.value?.places ?? {}) as Section[])
const paint = computed<Partial<Record<Section, Paint>>>(() => ({
  ...Object.fromEntries(
    painted.value.map((section) => {
      const { tangles, mat } = draft.value!.places[section]!
      return [
        section,
        {
          fill: 'rgba(var(--v-theme-secondary), 0.55)',
          letter: tangles && !mat ? `${tangles}` : undefined,
          mat: mat ? 'UP_TO_20_MM' : undefined,
          says: ['brushed', tangles && `${tangles} ${tangles === 1 ? 'tangle' : 'tangles'}`, mat && 'a mat stays in']
            .filter(Boolean)
            .join(', '),
        },
      ]
    }),
  ),
  ...(draft.value?.took === 'WARNED'
    ? Object.fromEntries(draft.value.warned.sections.map((section) => [section, CLOSED_PAINT]))
    : {}),
}))
const found = computed(() => {
  const places = Object.values(draft.value?.places ?? {})
  const tangles = places.reduce((sum, place) => sum + place.tangles, 0)
  const mats = places.filter((place) => place.mat).length
  return [
    `${places.length} of ${all.value.length} places`,
    tangles && `${tangles} ${tangles === 1 ? 'tangle' : 'tangles'} out`,
    mats && `${mats} ${mats === 1 ? 'mat stays' : 'mats stay'} in`,
  ]
    .filter(Boolean)
    .join(', ')
})
const stepSays = (sections: readonly Section[]) =>
  isPainted(sections) ? 'brushed' : sections.some((section) => draft.value!.places[section]) ? 'in part' : ''

const days = computed(() => {
  const today = new Date(`${home.data.value!.today}T12:00:00Z`)
  const back = (n: number) => new Date(today.getTime() - n * 864e5).toISOString().slice(0, 10)
  return { today: back(0), yesterday: back(1), first: back(facts.toldDaysLater) }
})

/** What the server will never take stays painted; the notice above says why. */
const refused = ref(false)
const outbox = useOutbox<SessionView>({
  name: `afterwards:${props.dogId}`,
  stored: () => void client.invalidateQueries(),
  refused: () => (refused.value = true),
})
async function takeBackSession(sessionId: string) {
  await ask(
    api.DELETE('/api/dogs/{dogId}/sessions/{sessionId}', { params: { path: { dogId: props.dogId, sessionId } } }),
  ).catch(() => undefined)
  void client.invalidateQueries()
}
/** @param proved whether the comb ran free: asked with no answer at hand, for it decides when the place comes round */
function keep(proved: boolean) {
  refused.value = false
  const { day, took, warned, minutes, places } = draft.value!
  const id = crypto.randomUUID()
  outbox.put({
    id,
    method: 'POST',
    path: `/api/dogs/${props.dogId}/sessions/afterwards`,
    body: {
      id,
      day,
      proved,
      minutes: minutes ? Number(minutes) : undefined,
      places: painted.value.map((section) => ({
        section,
        ...places[section]!,
        signal: took === 'UNEASY' ? 'UNEASY' : 'RELAXED',
      })),
      warned: took === 'WARNED' ? warned : undefined,
    },
    words: `Brushed ${daysAgo(days.value.today, day)}: ${found.value}`,
  })
}
/** It has arrived, or waits in this browser until it can. */
watch(
  () => [outbox.unsent.value.length, outbox.cutOff.value] as const,
  ([unsent, cutOff], [wasUnsent]) => {
    if (!wasUnsent || refused.value || (unsent && !cutOff)) return
    tell(`Kept: ${found.value}.`, sent.value && !cutOff ? () => void takeBackSession(sent.value!) : undefined)
    forget(fresh())
    before.value = []
    void router.push('/')
  },
)
const sent = ref<string>()
watch(
  () => outbox.unsent.value.at(-1)?.id,
  (id) => (sent.value = id ?? sent.value),
)
</script>

<template>
  <PageState
    :pending="!draft || !whole.data.value || !home.data.value"
    :error="whole.error.value ?? home.error.value"
    @retry="whole.refetch()"
  >
    <div v-if="draft && home.data.value" class="with-map">
      <div
        class="touch-pan-y"
        @pointerdown="drag.pointerdown"
        @pointermove="drag.pointermove"
        @pointerup="drag.pointerup"
        @pointercancel="drag.pointercancel"
        @click.capture="drag.clickCapture"
      >
        <CoatMap :names="names" :dog="drawn" :paint="paint" @choose="touch" />
      </div>
      <div>
        <h2>I brushed already</h2>
        <p v-if="dog?.known?.openSession" class="caution">
          A session is going on: say it there, or end it first.
          <router-link :to="`/dogs/${dogId}/sessions/${dog.known.openSession}`">Go on</router-link>
        </p>
        <p>Touch the dog where you brushed: a touch paints all that one grip does, dragging paints on.</p>
        <div class="flex flex-wrap gap-6 my-8 mx-0" role="group" aria-label="A touch means">
          <ChoiceKey v-for="one in MODES" :key="one.value" :on="mode === one.value" @click="mode = one.value">
            {{ one.title }}
          </ChoiceKey>
        </div>
        <div class="flex flex-wrap gap-6 my-8 mx-0" role="group" aria-label="Steps">
          <ChoiceKey class="flex-[1_1_100%] font-slab text-lg leading-plain" :on="isPainted(all)" @click="toggleWhole">
            Whole dog
          </ChoiceKey>
          <ChoiceKey
            v-for="step in steps"
            class="first-letter:uppercase"
            :key="step.sections.join()"
            :on="isPainted(step.sections)"
            @click="
              change((places) =>
                isPainted(step.sections)
                  ? step.sections.forEach((section) => delete places[section])
                  : add(places, step.sections),
              )
            "
          >
            {{ step.label }}<small v-if="stepSays(step.sections) === 'in part'"> in part</small>
          </ChoiceKey>
          <button v-if="before.length" type="button" class="link" @click="takeBack">Take back the last touch</button>
        </div>
        <div class="flex flex-wrap items-center gap-y-0 gap-x-14">
          <ChoiceRow
            label="When"
            :choices="[
              { value: days.today, title: 'today' },
              { value: days.yesterday, title: 'yesterday' },
            ]"
            :model-value="draft.day"
            @update:model-value="draft.day = $event!"
          />
          <DateField
            :model-value="draft.day"
            class="min-w-200 max-w-240"
            label="or on"
            :min="days.first"
            :max="days.today"
            @update:model-value="draft.day = $event ?? days.today"
          />
        </div>
        <ChoiceRow
          label="The dog"
          :choices="[
            { value: 'RELAXED', title: 'was relaxed' },
            { value: 'UNEASY', title: 'was uneasy' },
            { value: 'WARNED', title: 'growled or bit' },
          ]"
          :model-value="draft.took"
          @update:model-value="dogTook($event as Took)"
        />
        <GrowlOrBite
          v-if="draft.took === 'WARNED'"
          plain
          :dog-id="dogId"
          :what="draft.warned.warning"
          :where="draft.warned.sections"
          :near="[]"
          @tell="(warning, sections) => (draft!.warned = { warning, sections })"
        />
        <v-text-field
          v-model="draft.minutes"
          class="max-w-260 my-12"
          label="It took, if you know"
          suffix="minutes"
          inputmode="numeric"
          autocomplete="off"
        />
        <div
          class="acts grid grid-cols-2 gap-8 mt-14 max-md:sticky max-md:bottom-0 max-md:bg-background max-md:py-8 max-md:px-0"
          role="group"
          aria-label="Keep it: how was the comb?"
        >
          <span class="col-span-full" role="status">{{
            painted.length ? `${found}. And the comb?` : 'Nothing painted yet'
          }}</span>
          <button
            v-for="one in COMBS"
            class="disabled:opacity-50"
            :key="one.title"
            type="button"
            :disabled="!painted.length || !!dog?.known?.openSession || outbox.saving.value"
            @click="keep(one.proved)"
          >
            <b class="block font-slab font-bold text-xl leading-plain">{{ one.title }}</b> <small>{{ one.hint }}</small>
          </button>
        </div>
      </div>
    </div>
  </PageState>
</template>

<style scoped>
.acts button {
  min-height: 72px;
  padding: 6px 14px;
  border: 3px solid rgb(var(--v-theme-ink));
  border-radius: 14px 18px 13px 17px;
  background: rgb(var(--v-theme-surface));
}
</style>
