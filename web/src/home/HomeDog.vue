<script setup lang="ts">
import { computed } from 'vue'
import { useSections } from '@/api/queries'
import { messageOf } from '@/api/client'
import type { Home, HomeDog, Section } from '@/api/types'
import { burrWash, type Paint } from '@/bodymap/paints'
import { drawnDog } from '@/bodymap/dog'
import { labelOf } from '@/api/words'
import { subjectLabel } from '@/api/words'
import { closedTogether } from '@/rhythm/closed'
import { about, MOST_MATS, places } from '@/shell/numbers'
import { useAfterWords } from '@/shell/useAfterWords'
import { useBegin } from '@/shell/useBegin'
import WhyList from '@/shell/WhyList.vue'
import { daysAgo, minutes, useUnits } from '@/shell/useUnits'
import { practicePath } from '@/trust/pages'
import DidItTakePlace from '@/visit/DidItTakePlace.vue'
import ActKey from '@/shell/ActKey.vue'
import TheWord from '@/shell/TheWord.vue'

/** One dog today: how it stands, what is due, one button. */
const props = defineProps<{
  dog: HomeDog
  home: Home
  /** On its own page, which bears its name already. */
  own?: boolean
  /** The only dog: the day's own button begins with it. */
  alone?: boolean
}>()

const begin = useBegin()
const today = computed(() => props.home.today)
const pick = computed(() => props.home.day.picks.find((one) => one.dogId === props.dog.id))

const { date, say } = useUnits()
const { names } = useSections()
/** Words first: a dog takes longer to draw than all that is said of it. */
const CoatSide = useAfterWords(() => import('@/bodymap/CoatSide.vue'))
const drawn = computed(() => drawnDog(props.dog.coat, props.dog.form))
const known = computed(() => props.dog.known)
const to = computed(() => `/dogs/${props.dog.id}`)
const paint = computed<Partial<Record<Section, Paint>>>(() =>
  Object.fromEntries((known.value?.burrs ?? []).map((s) => [s.section, { fill: burrWash(s.burrs) }])),
)
/** All that waits for the same eyes, in one line. */
const closed = computed(() => {
  const { closed: places = [], closedJobs = [] } = known.value ?? {}
  const all = places.some((place) => place.everywhere)
  const waits = [
    ...closedTogether(places).map((group) => ({
      who: group.closed.who,
      what: group.places.map((place) => names.value[place.section]).join(', ') || 'all of the dog',
    })),
    ...closedJobs.filter(() => !all).map((job) => ({ who: job.who, what: labelOf('CareJob', job.job) })),
  ]
  return [...new Set(waits.map((wait) => wait.who))].map((who) => ({
    key: who,
    who,
    what: waits
      .filter((wait) => wait.who === who)
      .map((wait) => wait.what)
      .join(', '),
  }))
})
const headline = computed(() => {
  const k = known.value!
  if (k.backOn) return `Off until ${date(k.backOn)}: nothing is asked for`
  if (!k.brushed) return 'Nothing is brushed on this dog'
  if (!k.dueCount)
    return k.nextDate ? `Nothing due until ${date(k.nextDate)}` : 'Nothing due in the days that are planned'
  return `${places(k.dueCount)} due · about ${minutes(k.dueSeconds)}`
})
</script>

<template>
  <article
    class="cloth grid grid-cols-[44%_1fr] gap-14 items-start py-20 px-22 max-sm:grid-cols-1 max-sm:p-18"
    :class="{ own }"
    :aria-label="dog.name"
  >
    <router-link
      :to="known ? `${to}/${own ? 'days' : 'today'}` : `${to}/dog/coat`"
      class="picture block self-center z-1 max-sm:max-w-260"
      :aria-label="own ? 'When each place is due' : `${dog.name}: its day`"
    >
      <CoatSide v-if="CoatSide" side="LEFT" :names="names" :dog="drawn" :paint="paint" still />
      <span v-else class="block aspect-[900/625]" aria-busy="true" />
    </router-link>
    <div class="text min-w-0 z-1">
      <h2 v-if="!own" class="mb-2 text-3xl">{{ dog.name }}</h2>
      <template v-if="known">
        <p v-if="!alone || !pick" class="due text-lg" :class="{ now: known.dueCount }">{{ headline }}</p>
        <p v-if="known.added" class="quiet" :data-rule="known.added.rule">{{ say(known.added.text) }}</p>
        <p v-if="known.inPeace" class="closed" :data-rule="known.inPeace.rule">{{ say(known.inPeace.text) }}</p>
        <p v-else-if="known.afterPause" class="closed" :data-rule="known.afterPause.rule">
          {{ say(known.afterPause.text) }}
        </p>
        <p v-else-if="known.nobodyKnows" class="quiet">What is in the coat, we do not know yet: the comb tells.</p>
        <p v-else-if="known.matLikelyCount" class="quiet">
          A mat is likely in {{ places(known.matLikelyCount) }}: search with the fingers first
        </p>
        <p v-else-if="known.lastBrushed" class="quiet">
          <router-link class="text-inherit" :to="`${to}/days/history`"
            >Last brushed {{ daysAgo(today, known.lastBrushed) }}</router-link
          >
        </p>
        <div class="acts flex flex-wrap items-center gap-y-2 gap-x-14 mt-10 mx-0 mb-4">
          <ActKey v-if="known.openSession" color="primary" size="large" :to="`${to}/sessions/${known.openSession}`"
            >Go on</ActKey
          >
          <ActKey
            v-else-if="pick && !alone"
            color="primary"
            size="large"
            :loading="begin.isPending.value"
            @click="begin.mutate(pick)"
            >Begin</ActKey
          >
          <ActKey
            v-else-if="known.inTraining && known.practice[0] && !known.practice[0].doneToday"
            color="heather"
            size="large"
            :to="practicePath(dog.id, known.practice[0].standing)"
            >Practise</ActKey
          >
          <ActKey v-else-if="!pick" variant="outlined" size="large" :to="`${to}/days`">See when</ActKey>
          <router-link
            v-if="known.brushed && !known.openSession"
            :to="`${to}/today/routine`"
            class="text-inherit min-h-44 py-10 px-4"
            >How it goes</router-link
          >
          <router-link
            v-if="known.brushed && !known.openSession"
            :to="`${to}/today/brushed`"
            class="text-inherit min-h-44 py-10 px-4"
            >I brushed already</router-link
          >
        </div>
        <p v-if="begin.error.value" class="caution" role="alert">
          <strong>{{ messageOf(begin.error.value) }}</strong>
        </p>
        <p v-if="known.inTraining" class="mt-4 border-l-5 border-l-heather pl-10">
          {{ places(known.inTraining) }} <TheWord of="in training" /><template v-if="known.matsInTraining >= 0.5"
            >, with {{ about(known.matsInTraining, MOST_MATS) }} mats in them by now</template
          ><template v-if="known.lost"
            >;
            <router-link class="text-inherit" :to="`${to}/today/routine`"
              >{{ places(known.lost) }} {{ known.lost === 1 ? 'mats' : 'mat' }} before it is ready</router-link
            ></template
          >
        </p>
        <p v-for="one in closed" :key="one.key" class="closed">
          {{
            one.who === 'ADULT'
              ? 'Practised only, until you open it again:'
              : `Closed until ${labelOf('SeenByWho', one.who)} has seen it:`
          }}
          <router-link :to="`${to}/days`">{{ one.what }}</router-link>
        </p>
        <p v-if="known.owedBath" class="closed" :data-rule="known.owedBath.rule">
          {{ say(known.owedBath.text) }}
          <router-link :to="`${to}/days`">It was bathed</router-link>
        </p>
        <p v-if="known.askPast && !own" class="quiet">
          <router-link class="text-inherit" :to="`${to}/today`">When was it last combed to the skin?</router-link>
        </p>
        <DidItTakePlace v-if="known.unconfirmed" :dog-id="dog.id" :day="known.unconfirmed" :dog-name="dog.name" />
        <WhyList :reasons="[known.why]" />
        <router-link
          v-for="(one, i) in known.practice"
          :key="i"
          class="practice"
          :to="practicePath(dog.id, one.standing)"
        >
          <b>{{ i ? 'and' : 'Practice' }}</b>
          {{
            [one.standing.section && names[one.standing.section], subjectLabel(one.standing.subject)]
              .filter(Boolean)
              .join(', ')
          }}: {{ one.standing.rungLabel }}, {{ one.doneToday ? 'done today' : `${one.atMostSeconds} s` }}
        </router-link>
        <p v-if="known.practiceOn && known.practiceOn > today && !known.backOn" class="practice">
          Practice comes on {{ date(known.practiceOn) }}: till then its minutes keep more mats elsewhere
        </p>
      </template>
      <template v-else>
        <p>The coat is not described yet; everything else follows from it.</p>
        <ActKey color="primary" size="large" :to="`${to}/dog/coat`">Describe the coat</ActKey>
      </template>
    </div>
  </article>
</template>

<style scoped>
.due.now {
  font-weight: 700;
}
.closed {
  border-left: 5px solid rgb(var(--v-theme-primary));
  padding-left: 10px;
  margin-top: 4px;
}
.practice {
  display: flow-root;
  min-height: 44px;
  margin-top: 4px;
  color: inherit;
  text-decoration: none;
  border-left: 5px solid rgb(var(--v-theme-heather));
  padding: 10px 0 2px 10px;
  font-size: 0.95rem;
  line-height: 1.35;
}
.practice:hover {
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
@media (max-width: 599px) {
  /* What the day did comes before the fold. */
  .own {
    grid-template-columns: 112px 1fr;
    padding: 14px;
  }
  .own .picture {
    align-self: start;
  }
}
</style>
