<script setup lang="ts">
import { computed, ref } from 'vue'
import { useDogView, useSections } from '@/api/queries'
import type { Section } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import { matMark, type Paint } from '@/bodymap/paints'
import { useDrawnDog } from '@/coat/useCoat'
import { dayPages } from '@/rhythm/pages'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import { useUnits } from '@/shell/useUnits'
import HairTrail from './HairTrail.vue'
import SaidToday from './SaidToday.vue'
import TangleChart from './TangleChart.vue'
import { useHistory, usePlaceStory } from './useHistory'
import { matSize } from '@/rhythm/words'
import ActKey from '@/shell/ActKey.vue'
import TheWord from '@/shell/TheWord.vue'

const props = defineProps<{ dogId: number }>()

const { names } = useSections()
const { date, say } = useUnits()
const drawn = useDrawnDog(() => props.dogId)
const history = useHistory(() => props.dogId)

const sessions = computed(() => history.data.value?.pages.flatMap((page) => page.sessions) ?? [])
const first = computed(() => history.data.value?.pages[0])
const places = computed(() =>
  [...(first.value?.places ?? [])].sort((a, b) => b.tangles / b.checks - a.tangles / a.checks),
)
const tangled = computed(() => places.value.filter((place) => place.tangles))
const chosen = ref<Section>()
const story = usePlaceStory(() => props.dogId, chosen)
const mats = useDogView('mats', () => props.dogId)
const months = useDogView('months', () => props.dogId)
const whole = computed(() => months.data.value?.allOver ?? [])
const one = computed(() => places.value.find((place) => place.section === chosen.value))
const perCheck = (place: { tangles: number; checks: number }) => place.tangles / place.checks
const paint = computed<Partial<Record<Section, Paint>>>(() =>
  Object.fromEntries(
    places.value.map((place) => [
      place.section,
      {
        fill: `rgba(var(--v-theme-primary), ${Math.min(0.75, 0.9 * perCheck(place)).toFixed(2)})`,
        letter: place.tangles ? String(place.tangles) : '',
        mat: matMark(mats.data.value?.find((mat) => mat.section === place.section)),
        says: `${place.tangles} found in ${place.checks} checks`,
      },
    ]),
  ),
)

function inShort(s: (typeof sessions.value)[number]): string {
  return [
    s.done === 1 ? '1 place' : `${s.done} places`,
    s.minutes !== undefined && `${s.minutes} min`,
    s.skipped && `${s.skipped} left for another day`,
  ]
    .filter(Boolean)
    .join(', ')
}
/** What the comb met; where none went through, that. */
function foundInShort(s: (typeof sessions.value)[number]): string {
  const combed = s.done - s.unproved
  return [
    s.tangles && `${s.tangles} ${s.tangles === 1 ? 'tangle' : 'tangles'} out`,
    s.matsLeft && `${s.matsLeft} ${s.matsLeft === 1 ? 'mat' : 'mats'} left in`,
    !s.tangles && !s.matsLeft && combed > 0 && 'comb ran free',
    s.unproved && (combed > 0 ? `${s.unproved} not combed` : 'not combed'),
  ]
    .filter(Boolean)
    .join(', ')
}
function took(s: (typeof sessions.value)[number]): string {
  return [
    s.relaxed && `${s.relaxed} relaxed`,
    s.uneasy && `${s.uneasy} uneasy`,
    s.optedOut && `${s.optedOut} opted out`,
  ]
    .filter(Boolean)
    .join(', ')
}
</script>

<template>
  <PageState :pending="!first" :error="history.error.value" @retry="history.refetch()">
    <div v-if="first">
      <SubNav label="What comes, and what was" :pages="dayPages(dogId)" />
      <div class="with-map">
        <CoatMap
          :names="names"
          :dog="drawn"
          :paint="paint"
          :selected="chosen ? [chosen] : []"
          @choose="chosen = $event"
        />
        <div>
          <SaidToday :dog-id="dogId" />
          <h2>Where it keeps tangling</h2>
          <p class="quiet">
            A <TheWord of="tangle" /> is no <TheWord of="mat" />; a place is <TheWord of="proved" /> by the comb.
          </p>
          <p v-if="one">
            <b class="cap inline-block">{{ names[one.section] }}</b>: {{ one.tangles }} found in {{ one.checks }} comb
            checks{{ one.mats ? `, ${one.mats} of them left as a mat` : '' }}.
            <button type="button" class="place dotted min-h-44" @click="chosen = undefined">all places</button>
          </p>
          <p v-else-if="tangled.length">
            Since {{ date(first.since) }}, most for each check:
            <template v-for="(place, i) in tangled.slice(0, 4)" :key="place.section"
              >{{ i ? '; ' : ''
              }}<button type="button" class="place dotted min-h-44" @click="chosen = place.section">
                {{ names[place.section] }}
              </button>
              {{ place.tangles }} in {{ place.checks }}</template
            >.
          </p>
          <p v-else-if="places.length">Since {{ date(first.since) }} the comb has run free everywhere.</p>
          <TangleChart
            v-if="one && story.data.value"
            :name="names[one.section] ?? ''"
            :since="story.data.value.since"
            :until="story.data.value.until"
            :checks="story.data.value.checks"
          />
          <p v-for="mat in mats.data.value" :key="mat.section" class="caution">
            <strong>A mat is still in:</strong> {{ names[mat.section] }}, since {{ date(mat.since)
            }}<template v-if="mat.found">, {{ say(matSize(mat.found)) }}</template
            >. It stays on the map until the comb runs free.
          </p>
          <template v-if="first.hair.days.length">
            <h2>Hair that came out</h2>
            <HairTrail :hair="first.hair" />
          </template>
          <hr class="seam" />
          <h2>What was done</h2>
          <template v-if="sessions.length">
            <table class="w-full border-collapse">
              <thead>
                <tr>
                  <th scope="col">Day</th>
                  <th scope="col">Done</th>
                  <th scope="col">Comb</th>
                  <th scope="col">The dog</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="s in sessions" :key="s.id">
                  <th class="whitespace-nowrap" scope="row">
                    <router-link :to="`/dogs/${dogId}/sessions/${s.id}`">{{ date(s.day) }}</router-link>
                  </th>
                  <td>{{ s.minutes === undefined ? 'going on' : inShort(s) }}</td>
                  <td>
                    {{ s.done ? foundInShort(s) : '' }}<b v-if="whole.includes(s.day)" class="block">free all over</b>
                  </td>
                  <td>{{ took(s) }}</td>
                </tr>
              </tbody>
            </table>
            <ActKey
              v-if="history.hasNextPage.value"
              variant="text"
              :loading="history.isFetchingNextPage.value"
              @click="history.fetchNextPage()"
              >Show older ones</ActKey
            >
          </template>
          <template v-else>
            <p>Nothing yet. After the first session you find here what the comb said, and how the dog took it.</p>
            <ActKey color="primary" :to="`/dogs/${dogId}/today/routine`">To the routine</ActKey>
          </template>
        </div>
      </div>
    </div>
  </PageState>
</template>

<style scoped>
.cap::first-letter {
  text-transform: uppercase;
}
th,
td {
  text-align: left;
  padding: 9px 14px 9px 0;
  border-bottom: 1.5px dashed rgb(var(--v-theme-seam));
  line-height: 1.2;
  vertical-align: top;
}
thead th {
  font-size: 0.9rem;
}
@media (max-width: 599px) {
  th,
  td {
    padding-right: 8px;
    font-size: 0.9rem;
  }
}
</style>
