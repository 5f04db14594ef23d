<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { messageOf } from '@/api/client'
import { useDogView, useSections, useView } from '@/api/queries'
import type { Section } from '@/api/types'
import choices from '@/api/choices'
import CoatMap from '@/bodymap/CoatMap.vue'
import { CLOSED_PAINT, type Paint } from '@/bodymap/paints'
import { useDrawnDog } from '@/coat/useCoat'
import ClosedPlaces from '@/rhythm/ClosedPlaces.vue'
import PastQuestion from '@/rhythm/PastQuestion.vue'
import PageState from '@/shell/PageState.vue'
import WhyList from '@/shell/WhyList.vue'
import { minutes, useUnits } from '@/shell/useUnits'
import { practicePath } from '@/trust/pages'
import MinutesSlider from './MinutesSlider.vue'
import RaceList from './RaceList.vue'
import RoutineRow from './RoutineRow.vue'
import { useRoutine, type Scope } from './useRoutine'
import { useSchools } from '@/kit/useKit'
import { useBegin } from '@/shell/useBegin'
import ActKey from '@/shell/ActKey.vue'
import TheWord from '@/shell/TheWord.vue'

const props = defineProps<{ dogId: number }>()

const begin = useBegin()
const { list, names } = useSections()
const { say, date } = useUnits()
const drawn = useDrawnDog(() => props.dogId)
const scope = ref<Scope>('TODAY')
/** Undefined: as the plan has it. */
const have = ref<number>()
const today = useRoutine(() => props.dogId, scope, have)
/** Kept for this dog, for every screen; undefined: as proposed. */
const { schools, choose } = useSchools(() => props.dogId)
const order = computed({
  get: () => schools.data.value?.chosen.order ?? undefined,
  set: (order) => choose.mutate({ ...schools.data.value!.chosen, order }),
})
const routine = computed(() => today.data.value?.routine)
const inTraining = computed(() => today.data.value?.inTraining ?? [])
const when = useDogView('when', () => props.dogId)
const home = useView('home')
const goingOn = computed(() => home.data.value?.dogs.find((dog) => dog.id === props.dogId)?.known?.openSession)

/** Setting up takes longer than what a smaller number would leave. */
const FEWEST = 5

const left = ref<Section[]>([])
watch(scope, () => {
  left.value = []
})

watch(have, () => {
  scope.value = 'TODAY'
  left.value = []
})
/** Why nothing is brushed now; undefined: it may be. */
const mayNot = computed(() => today.data.value?.mayNot)
const trainingAt = (section: Section) => inTraining.value.find((place) => place.section === section)
const dogName = computed(() => home.data.value?.dogs.find((dog) => dog.id === props.dogId)?.name ?? 'the dog')
const chosen = ref<Section>()

const places = computed(() => routine.value?.places ?? [])
const waiting = computed(() => today.data.value?.waits ?? [])
const nothingBrushed = computed(() => when.data.value?.plan.sections.every((s) => s.state === 'NOT_BRUSHED'))
const taken = computed(() => places.value.filter((place) => !left.value.includes(place.section)))
/** Shown while nothing is left out: then it is the whole routine's own. */
const range = computed(() =>
  left.value.length || !routine.value
    ? ''
    : `${minutes(routine.value.fromSeconds + setUp.value)} to ${minutes(routine.value.toSeconds + setUp.value)}`,
)
/** Nothing to say where each place is a step of its own, or some were left out. */
const inSteps = computed(() => {
  const steps = today.data.value?.steps.length ?? 0
  if (passes.value.length)
    return `, ${passes.value.length === 1 ? 'one tool' : `${passes.value.length} tools`} all over, then ${steps} ${steps === 1 ? 'step' : 'steps'}`
  return left.value.length || steps === places.value.length ? '' : ` in ${steps} ${steps === 1 ? 'step' : 'steps'}`
})
/** As the routine has them; with places left out they are put together anew when it begins. */
const passes = computed(() => (left.value.length ? [] : (today.data.value?.passes ?? [])))
const passSeconds = computed(() => passes.value.reduce((sum, pass) => sum + pass.seconds, 0))
const setUp = computed(() => today.data.value?.setUpSeconds ?? 0)
const seconds = computed(() => setUp.value + taken.value.reduce((sum, place) => sum + place.seconds, 0))
const paint = computed(() => {
  const paint: Partial<Record<Section, Paint>> = {}
  today.data.value?.closed.forEach(({ section }) => (paint[section] = CLOSED_PAINT))
  taken.value.forEach(({ section }, i) => {
    paint[section] = { fill: 'rgba(var(--v-theme-primary), 0.45)', says: `number ${i + 1} today` }
  })
  return paint
})

function toggle(section: Section) {
  left.value = left.value.includes(section) ? left.value.filter((s) => s !== section) : [...left.value, section]
}
</script>

<template>
  <PageState
    :pending="!routine || !when.data.value"
    :error="today.error.value ?? when.error.value"
    @retry="today.refetch()"
  >
    <div v-if="routine" class="with-map">
      <CoatMap
        :names="names"
        :dog="drawn"
        :paint="paint"
        :selected="chosen ? [chosen] : []"
        class="no-print"
        @choose="chosen = $event"
      />
      <div>
        <PastQuestion v-if="when.data.value?.askPast" :dog-id="dogId" :dog-name="dogName" class="no-print" />
        <ClosedPlaces :dog-id="dogId" :closed="today.data.value?.closed ?? []" />
        <div class="top flex justify-between gap-20 items-center">
          <div>
            <h2>{{ scope === 'TODAY' ? 'Today’s routine' : 'The whole dog' }}</h2>
            <p v-if="places.length" class="sum slab text-5xl max-sm:text-3xl">
              <span data-test="total">about {{ minutes(seconds) }}</span
              ><small class="font-sans font-normal text-base leading-snug block max-sm:block max-sm:m-0"
                >{{ taken.length }} {{ taken.length === 1 ? 'place' : 'places' }}{{ inSteps
                }}<template v-if="range">, most likely {{ range }}</template
                ><template v-if="setUp">; {{ minutes(setUp) }} of it to fetch dog and things</template></small
              >
            </p>
          </div>
          <ActKey
            v-if="goingOn"
            color="primary"
            size="x-large"
            class="no-print"
            :to="`/dogs/${dogId}/sessions/${goingOn}`"
            >Go on</ActKey
          >
          <ActKey
            v-else-if="taken.length"
            color="primary"
            size="x-large"
            class="no-print"
            :loading="begin.isPending.value"
            @click="begin.mutate({ dogId, sections: taken.map((place) => place.section) })"
            >Begin</ActKey
          >
        </div>
        <p v-if="!goingOn && !nothingBrushed" class="no-print">
          <router-link :to="`/dogs/${dogId}/today/brushed`">I brushed already</router-link>
        </p>
        <p v-if="begin.error.value" class="caution" role="alert">
          <strong>{{ messageOf(begin.error.value) }}</strong>
        </p>
        <p v-if="goingOn" class="quiet">
          A session is going on; go on with it, or end it there before beginning another.
        </p>
        <MinutesSlider
          v-if="today.data.value!.neededMinutes > FEWEST && !goingOn && !mayNot && scope === 'TODAY'"
          v-model="have"
          :fewest="FEWEST"
          :most="today.data.value!.neededMinutes"
          :places="places.length"
        />
        <p v-if="today.data.value?.child" class="caution" :data-rule="today.data.value.child.rule">
          {{ say(today.data.value.child.text) }}
        </p>
        <p v-if="today.data.value?.sitting && !mayNot" class="quiet" :data-rule="today.data.value.sitting.rule">
          {{ say(today.data.value.sitting.text) }}
        </p>
        <p v-if="mayNot" class="rest" :data-rule="mayNot.rule">{{ say(mayNot.text) }}</p>
        <p v-else-if="have !== undefined && !places.length" class="rest">
          No place can be done properly in that time. A minute of stroking and a look with the fingers does good, too.
        </p>
        <p v-else-if="!places.length && nothingBrushed" class="rest">
          Nothing is brushed on this dog: cords and bare skin are left in peace.
        </p>
        <p v-else-if="!places.length && inTraining.length && !waiting.length" class="rest">
          What is due today is still in training: practise instead, and brush when the dog is ready.
        </p>
        <template v-else-if="!places.length">
          <p class="rest">
            Nothing is due today.
            <template v-if="when.data.value!.plan.next"
              >The next brushing is on <b>{{ date(when.data.value!.plan.next) }}</b>.</template
            >
          </p>
          <ActKey color="secondary" @click="scope = 'WHOLE'">Brush the whole dog all the same</ActKey>
        </template>
        <template v-else>
          <p>
            {{ say(routine.whyOrder.text) }}
          </p>
          <v-select
            v-model="order"
            class="no-print max-w-400 my-12"
            label="Order for this dog"
            placeholder="as proposed"
            persistent-placeholder
            :disabled="!schools.data.value"
            :items="[
              { title: 'as proposed', value: undefined },
              ...choices.Order.map((one) => ({ title: `${one.label}, ${one.hint}`, value: one.value })),
            ]"
          />
          <div v-if="passes.length || routine.whyStructure.rule === 'routine.structure-chosen'" class="round">
            <p class="mb-4" :data-rule="routine.whyStructure.rule">
              {{ say(routine.whyStructure.text) }}
              <router-link class="no-print" :to="`/dogs/${dogId}/kit/schools`">Change it</router-link>
            </p>
            <ol v-if="passes.length" class="mt-0 mx-0 mb-10 pl-26" aria-label="One tool after the other">
              <li v-for="pass in passes" :key="pass.tool">
                <b class="inline-block">{{ pass.label }}</b>
                {{ pass.sections.length === 1 ? 'at 1 place' : `over ${pass.sections.length} places` }},
                {{ minutes(pass.seconds) }}
              </li>
              <li>
                <b class="inline-block">then place by place</b>, each proved,
                {{ minutes(seconds - setUp - passSeconds) }}
              </li>
            </ol>
          </div>
          <p
            v-if="today.data.value?.season"
            class="border-l-5 border-l-secondary pt-4 pr-0 pb-4 pl-14 my-10 mx-0"
            :data-rule="today.data.value.season.rule"
          >
            {{ say(today.data.value.season.text) }}
          </p>
          <div v-if="routine.cautions.length" class="bg-wool rounded-cut py-12 px-18 mt-12 mx-0 mb-16">
            <h3>Mind today</h3>
            <ul class="pl-18">
              <li
                v-for="caution in routine.cautions"
                class="my-3 mx-0 max-w-[76ch]"
                :key="caution.rule"
                :data-rule="caution.rule"
              >
                {{ say(caution.text) }}
              </li>
            </ul>
          </div>
          <p class="quiet no-print">
            What is a <TheWord of="layer" />, a <TheWord of="step" />, when is it <TheWord of="proved" />?
          </p>
          <ol class="places list-none p-0">
            <RoutineRow
              v-for="(place, i) in places"
              :key="place.section"
              :place="place"
              :name="names[place.section] ?? ''"
              :number="i + 1"
              :often-skipped="list.find((s) => s.section === place.section)?.oftenSkipped"
              :left-out="left.includes(place.section)"
              :open="chosen === place.section"
              @toggle="toggle(place.section)"
              @open="chosen = chosen === place.section ? undefined : place.section"
            />
          </ol>
          <div v-if="waiting.length" class="waiting my-16 mx-0">
            <h3>These wait</h3>
            <ul>
              <li
                v-for="one in waiting"
                class="flex justify-between gap-10 py-4 px-0 seam-b break-inside-avoid text-md"
                :key="one.section"
              >
                <span>{{ names[one.section] }}</span>
                {{ one.until ? `until ${date(one.until)}` : 'past the days that are planned' }}
              </li>
            </ul>
          </div>
          <ActKey
            v-if="scope === 'TODAY' && places.length < list.length"
            variant="text"
            class="no-print"
            @click="scope = 'WHOLE'"
            >Show the whole dog instead</ActKey
          >
          <ActKey v-else-if="scope === 'WHOLE'" variant="text" class="no-print" @click="scope = 'TODAY'"
            >Only what is due</ActKey
          >
          <WhyList :reasons="[routine.whyMinutes]" label="How are the minutes reckoned?" />
          <p class="no-print">
            <router-link class="text-inherit" :to="`/dogs/${dogId}/today/methods`"
              >How it is done with your hands: the cards</router-link
            >
          </p>
        </template>
        <section
          v-if="inTraining.length"
          class="border-l-5 border-l-heather pt-4 pr-0 pb-4 pl-16 my-18 mx-0"
          aria-labelledby="in-training"
        >
          <h3 id="in-training">Practised, not brushed</h3>
          <p v-if="today.data.value?.why" :data-rule="today.data.value.why.rule">
            {{ say(today.data.value.why.text) }}
          </p>
          <RaceList
            :races="today.data.value?.races ?? []"
            :names="names"
            :to="(section) => trainingAt(section) && practicePath(dogId, trainingAt(section)!)"
            :rung="(section) => trainingAt(section)?.rungNumber"
          />
        </section>
      </div>
    </div>
  </PageState>
</template>

<style scoped>
.rest {
  font-size: 1.2rem;
  margin: 12px 0;
}
.round b::first-letter {
  text-transform: uppercase;
}
.waiting ul {
  list-style: none;
  padding: 0;
  columns: 2 260px;
  column-gap: 28px;
}
.waiting span::first-letter {
  text-transform: uppercase;
}
</style>
