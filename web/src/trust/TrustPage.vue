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
      <p v-if="!view.standings.length" class="none">Nothing is brushed on this dog, so no brush is practised.</p>
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
              ><b class="slab">{{ nameOf(one.standing) }}</b
              ><span class="how">{{ one.howTo }}</span></span
            >
            <span class="small"
              ><b>{{ one.atMostSeconds }} s</b
              >{{ one.doneToday ? 'done today' : `within ${kcal(one.treatKcal)}` }}</span
            >
          </router-link>
          <hr class="seam" />
          <h2>Where the dog stands</h2>
          <p>
            Ready for a full routine at <b>{{ ready }} of {{ view.standings.length }}</b> places; the others are
            practised, not brushed. Point at one to see its rung.
          </p>
          <ul v-if="shown.length" class="shown">
            <li v-for="one in shown" :key="one.subject">
              <b>{{ nameOf(one) }}</b>: rung {{ one.rungNumber }}, {{ one.rungLabel }}; {{ one.relaxedInRow }} relaxed
              in a row, three climb.
              <router-link :to="practicePath(dogId, one)">Practise here</router-link>
            </li>
            <li v-if="untried.length">
              Something new here:
              <template v-for="(subject, i) in untried" :key="subject"
                >{{ i ? ', ' : ''
                }}<router-link :to="practicePath(dogId, { subject, section: chosen })">{{
                  subjectLabel(subject)
                }}</router-link></template
              >
            </li>
          </ul>
          <div v-if="history.length && home.data.value" class="turns">
            <LadderTurns
              v-for="one in history"
              :key="one.subject"
              :name="nameOf(one)"
              :turns="one.turns"
              :first="first!"
              :today="home.data.value.today"
            />
          </div>
          <ol class="ladder" aria-label="How many places stand on each rung">
            <li v-for="rung in 10" :key="rung" :style="{ borderBottomColor: rungWash(rung) }">
              <span class="slab">{{ rung }}</span>
              {{ view.standings.filter((s) => s.rungNumber === rung).length || '–' }}
            </li>
          </ol>
          <template v-if="tools.length"
            ><h3>Other tools it is getting to know</h3>
            <ul class="shown">
              <li v-for="one in tools" :key="one.subject + one.section">
                <router-link :to="practicePath(dogId, one)">{{ nameOf(one) }}</router-link>: rung {{ one.rungNumber }},
                {{ one.rungLabel }}
              </li>
            </ul></template
          >
          <template v-if="view.turns.length && home.data.value">
            <hr class="seam" />
            <h2>Over the weeks</h2>
            <p class="quiet">The dashed line is where real brushing begins.</p>
            <div class="turns">
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
.none {
  font-size: 1.2rem;
  margin: 16px 0;
}
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
.practice b {
  display: block;
  font-size: 1.1rem;
}
.practice b::first-letter {
  text-transform: uppercase;
}
.first b {
  font-size: 1.35rem;
}
.how {
  display: block;
  line-height: 1.3;
}
.small {
  text-align: right;
  white-space: nowrap;
}
.small b {
  font-size: 1.35rem;
}
.shown {
  list-style: none;
  padding: 0;
}
.shown li {
  padding: 4px 0;
}
.shown b {
  display: inline-block;
}
.shown b::first-letter {
  text-transform: uppercase;
}
.shown a {
  color: inherit;
}
.ladder {
  list-style: none;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(10, 1fr);
  gap: 3px;
  margin: 10px 0;
  align-items: end;
}
.ladder li {
  text-align: center;
  padding: 6px 0;
  border-bottom: 10px solid;
  font-size: 0.95rem;
}
.ladder span {
  display: block;
  font-size: 0.85rem;
}
.turns {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px 26px;
}
@media (max-width: 899px) {
  .turns {
    grid-template-columns: 1fr;
  }
  .ladder {
    grid-template-columns: repeat(5, 1fr);
  }
}
</style>
