<script setup lang="ts">
import { computed, ref } from 'vue'
import { messageOf } from '@/api/client'
import type { Home } from '@/api/types'
import { minutes, useUnits } from '@/shell/useUnits'
import { labelOf } from '@/api/words'
import { carePath } from '@/care/words'
import { practicePath } from '@/trust/pages'
import { useBegin } from '@/shell/useBegin'
import { useToday } from './usePlan'
import { tableSeconds } from './words'
import { places } from '@/shell/numbers'

/** Today, over all dogs: what to do in the minutes there are, and one button to begin. */
const props = defineProps<{ home: Home }>()

const { date } = useUnits()
const begin = useBegin()
/** Undefined: as the day asks for. */
const have = ref<number>()
/** Once the day is done, more is offered only when it is asked for. */
const more = ref(false)

const asked = useToday(have)
const day = computed(() => asked.data.value ?? props.home.day)
const most = computed(() => Math.max(1, day.value.neededMinutes))
const minutesNow = computed(() => Math.min(most.value, have.value ?? day.value.minutes))
const named = computed(() => day.value.picks.map((pick) => ({ ...pick, name: dogOf(pick.dogId)?.name ?? '' })))
const brushing = computed(() => named.value.reduce((sum, pick) => sum + pick.seconds, 0))
/** What it is made of: sums of what is shown. */
const parts = computed(() =>
  [
    { what: 'brushing', seconds: brushing.value },
    { what: 'at the table', seconds: tableSeconds(day.value) },
    { what: 'practice', seconds: day.value.practiceSeconds },
  ].filter((part) => part.seconds > 0),
)
const seconds = computed(() => parts.value.reduce((sum, part) => sum + part.seconds, 0))
const open = computed(() => props.home.dogs.find((dog) => dog.known?.openSession))
const practice = computed(
  () =>
    props.home.dogs.flatMap((dog) =>
      (dog.known?.practice ?? []).filter((spot) => !spot.doneToday).map((spot) => ({ dog, one: spot })),
    )[0],
)
const next = computed(() =>
  props.home.dogs
    .flatMap((dog) => (dog.known?.nextDate ? [{ name: dog.name, day: dog.known.nextDate }] : []))
    .sort((a, b) => a.day.localeCompare(b.day))
    .find((spot) => spot.day > props.home.today),
)
const first = computed(() => named.value[0])
/** What is due at the table, dog by dog. */
const table = computed(() =>
  props.home.dogs
    .map((dog) => ({ ...dog, turns: day.value.care.filter((turn) => turn.dogId === dog.id) }))
    .filter((dog) => dog.turns.length),
)

function dogOf(id: number) {
  return props.home.dogs.find((dog) => dog.id === id)
}
</script>

<template>
  <section class="today" aria-labelledby="today">
    <div class="what">
      <h1 id="today">
        Today <small>{{ date(home.today) }}</small>
      </h1>
      <p v-if="first" class="sum" data-test="today">
        <b class="slab">about {{ minutes(seconds) }}</b>
        <span v-for="pick in named" :key="pick.dogId"
          >{{ pick.name }} <i>{{ minutes(pick.seconds) }}, {{ places(pick.sections.length) }}</i></span
        >
      </p>
      <p v-else-if="have === undefined" class="sum" data-test="today">
        <b class="slab">{{ day.done ? 'All done for today' : 'Nothing to brush' }}</b><span v-if="next"
          >next: {{ next.name }}, {{ date(next.day) }}</span
        >
      </p>
      <p v-else class="sum" data-test="today">
        <b class="slab">Nothing to brush in that time</b
        ><span>no place can be done properly; a look with the fingers does good, too</span>
      </p>
      <p v-if="parts.length > 1 || day.brushedSeconds" class="quiet">
        {{ parts.map((part) => `${minutes(part.seconds)} ${part.what}`).join(', ')
        }}<template v-if="day.brushedSeconds"
          >{{ parts.length ? '; ' : '' }}brushed already: {{ minutes(day.brushedSeconds) }}</template
        >
      </p>
    </div>
    <p v-if="table.length" class="table">
      At the table
      <span v-for="dog in table" :key="dog.id"
        ><b>{{ dog.name }}</b
        ><template v-for="turn in dog.turns" :key="turn.job"
          >{{ ' '
          }}<router-link :to="carePath(dog.id, turn.job)">{{ labelOf('CareJob', turn.job) }}</router-link></template
        ></span
      >
    </p>
    <div class="act">
      <v-btn v-if="open" color="primary" size="x-large" :to="`/dogs/${open.id}/sessions/${open.known!.openSession}`"
        >Go on with {{ open.name }}</v-btn
      >
      <v-btn
        v-else-if="first"
        color="primary"
        size="x-large"
        :loading="begin.isPending.value"
        @click="begin.mutate(first)"
        >Begin with {{ first.name }}</v-btn
      >
      <v-btn
        v-else-if="practice"
        color="heather"
        size="x-large"
        :to="practicePath(practice.dog.id, practice.one.standing)"
        >Practise with {{ practice.dog.name }}</v-btn
      >
      <router-link to="/week" class="week">The days to come</router-link>
    </div>
    <p v-if="props.home.day.done && day.neededMinutes > 1 && !more" class="later">
      <button type="button" class="link" @click="more = true">I have more time</button>
    </p>
    <div v-else-if="day.neededMinutes > 1" class="have">
      <label for="have">I have</label>
      <input
        id="have"
        type="range"
        min="0"
        :max="most"
        :value="minutesNow"
        :aria-valuetext="`${minutesNow} of ${most} minutes: ${named.map((pick) => pick.name).join(', ') || 'nothing'}`"
        @input="have = Number(($event.target as HTMLInputElement).value)"
      />
      <!-- eslint-disable-next-line vuejs-accessibility/form-control-has-label -- it answers, nothing is entered in it -->
      <output for="have"
        >{{ minutesNow }} min<template v-if="minutesNow >= most">, enough for all</template
        ><template v-else-if="minutesNow === home.day.minutes">, as the day asks</template
        ><template v-else> of {{ most }}</template></output
      >
    </div>
    <p v-if="begin.error.value" class="caution" role="alert">
      <strong>{{ messageOf(begin.error.value) }}</strong>
    </p>
  </section>
</template>

<style scoped>
.table {
  grid-column: 1;
  max-width: none;
}
.table span {
  margin-left: 16px;
  white-space: nowrap;
}
.table a {
  color: inherit;
  display: inline-block;
  min-width: 44px;
  padding: 10px 4px;
  text-align: center;
}
.today {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 28px;
  align-items: center;
  padding-bottom: 14px;
  margin-bottom: 18px;
  border-bottom: 1.5px dashed rgb(var(--v-theme-seam));
}
h1 small {
  font: 400 1.05rem var(--sans);
  margin-left: 10px;
  opacity: 0.9;
}
.sum {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 20px;
  align-items: baseline;
  max-width: none;
  margin-top: 4px;
}
.sum b {
  font-size: 1.55rem;
}
.sum span {
  font-weight: 700;
}
.sum i {
  font-style: normal;
  font-weight: 400;
}
.act {
  display: grid;
  gap: 4px;
  justify-items: stretch;
  text-align: center;
}
.week {
  color: inherit;
  min-height: 44px;
  padding-top: 8px;
  text-underline-offset: 4px;
}
.have {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: auto minmax(160px, 560px) auto;
  justify-content: start;
  gap: 14px;
  align-items: center;
}
.have input {
  width: 100%;
  min-height: 44px;
  accent-color: rgb(var(--v-theme-primary));
  cursor: pointer;
}
.have output {
  min-width: 12ch;
}
.caution {
  grid-column: 1 / -1;
}
@media (max-width: 599px) {
  .today {
    grid-template-columns: 1fr;
  }
  .have {
    grid-template-columns: auto 1fr;
  }
  .have output {
    grid-column: 1 / -1;
    margin-top: -8px;
  }
  .sum {
    flex-direction: column;
  }
}
</style>
