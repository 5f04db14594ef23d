<script setup lang="ts">
import { computed, ref } from 'vue'
import { useDogView, useSections, useView } from '@/api/queries'
import type { Section, Subject } from '@/api/types'
import { subjectLabel } from '@/api/words'
import CoatMap from '@/bodymap/CoatMap.vue'
import { rungWash, type Paint } from '@/bodymap/paints'
import { useDrawnDog } from '@/coat/useCoat'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import LadderTurns from './LadderTurns.vue'
import { practicePath, trustPages } from './pages'
import { kcal } from './words'
import TheWord from '@/shell/TheWord.vue'

const props = defineProps<{ dogId: number }>()

const { names } = useSections()
const drawn = useDrawnDog(() => props.dogId)
const trust = useDogView('trust', () => props.dogId)
const home = useView('home')

const chosen = ref<Section>()
const view = computed(() => trust.data.value)
const shown = computed(() =>
  [...(view.value?.standings ?? []), ...(view.value?.besides ?? [])].filter(
    (s) => chosen.value && s.section === chosen.value,
  ),
)
/** Tools of the drawer that were not tried at the chosen place yet. */
const untried = computed(() =>
  (view.value?.owned ?? []).filter((subject) => !shown.value.some((s) => s.subject === subject)),
)
const ready = computed(() => view.value?.standings.filter((s) => s.readyForBrushing).length ?? 0)
const tools = computed(() => view.value?.besides.filter((spot) => spot.section) ?? [])
/** How the ladders of the chosen place have gone. */
const history = computed(() =>
  (view.value?.turns ?? []).filter((spot) => chosen.value && spot.section === chosen.value),
)
const first = computed(() => view.value?.turns.flatMap((spot) => spot.turns.map((turn) => turn.day)).sort()[0])
const paint = computed<Partial<Record<Section, Paint>>>(() =>
  Object.fromEntries(
    (view.value?.standings ?? []).map((s) => [
      s.section!,
      {
        fill: rungWash(s.rungNumber),
        letter: String(s.rungNumber),
        says: `rung ${s.rungNumber} of 10, ${s.rungLabel}`,
      },
    ]),
  ),
)
const nameOf = ({ subject, section }: { subject: Subject; section?: Section }) =>
  subjectLabel(subject) + (section ? `, ${names.value[section]}` : '')
</script>

<template>
  <PageState :pending="!view" :error="trust.error.value" @retry="trust.refetch()">
    <template v-if="view">
      <SubNav label="Trust" :pages="trustPages(dogId)" />
      <p v-if="!view.standings.length" class="text-xl my-16 mx-0">
        Nothing is brushed on this dog, so no brush is practised.
      </p>
      <div v-else class="with-map">
        <CoatMap
          :names="names"
          :dog="drawn"
          :paint="paint"
          :selected="chosen ? [chosen] : []"
          @choose="chosen = $event"
        />
        <div>
          <h2>Today’s practice</h2>
          <router-link
            v-for="(one, i) in view.today"
            :key="i"
            class="practice"
            :class="{ first: !i }"
            :to="practicePath(dogId, one.standing)"
            :data-test="i ? 'second' : 'first'"
          >
            <span
              ><b class="slab block text-lg">{{ nameOf(one.standing) }}</b
              ><span class="how block leading-snug">{{ one.howTo }}</span></span
            >
            <span class="small text-right whitespace-nowrap"
              ><b class="block text-lg">{{ one.atMostSeconds }} s</b
              >{{ one.doneToday ? 'done today' : `within ${kcal(one.treatKcal)}` }}</span
            >
          </router-link>
          <hr class="seam" />
          <h2>Where the dog stands</h2>
          <p>
            Ready for a full routine at <b>{{ ready }} of {{ view.standings.length }}</b> places; the others are
            practised, not brushed. Point at one to see its <TheWord of="rung" />.
          </p>
          <ul v-if="shown.length" class="shown list-none p-0">
            <li v-for="one in shown" class="py-4 px-0" :key="one.subject">
              <b class="inline-block">{{ nameOf(one) }}</b>: rung {{ one.rungNumber }}, {{ one.rungLabel }};
              {{ one.relaxedInRow }} relaxed in a row, three climb.
              <router-link class="text-inherit" :to="practicePath(dogId, one)">Practise here</router-link>
            </li>
            <li v-if="untried.length" class="py-4 px-0">
              Something new here:
              <template v-for="(subject, i) in untried" :key="subject"
                >{{ i ? ', ' : ''
                }}<router-link class="text-inherit" :to="practicePath(dogId, { subject, section: chosen })">{{
                  subjectLabel(subject)
                }}</router-link></template
              >
            </li>
          </ul>
          <div v-if="history.length && home.data.value" class="grid grid-cols-2 gap-y-14 gap-x-26 max-md:grid-cols-1">
            <LadderTurns
              v-for="one in history"
              :key="one.subject"
              :name="nameOf(one)"
              :turns="one.turns"
              :first="first!"
              :today="home.data.value.today"
            />
          </div>
          <ol
            class="ladder list-none p-0 grid grid-cols-10 gap-3 my-10 mx-0 items-end max-md:grid-cols-5"
            aria-label="How many places stand on each rung"
          >
            <li v-for="rung in 10" :key="rung" :style="{ borderBottomColor: rungWash(rung) }">
              <span class="slab block text-xs">{{ rung }}</span>
              {{ view.standings.filter((s) => s.rungNumber === rung).length || '–' }}
            </li>
          </ol>
          <template v-if="tools.length"
            ><h3>Other tools it is getting to know</h3>
            <ul class="shown list-none p-0">
              <li v-for="one in tools" class="py-4 px-0" :key="one.subject + one.section">
                <router-link class="text-inherit" :to="practicePath(dogId, one)">{{ nameOf(one) }}</router-link>: rung
                {{ one.rungNumber }},
                {{ one.rungLabel }}
              </li>
            </ul></template
          >
          <template v-if="view.turns.length && home.data.value">
            <hr class="seam" />
            <h2>Over the weeks</h2>
            <p class="quiet">The dashed line is where real brushing begins.</p>
            <div class="grid grid-cols-2 gap-y-14 gap-x-26 max-md:grid-cols-1">
              <LadderTurns
                v-for="one in view.turns.slice(0, 4)"
                :key="one.subject + one.section"
                :name="nameOf(one)"
                :turns="one.turns"
                :first="first!"
                :today="home.data.value.today"
              />
            </div>
          </template>
        </div>
      </div>
    </template>
  </PageState>
</template>

<style scoped>
.practice {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 18px;
  align-items: center;
  color: inherit;
  text-decoration: none;
  border: 2px solid rgb(var(--v-theme-heather));
  border-left-width: 9px;
  border-radius: 12px 9px 13px 8px;
  padding: 12px 18px;
  margin: 8px 0;
  background: rgb(var(--v-theme-surface));
  min-height: 72px;
}
.practice:hover {
  background: rgb(var(--v-theme-wool));
}
.practice b::first-letter {
  text-transform: uppercase;
}
.first b {
  font-size: 1.35rem;
}
.small b {
  font-size: 1.35rem;
}
.shown b::first-letter {
  text-transform: uppercase;
}
.ladder li {
  text-align: center;
  padding: 6px 0;
  border-bottom: 10px solid;
  font-size: 0.95rem;
}
</style>
