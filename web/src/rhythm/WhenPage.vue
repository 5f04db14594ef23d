<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useDogView, useSections, useView } from '@/api/queries'
import type { Section, SectionPlan } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import { burrWash, CLOSED_PAINT, matMark, type Paint } from '@/bodymap/paints'
import { useDrawnDog } from '@/coat/useCoat'
import BurrRow from '@/shell/BurrRow.vue'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import WhyList from '@/shell/WhyList.vue'
import { inDays, useUnits } from '@/shell/useUnits'
import ClosedPlaces from './ClosedPlaces.vue'
import PastQuestion from './PastQuestion.vue'
import { dayPages } from './pages'
import { labelOf } from '@/api/words'
import ActKey from '@/shell/ActKey.vue'
import TheWord from '@/shell/TheWord.vue'

const props = defineProps<{ dogId: number }>()

const { names } = useSections()
const { date, say } = useUnits()
const drawn = useDrawnDog(() => props.dogId)
const when = useDogView('when', () => props.dogId)

const mats = useDogView('mats', () => props.dogId)
const home = useView('home')
const dogName = computed(() => home.data.value?.dogs.find((dog) => dog.id === props.dogId)?.name ?? 'the dog')
const route = useRoute()
const chosen = ref(route.query.place as Section | undefined)
watch(
  () => route.query.place,
  (place) => (chosen.value = place as Section | undefined),
)
const lost = computed(() => view.value?.races.filter((race) => race.lost).length ?? 0)
const view = computed(() => when.data.value)
const losing = computed(() =>
  lost.value === view.value?.races.length
    ? lost.value === 1
      ? 'it mats'
      : 'all of them mat'
    : lost.value === 1
      ? 'one of them mats'
      : `${lost.value} of them mat`,
)
const rows = computed(() =>
  [...(view.value?.plan.sections ?? [])].sort(
    (a, b) => (a.next ?? '9').localeCompare(b.next ?? '9') || b.burrs - a.burrs || b.mats - a.mats,
  ),
)
const one = computed(() => rows.value.find((row) => row.section === chosen.value))
const dueNow = computed(() => rows.value.filter((row) => row.next === view.value!.today).length)
const anyBrushed = computed(() => rows.value.some((row) => row.state !== 'NOT_BRUSHED'))
/** States that the day alone does not tell. */
const told = (row: SectionPlan) => !['DUE', 'WAITS', 'FRESH', 'COMES'].includes(row.state)
const paint = computed<Partial<Record<Section, Paint>>>(() =>
  Object.fromEntries(
    rows.value.map((row) => [
      row.section,
      row.state === 'CLOSED'
        ? CLOSED_PAINT
        : {
            fill: row.nobodyKnows ? undefined : burrWash(row.burrs),
            burrs: row.burrs > 2 ? row.burrs : 0,
            says: `brushed ${whenDue(row)}`,
            mat: matMark(mats.data.value?.find((mat) => mat.section === row.section)),
          },
    ]),
  ),
)

function whenDue(row: SectionPlan): string {
  const state = told(row) ? labelOf('SectionPlanState', row.state) : ''
  const day = row.next && inDays(view.value!.today, row.next)
  return [state, day].filter(Boolean).join(', ') || 'later'
}
</script>

<template>
  <PageState :pending="!view" :error="when.error.value" @retry="when.refetch()">
    <SubNav v-if="view" label="What comes, and what was" :pages="dayPages(dogId)" />
    <div v-if="view" class="with-map">
      <CoatMap
        :names="names"
        :dog="drawn"
        :paint="paint"
        :selected="chosen ? [chosen] : []"
        @choose="chosen = $event"
      />
      <div>
        <PastQuestion v-if="view.askPast" :dog-id="dogId" :dog-name="dogName" />
        <ClosedPlaces :dog-id="dogId" :closed="view.closed" :jobs="view.closedJobs" />
        <div v-if="anyBrushed" class="next grid grid-cols-[1fr_auto] items-center mb-6 max-sm:grid-cols-1">
          <p class="quiet">Next brushing</p>
          <p class="slab day text-5xl" data-test="next-date">
            <template v-if="view.plan.next"
              >{{ date(view.plan.next)
              }}<span class="text-base font-normal font-sans ml-12 opacity-88">{{
                inDays(view.today, view.plan.next)
              }}</span></template
            ><template v-else>none planned</template>
          </p>
          <ActKey v-if="dueNow" color="primary" size="large" :to="`/dogs/${dogId}/today/routine`"
            >See today’s routine</ActKey
          >
        </div>
        <p>{{ say(view.plan.reason.text) }}</p>
        <p v-if="view.races.length" class="border-l-5 pt-4 pr-0 pb-4 pl-14 my-10 mx-0 border-l-heather">
          {{ view.races.length }} {{ view.races.length === 1 ? 'place is' : 'places are' }} in training<template
            v-if="lost"
            >; {{ losing }} before the dog is ready</template
          >.
          <router-link class="text-inherit" :to="`/dogs/${dogId}/today/routine`"
            >The race, and the ways out</router-link
          >
        </p>
        <p
          v-if="view.season"
          class="border-l-5 border-l-secondary pt-4 pr-0 pb-4 pl-14 my-10 mx-0"
          :data-rule="view.season.rule"
        >
          {{ say(view.season.text) }}
        </p>
        <hr class="seam" />
        <article v-if="one" class="one" :aria-label="names[one.section]">
          <h2>{{ names[one.section] }} <BurrRow v-if="!one.nobodyKnows" :count="one.burrs" /></h2>
          <p>
            <b class="inline-block">{{ labelOf('SectionPlanState', one.state) }}</b><template v-if="one.next"
              >, {{ inDays(view.today, one.next) }}</template
            ><template v-if="one.state !== 'NOT_BRUSHED'"
              >; on days like these about {{ one.every
              }}<template v-if="one.fromDays !== one.toDays">
                ({{ one.fromDays }} to {{ one.toDays }})</template
              ></template
            >
          </p>
          <WhyList :reasons="one.reasons" open />
          <button type="button" class="dotted min-h-44" @click="chosen = undefined">← all places</button>
        </article>
        <table v-else class="w-full border-collapse">
          <caption class="sr absolute clipped">
            Every place, the next ones first
          </caption>
          <thead>
            <tr>
              <th>Place</th>
              <th>Burrs</th>
              <th>Brushed</th>
              <th class="max-sm:hidden">On days like these</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.section">
              <th scope="row">
                <button
                  class="min-h-44 text-left w-full font-bold hover:dotted hover:underline-offset-4"
                  type="button"
                  @click="chosen = row.section"
                >
                  {{ names[row.section] }}
                </button>
              </th>
              <td><BurrRow v-if="!row.nobodyKnows" :count="row.burrs" /><template v-else>?</template></td>
              <td>{{ whenDue(row) }}</td>
              <td class="max-sm:hidden">{{ row.every }}</td>
            </tr>
          </tbody>
        </table>
        <p class="quiet">What do <TheWord of="burrs" /> say, and when is a place <TheWord of="due" />?</p>
      </div>
    </div>
  </PageState>
</template>

<style scoped>
.next .act {
  grid-row: 1 / span 2;
  grid-column: 2;
}
th {
  text-align: left;
  font-weight: 400;
}
thead th {
  font-size: 0.9rem;
  opacity: 0.88;
  padding-bottom: 4px;
}
td,
tbody th {
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding: 2px 10px 2px 0;
}
tbody button::first-letter,
.one h2::first-letter {
  text-transform: uppercase;
}
.one b::first-letter {
  text-transform: uppercase;
}
@media (max-width: 599px) {
  .next .act {
    grid-row: auto;
    grid-column: 1;
    margin-top: 8px;
  }
}
</style>
