<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
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
import { library } from '@/shell/library'
import ActKey from '@/shell/ActKey.vue'

/** Today, over all dogs: what to do in the minutes there are, and one button to begin. */
const props = defineProps<{ home: Home }>()

const { date } = useUnits()
const begin = useBegin()
/** Undefined: as the day asks for. */
const have = ref<number>()
/** Other minutes than the day asks for: the way to say so comes when it is asked for. */
const other = ref(false)
const SlideField = defineAsyncComponent(() => library().then(() => import('@/shell/SlideField.vue')))
/** Once the day is done, more is offered only when it is asked for. */
const more = ref(false)

const asked = useToday(have)
const day = computed(() => asked.data.value ?? props.home.day)
const most = computed(() => Math.max(1, day.value.neededMinutes))
const minutesNow = computed(() => Math.min(most.value, have.value ?? day.value.minutes))
const slid = computed({ get: () => minutesNow.value, set: (to) => (have.value = to) })
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

function focusOn({ el }: { el: unknown }) {
  ;(el as HTMLElement).querySelector<HTMLElement>('[role=slider]')?.focus()
}
function dogOf(id: number) {
  return props.home.dogs.find((dog) => dog.id === id)
}
</script>

<template>
  <section
    class="today grid grid-cols-[1fr_auto] gap-y-4 gap-x-28 items-center pb-14 mb-18 seam-b max-sm:grid-cols-1"
    aria-labelledby="today"
  >
    <div class="what">
      <h1 id="today">
        Today <small class="font-sans font-normal text-lg leading-plain ml-10 opacity-88">{{ date(home.today) }}</small>
      </h1>
      <p
        v-if="first"
        class="sum flex flex-wrap gap-y-2 gap-x-20 items-baseline max-w-none mt-4 max-sm:flex-col"
        data-test="today"
      >
        <b class="slab text-3xl">about {{ minutes(seconds) }}</b>
        <span v-for="pick in named" class="font-bold" :key="pick.dogId"
          >{{ pick.name }}
          <i class="not-italic font-normal">{{ minutes(pick.seconds) }}, {{ places(pick.sections.length) }}</i></span
        >
      </p>
      <p
        v-else-if="have === undefined"
        class="sum flex flex-wrap gap-y-2 gap-x-20 items-baseline max-w-none mt-4 max-sm:flex-col"
        data-test="today"
      >
        <b class="slab text-3xl">{{ day.done ? 'All done for today' : 'Nothing to brush' }}</b><span
          v-if="next"
          class="font-bold"
          >next: {{ next.name }}, {{ date(next.day) }}</span
        >
      </p>
      <p
        v-else
        class="sum flex flex-wrap gap-y-2 gap-x-20 items-baseline max-w-none mt-4 max-sm:flex-col"
        data-test="today"
      >
        <b class="slab text-3xl">Nothing to brush in that time</b
        ><span class="font-bold">no place can be done properly; a look with the fingers does good, too</span>
      </p>
      <p v-if="parts.length > 1 || day.brushedSeconds" class="quiet">
        {{ parts.map((part) => `${minutes(part.seconds)} ${part.what}`).join(', ')
        }}<template v-if="day.brushedSeconds"
          >{{ parts.length ? '; ' : '' }}brushed already: {{ minutes(day.brushedSeconds) }}</template
        >
      </p>
    </div>
    <p v-if="table.length" class="col-start-1 max-w-none">
      At the table
      <span v-for="dog in table" class="ml-16 whitespace-nowrap" :key="dog.id"
        ><b>{{ dog.name }}</b
        ><template v-for="turn in dog.turns" :key="turn.job"
          >{{ ' '
          }}<router-link
            class="text-inherit inline-block min-w-44 py-10 px-4 text-center"
            :to="carePath(dog.id, turn.job)"
            >{{ labelOf('CareJob', turn.job) }}</router-link
          ></template
        ></span
      >
    </p>
    <div class="grid gap-4 justify-items-stretch text-center">
      <ActKey v-if="open" color="primary" size="x-large" :to="`/dogs/${open.id}/sessions/${open.known!.openSession}`"
        >Go on with {{ open.name }}</ActKey
      >
      <ActKey
        v-else-if="first"
        color="primary"
        size="x-large"
        :loading="begin.isPending.value"
        @click="begin.mutate(first)"
        >Begin with {{ first.name }}</ActKey
      >
      <ActKey
        v-else-if="practice"
        color="heather"
        size="x-large"
        :to="practicePath(practice.dog.id, practice.one.standing)"
        >Practise with {{ practice.dog.name }}</ActKey
      >
      <router-link to="/week" class="text-inherit min-h-44 pt-8 underline-offset-4">The days to come</router-link>
    </div>
    <p v-if="props.home.day.done && day.neededMinutes > 1 && !more" class="later">
      <button type="button" class="link" @click="more = true">I have more time</button>
    </p>
    <div v-else-if="day.neededMinutes > 1" class="col-span-full flex flex-wrap gap-x-14 items-center">
      <span>I have</span>
      <SlideField
        v-if="other"
        v-model="slid"
        class="flex-[0_1_480px] min-w-200"
        label="I have"
        @vue:mounted="focusOn"
        :max="most"
        :says="`${minutesNow} of ${most} minutes: ${named.map((pick) => pick.name).join(', ') || 'nothing'}`"
      />
      <span class="min-w-[12ch]" role="status"
        >{{ minutesNow }} min<template v-if="minutesNow >= most">, enough for all</template
        ><template v-else-if="minutesNow === home.day.minutes">, as the day asks</template
        ><template v-else> of {{ most }}</template></span
      >
      <button v-if="!other" type="button" class="link" @click="other = true">other minutes</button>
    </div>
    <p v-if="begin.error.value" class="caution col-span-full" role="alert">
      <strong>{{ messageOf(begin.error.value) }}</strong>
    </p>
  </section>
</template>
