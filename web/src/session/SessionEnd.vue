<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, watch } from 'vue'
import { api, ask } from '@/api/client'
import type { Section, SessionEvent, SessionView, Signal } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import { burrWash, CLOSED_PAINT, matMark, type Paint } from '@/bodymap/paints'
import { useDrawnDog } from '@/coat/useCoat'
import choices from '@/api/choices'
import { choiceOf, labelOf } from '@/api/words'
import { useDogView } from '@/api/queries'
import { inDays, useUnits } from '@/shell/useUnits'
import { minutes } from '@/shell/useUnits'
import HairTrail from './HairTrail.vue'
import SessionNote from './SessionNote.vue'
import { outcome } from './words'
import { closedTogether } from '@/rhythm/closed'
import { matSize } from '@/rhythm/words'
import GrowlOrBite from '@/trust/GrowlOrBite.vue'
import JoyMark from '@/shell/JoyMark.vue'
import { useSoftSound } from '@/shell/useSoftSound'
import ActKey from '@/shell/ActKey.vue'

type Warned = Extract<SessionEvent, { type: 'WARNED' }>

/** What was done, what is next and when, and one thing to try; all else is folded away. */
const props = defineProps<{ view: SessionView; names: Partial<Record<Section, string>>; dogName: string }>()
const emit = defineEmits<{ undo: []; warned: [said: Warned] }>()

const { date, say } = useUnits()
const drawn = useDrawnDog(() => props.view.dogId)
const when = useDogView('when', () => props.view.dogId)
const months = useDogView('months', () => props.view.dogId)
const devices = useQuery({
  queryKey: ['devices', () => props.view.id],
  queryFn: () =>
    ask(
      api.GET('/api/dogs/{dogId}/sessions/{sessionId}/devices', {
        params: { path: { dogId: props.view.dogId, sessionId: props.view.id } },
      }),
    ),
})
/** A round over the dog is whole: a comb ran free at every place. */
const whole = computed(() => months.data.value?.allOver.includes(props.view.startedAt.slice(0, 10)))
const { tick } = useSoftSound()
const GLAD_HERTZ = 880
watch(whole, (now) => now && tick(GLAD_HERTZ))

/** An older session is a story, not something to go on with. */
const old = computed(() => when.data.value !== undefined && props.view.startedAt.slice(0, 10) < when.data.value.today)
const next = computed(() => when.data.value?.plan)
const dueOf = (section: Section) => next.value?.sections.find((s) => s.section === section)
const paint = computed<Partial<Record<Section, Paint>>>(() =>
  Object.fromEntries(
    (next.value?.sections ?? []).map((s) => [
      s.section,
      s.state === 'CLOSED'
        ? CLOSED_PAINT
        : {
            fill: s.nobodyKnows ? undefined : burrWash(s.burrs),
            burrs: s.burrs > 2 ? s.burrs : 0,
            mat: matMark(props.view.heed.mats.find((mat) => mat.section === s.section)),
          },
    ]),
  ),
)
const count = (n: number, one: string, many: string) => (n ? `${n} ${n === 1 ? one : many}` : '')
/** The whole session in a line. */
const done = computed(() => {
  const worked = props.view.places.filter((s) => s.outcome === 'DONE')
  const of = (comb: string) => worked.filter((s) => s.comb === comb).length
  return [
    count(of('GLIDES') + of('TANGLES_CLEARED'), 'place ran free', 'places ran free'),
    count(of('BRUSHED'), 'place brushed, not proved', 'places brushed, not proved'),
    count(
      worked.filter((s) => s.comb === 'TANGLES_CLEARED' || s.comb === 'BRUSHED').reduce((sum, s) => sum + s.tangles, 0),
      'tangle out',
      'tangles out',
    ),
    count(of('MAT_LEFT') + of('FOR_GROOMER'), 'mat stays in', 'mats stay in'),
    count(props.view.places.filter((s) => s.outcome !== 'DONE').length, 'place left', 'places left'),
  ]
    .filter(Boolean)
    .join(' · ')
})
const signals = computed(() =>
  choices.Signal.map(({ value, title }) => ({
    title: title.toLowerCase(),
    count: props.view.places.filter((s) => s.signal === value).length,
  }))
    .filter((closing) => closing.count)
    .map((closing) => `${closing.title} ${closing.count === 1 ? 'once' : `${closing.count} times`}`)
    .join(', '),
)
const warned = computed(() => props.view.said.findLast((one): one is Warned => one.type === 'WARNED'))
const nothingDone = computed(() => props.view.places.every((place) => place.outcome !== 'DONE'))
/** The places that were in hand when it warned. */
const near = computed(() => props.view.said.find((one): one is Warned => one.type === 'WARNED')?.sections ?? [])
const tell = (warning: Warned['warning'], sections: Section[]) => emit('warned', { type: 'WARNED', warning, sections })
function touched(section: Section) {
  if (warned.value && !old.value) tell(warned.value.warning, [section])
}
const closed = computed(() => when.data.value?.closed ?? [])
const groups = computed(() =>
  closedTogether(closed.value).map((group) => ({
    why: group.closed.why,
    places: group.places.map((place) => props.names[place.section]).join('; ') || 'all of the dog',
  })),
)
const matsElsewhere = computed(() =>
  props.view.heed.mats.filter((mat) => old.value || !closed.value.some((closing) => closing.section === mat.section)),
)
function whenAgain(section: Section) {
  const due = dueOf(section)
  if (due?.state === 'CLOSED') return labelOf('SectionPlanState', 'CLOSED')
  return due?.next ? inDays(when.data.value!.today, due.next) : ''
}
const took = (signal?: Signal) => signal && labelOf('Signal', signal)
</script>

<template>
  <div class="end max-w-1240 my-0 mx-auto p-24 max-sm:py-10 max-sm:px-16">
    <div class="with-map">
      <CoatMap
        :names="names"
        :dog="drawn"
        :paint="paint"
        class="max-md:max-w-250 max-md:my-0 max-md:mx-auto"
        @choose="touched"
      />
      <div>
        <h1 class="max-sm:text-4xl max-sm:m-0">
          {{ old ? date(view.startedAt) : choiceOf('SessionStateEnd', view.end!).title }}
        </h1>
        <p v-if="old">{{ choiceOf('SessionStateEnd', view.end!).title }}.</p>
        <p v-if="whole && !warned" class="flex items-center gap-14 my-8" data-test="whole">
          <JoyMark class="flex-none" /><span class="slab text-2xl">A comb runs free all over {{ dogName }}.</span>
        </p>
        <p v-if="!nothingDone || !warned" class="done slab text-2xl my-4 mx-0">{{ done }}</p>
        <p v-if="devices.data.value?.length" class="quiet">Said on {{ devices.data.value.join(' and ') }}.</p>
        <p v-if="view.review && (!nothingDone || !warned)" class="mb-10">
          <b>{{ minutes(view.review.spentSeconds) }}</b> at the brush<template v-if="view.review.expectedSeconds"
            >, reckoned {{ minutes(view.review.expectedSeconds) }}</template
          ><template v-if="signals"> · {{ signals }}</template
          ><template v-if="view.treats.given && !old">
            · {{ view.treats.given }} {{ view.treats.given === 1 ? 'treat' : 'treats' }} today</template
          >
        </p>
        <HairTrail v-if="!old && view.said.some((one) => 'hair' in one && one.hair)" :hair="view.hair" />
        <GrowlOrBite
          v-if="warned && !old"
          plain
          :dog-id="view.dogId"
          :what="warned.warning"
          :where="warned.sections"
          :near="near"
          @tell="tell"
        />
        <p v-if="view.review?.lastLook && !old" data-rule="session.last-look">{{ say(view.review.lastLook.text) }}</p>
        <p v-if="view.letGo && !old && !warned" class="then" data-test="let-go">{{ view.letGo }}</p>
        <p
          v-if="view.review && !old"
          class="advice border-l-6 border-l-heather py-6 px-14 my-10 mx-0"
          :data-rule="view.review.nextTime.rule"
        >
          <b>{{ warned ? 'Now.' : 'One thing to try next time.' }}</b> {{ say(view.review.nextTime.text) }}
        </p>
        <p v-for="one in old ? [] : groups" :key="one.why.text" class="caution" :data-rule="one.why.rule">
          <strong class="place inline-block">{{ one.places }}.</strong> {{ say(one.why.text) }}
        </p>
        <p v-for="mat in matsElsewhere" :key="mat.section" class="caution">
          <strong>A mat stays in:</strong> {{ names[mat.section] }}, since {{ date(mat.since)
          }}<template v-if="mat.found">, {{ say(matSize(mat.found)) }}</template
          >.
        </p>
        <template v-if="next?.next && when.data.value">
          <p class="quiet">Next brushing for {{ dogName }}</p>
          <p class="slab day text-5xl leading-tight max-sm:text-4xl" data-test="next-date">
            {{ date(next.next) }}
            <small class="font-sans font-normal text-base leading-plain">{{
              inDays(when.data.value.today, next.next)
            }}</small>
          </p>
          <p>{{ say(next.reason.text) }}</p>
        </template>
        <div class="acts flex items-center gap-12 mt-14 mx-0 mb-0">
          <ActKey color="primary" size="large" to="/">Home</ActKey>
          <ActKey v-if="!old" variant="text" @click="$emit('undo')">Undo the last entry</ActKey>
          <ActKey v-else variant="text" :to="`/dogs/${view.dogId}/days/history`">All that was done</ActKey>
        </div>
      </div>
    </div>
    <details class="mt-18 seam-t" :open="old">
      <summary class="min-h-48 pt-12 font-bold cursor-pointer">Place by place, and a note</summary>
      <SessionNote :dog-id="view.dogId" :session-id="view.id" :note="view.note" />
      <table class="w-full border-collapse">
        <thead>
          <tr>
            <th>Place</th>
            <th>Comb</th>
            <th>The dog</th>
            <th>Next</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="place in view.places" :key="place.how.section">
            <th scope="row">{{ names[place.how.section] }}</th>
            <td>{{ outcome(place) }}</td>
            <td>{{ took(place.signal) ?? '' }}</td>
            <td>
              {{ whenAgain(place.how.section) }}
            </td>
          </tr>
        </tbody>
      </table>
    </details>
  </div>
</template>

<style scoped>
.place::first-letter {
  text-transform: uppercase;
}
th {
  text-align: left;
  font-weight: 400;
}
thead th {
  font-size: 0.9rem;
  opacity: 0.88;
}
td,
tbody th {
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding: 7px 12px 7px 0;
}
tbody th {
  font-weight: 700;
}
tbody th::first-letter {
  text-transform: uppercase;
}
@media (max-width: 599px) {
  td,
  tbody th {
    padding-right: 6px;
    font-size: 0.9rem;
  }
}
</style>
