<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import choices from '@/api/choices'
import facts from '@/api/facts'
import { money } from '@/shell/numbers'
import SlideField from '@/shell/SlideField.vue'
import { useUnits } from '@/shell/useUnits'
import type { TradeView } from '@/api/types'
import type { TradeQuestion } from './useVisits'

/** Length kept, minutes a week, money a year: choose two, see the third. */
const props = defineProps<{ trade: TradeView; currency: string; surcharge: number }>()
const emit = defineEmits<{ ask: [question: TradeQuestion] }>()

const SOON_MS = 120

/** Whoever came for this need not look for it. */
const heading = ref<HTMLElement>()
onMounted(() => {
  if (window.location.hash === '#trade') heading.value?.scrollIntoView()
})

const { length, say } = useUnits()
const pays = computed(() => money(props.currency))
const answer = computed(() => props.trade.answer)
const asked = computed(() => answer.value.asked)
/** What a hand on a slider has moved to, before the answer to it is here. */
const moved = ref<TradeQuestion>({})
const chosen = computed(() => ({
  tell: moved.value.tell ?? asked.value.tell,
  minutes: moved.value.minutes ?? asked.value.minutesAWeek,
  weeks: moved.value.weeks ?? asked.value.weeks,
  millimetres: moved.value.millimetres ?? asked.value.millimetres,
}))
const send = useDebounceFn(() => emit('ask', chosen.value), SOON_MS)
function move(to: TradeQuestion) {
  moved.value = { ...moved.value, ...to }
  void send()
}

const lengthNow = computed(() => answer.value.millimetres)
const weeksNow = computed(() => answer.value.weeks)
const minutesNow = computed(() => answer.value.minutesAWeek)
const rows = computed(() => answer.value.rows)
const priced = computed(() => rows.value.some((row) => row.yearly > 0))
/** Half weeks as they are said. */
const saysWeeks = (weeks: number) => (weeks % 1 ? `${Math.floor(weeks)}½` : `${weeks}`)

const WIDTH = 620
const HEIGHT = 300
const left = 74
const bottom = 44
const first = computed(() => props.trade.weeks[0]!)
const last = computed(() => props.trade.weeks.at(-1)!)
const x = (weeks: number) => left + ((weeks - first.value) / (last.value - first.value)) * (WIDTH - left - 24)
const top = computed(() =>
  Math.min(
    props.trade.lengths.at(-1)!,
    Math.max(40, ...rows.value.map((row) => (row.withMore ?? 0) * 1.25), (lengthNow.value ?? 0) * 1.2),
  ),
)
const y = (mm: number) => HEIGHT - bottom - (Math.min(mm, top.value) / top.value) * (HEIGHT - bottom - 16)
const curve = (of: 'longest' | 'withMore') =>
  rows.value.map((row, i) => `${i ? 'L' : 'M'}${x(row.weeks)} ${y(row[of] ?? 0)}`).join('')
const marks = computed(() => [0.25, 0.5, 0.75, 1].map((part) => Math.round((top.value * part) / 5) * 5))
</script>

<template>
  <section class="trade" aria-labelledby="trade">
    <h2 id="trade" ref="heading">Length, minutes, money</h2>
    <p class="own font-bold" data-test="own-answer">{{ say(trade.own.text) }}</p>
    <v-select
      class="max-w-360 my-12"
      label="Tell me"
      :model-value="chosen.tell"
      :items="choices.TradeQuestionTell"
      item-title="label"
      @update:model-value="move({ tell: $event })"
    />
    <div class="grid gap-2 my-8 mx-0 max-w-620">
      <div v-if="chosen.tell !== 'LENGTH'" class="slide">
        <span>Clip left</span>
        <SlideField
          label="Clip left"
          :model-value="chosen.millimetres"
          :min="trade.lengths[0]"
          :max="trade.lengths.at(-1)!"
          :step="2"
          :says="length(chosen.millimetres)"
          @update:model-value="move({ millimetres: $event })"
        />
        <b>{{ length(chosen.millimetres) }}</b>
      </div>
      <div v-if="chosen.tell !== 'MINUTES'" class="slide">
        <span>Minutes a week</span>
        <SlideField
          label="Minutes a week"
          :model-value="chosen.minutes"
          :min="5"
          :max="facts.mostMinutesAWeek"
          :step="5"
          :says="`${chosen.minutes} min`"
          @update:model-value="move({ minutes: $event })"
        />
        <b>{{ chosen.minutes }} min</b>
      </div>
      <div v-if="chosen.tell !== 'WEEKS'" class="slide">
        <span>A visit every</span>
        <SlideField
          label="A visit every"
          :model-value="chosen.weeks"
          :min="trade.weeks[0]"
          :max="trade.weeks.at(-1)!"
          :step="0.5"
          :says="`${saysWeeks(chosen.weeks)} weeks`"
          @update:model-value="move({ weeks: $event })"
        />
        <b>{{ saysWeeks(chosen.weeks) }} weeks</b>
      </div>
    </div>
    <p class="answer slab text-2xl max-w-[34ch] my-8 mx-0" role="status" data-test="answer">
      {{ say(answer.text.text) }}
    </p>
    <p v-if="surcharge > 0 && answer.visitsAYear !== undefined" class="quiet">
      A matted coat would cost {{ pays(surcharge) }} more each visit, about {{ pays(surcharge * answer.visitsAYear) }} a
      year.
    </p>
    <p v-if="answer.withMore !== undefined" class="quiet">
      With {{ answer.moreMinutes }} minutes a week more it could be {{ length(answer.withMore) }}.
    </p>
    <svg
      class="block w-full max-w-680 my-8 mx-0"
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="img"
      :aria-label="`How long the clip may be by weeks between visits, with ${minutesNow} minutes a week; the table below says the same`"
    >
      <path class="fill-secondary/20" :d="`${curve('longest')}L${x(last)} ${y(0)}L${x(first)} ${y(0)}Z`" />
      <path class="more" :d="curve('withMore')" />
      <path class="stroke-secondary stroke-[3] fill-none" :d="curve('longest')" />
      <text class="inside" :x="x(first) + 10" :y="y(rows[0]?.longest ?? 0) - 14">
        so long, with {{ minutesNow }} min a week
      </text>
      <g v-for="mm in marks" :key="mm">
        <path class="stroke-ink stroke-[1.4]" :d="`M${left - 6} ${y(mm)}H${left}`" />
        <text :x="left - 10" :y="y(mm) + 5" text-anchor="end">{{ length(mm) }}</text>
      </g>
      <g v-for="weeks in trade.weeks.filter((week) => week % 1 === 0)" :key="weeks">
        <path class="stroke-ink stroke-[1.4]" :d="`M${x(weeks)} ${y(0)}v6`" />
        <text :x="x(weeks)" :y="HEIGHT - 22" text-anchor="middle">{{ weeks }}</text>
      </g>
      <text :x="(left + WIDTH) / 2" :y="HEIGHT - 3" text-anchor="middle">weeks between visits</text>
      <template v-if="lengthNow !== undefined && weeksNow !== undefined">
        <path class="stroke-primary stroke-[1.6] fill-none" :d="`M${x(weeksNow)} ${y(0)}V${y(lengthNow)}H${left}`" />
        <circle class="fill-primary stroke-background stroke-[2.5]" :cx="x(weeksNow)" :cy="y(lengthNow)" r="8" />
      </template>
    </svg>
    <details>
      <summary class="cursor-pointer min-h-44 dotted w-fit">As a table</summary>
      <table class="border-collapse">
        <thead>
          <tr>
            <th>A visit every</th>
            <th>Longest clip with {{ minutesNow }} min</th>
            <th>with {{ minutesNow + answer.moreMinutes }} min</th>
            <th v-if="lengthNow !== undefined">Minutes at {{ length(lengthNow) }}</th>
            <th v-if="priced">A year</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.weeks">
            <th scope="row">{{ saysWeeks(row.weeks) }} weeks</th>
            <td>{{ row.longest === undefined ? 'none' : length(row.longest) }}</td>
            <td>{{ row.withMore === undefined ? 'none' : length(row.withMore) }}</td>
            <td v-if="row.minutes !== undefined">{{ Math.round(row.minutes) }} min</td>
            <td v-if="priced">{{ pays(row.yearly) }}</td>
          </tr>
        </tbody>
      </table>
    </details>
    <p class="quiet">
      Reckoned from this dog’s own places, your comfort setting and minutes, and hair that grows
      {{ trade.perDay.toFixed(2) }} mm a day: the last week before the visit asks most.
    </p>
  </section>
</template>

<style scoped>
.slide {
  display: grid;
  grid-template-columns: 130px 1fr 88px;
  gap: 12px;
  align-items: center;
}
.more {
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.8;
  stroke-dasharray: 5 5;
  fill: none;
}
text {
  font: 13.5px var(--sans);
  fill: rgb(var(--v-theme-ink));
}
.inside {
  font-weight: 700;
}
th {
  text-align: left;
  font-weight: 400;
}
thead th {
  font-size: 0.9rem;
}
td,
tbody th {
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding: 4px 16px 4px 0;
}
@media (max-width: 599px) {
  .slide {
    grid-template-columns: 1fr 88px;
  }
  .slide > .v-input {
    grid-area: 2 / 1 / auto / -1;
  }
  text {
    font-size: 21px;
  }
  td,
  tbody th {
    padding-right: 8px;
    font-size: 0.9rem;
  }
}
</style>
