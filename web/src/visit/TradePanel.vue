<script setup lang="ts">
import { money } from '@/shell/money'
import { computed, ref } from 'vue'
import type { TradeView } from '@/api/types'
import { useUnits } from '@/shell/useUnits'

/** Length kept, minutes a week, money a year: choose two, see the third. */
const props = defineProps<{ trade: TradeView; surcharge: number }>()

type Told = 'length' | 'minutes' | 'weeks'
const TOLD: { value: Told; title: string }[] = [
  { value: 'length', title: 'how long the clip may be' },
  { value: 'minutes', title: 'how many minutes it takes' },
  { value: 'weeks', title: 'how long it may be left' },
]
const MOST_MINUTES = 600
const STEP = 5
const MORE = 15

const { length, say } = useUnits()
const pays = computed(() => money(props.trade.currency))
const told = ref<Told>('length')
const WEEKS = 6
const MM = 20
const chosen = ref({ minutes: 0, weeks: WEEKS, length: MM })

const row = (weeks: number) => props.trade.minutes[props.trade.weeks.indexOf(weeks)]!
const need = (mm: number, weeks: number) => row(weeks)[props.trade.lengths.indexOf(mm)]!
// To begin with: what a short clip asks.
chosen.value.minutes = Math.min(MOST_MINUTES, Math.ceil(need(MM, WEEKS) / MORE) * MORE)
function longest(minutes: number, weeks: number): number | undefined {
  const past = row(weeks).findIndex((asked) => asked > minutes)
  return past === 0 ? undefined : past < 0 ? props.trade.lengths.at(-1) : props.trade.lengths[past - 1]
}
const lengthNow = computed(() =>
  told.value === 'length' ? longest(chosen.value.minutes, chosen.value.weeks) : chosen.value.length,
)
const weeksNow = computed(() =>
  told.value !== 'weeks'
    ? chosen.value.weeks
    : props.trade.weeks.filter((weeks) => need(chosen.value.length, weeks) <= chosen.value.minutes).at(-1),
)
const minutesNow = computed(() =>
  told.value === 'minutes'
    ? Math.ceil(need(chosen.value.length, chosen.value.weeks) / STEP) * STEP
    : chosen.value.minutes,
)
const yearly = (weeks: number) => props.trade.yearly[props.trade.weeks.indexOf(weeks)]!
const priced = computed(() => props.trade.yearly.some((one) => one > 0))
/** Half weeks as they are said. */
const saysWeeks = (weeks: number) => (weeks % 1 ? `${Math.floor(weeks)}½` : `${weeks}`)
const small = (mats: number) =>
  mats < 0.5 ? 'hardly any small mat' : mats < 1.5 ? 'one small mat' : `${Math.round(mats)} small mats`
const matsNow = computed(() =>
  lengthNow.value === undefined || weeksNow.value === undefined
    ? 0
    : props.trade.mats[props.trade.weeks.indexOf(weeksNow.value)]![props.trade.lengths.indexOf(lengthNow.value)]!,
)
const answer = computed(() => {
  if (lengthNow.value === undefined)
    return `${minutesNow.value} minutes a week keep not even the shortest clip for ${saysWeeks(weeksNow.value!)} weeks.`
  if (weeksNow.value === undefined)
    return `At ${length(lengthNow.value)} it takes more than ${minutesNow.value} minutes a week even with a visit every ${props.trade.weeks[0]} weeks.`
  const third = {
    length: `The clip may leave ${length(lengthNow.value)}`,
    minutes: `It takes ${minutesNow.value} minutes a week`,
    weeks: `It may be left for ${saysWeeks(weeksNow.value)} weeks`,
  }[told.value]
  const expect = `${third}, with ${small(matsNow.value)} to expect until then`
  return priced.value ? `${expect}; a year costs about ${pays.value(yearly(weeksNow.value))}.` : `${expect}.`
})

const WIDTH = 620
const HEIGHT = 300
const left = 74
const bottom = 44
const x = (weeks: number) =>
  left + ((weeks - props.trade.weeks[0]!) / (props.trade.weeks.at(-1)! - props.trade.weeks[0]!)) * (WIDTH - left - 24)
const top = computed(() =>
  Math.min(
    props.trade.lengths.at(-1)!,
    Math.max(
      40,
      ...props.trade.weeks.map((weeks) => (longest(minutesNow.value + MORE, weeks) ?? 0) * 1.25),
      (lengthNow.value ?? 0) * 1.2,
    ),
  ),
)
const y = (mm: number) => HEIGHT - bottom - (Math.min(mm, top.value) / top.value) * (HEIGHT - bottom - 16)
const curve = (minutes: number) =>
  props.trade.weeks.map((weeks, i) => `${i ? 'L' : 'M'}${x(weeks)} ${y(longest(minutes, weeks) ?? 0)}`).join('')
const more = computed(() =>
  weeksNow.value === undefined ? undefined : longest(minutesNow.value + MORE, weeksNow.value),
)
const marks = computed(() => [0.25, 0.5, 0.75, 1].map((part) => Math.round((top.value * part) / 5) * 5))
</script>

<template>
  <section class="trade" aria-labelledby="trade">
    <h2 id="trade">Length, minutes, money</h2>
    <p class="own" data-test="own-answer">{{ say(trade.answer.text) }}</p>
    <p class="ask">
      <label
        >Tell me
        <select v-model="told">
          <option v-for="one in TOLD" :key="one.value" :value="one.value">{{ one.title }}</option>
        </select></label
      >
    </p>
    <div class="inputs">
      <label v-if="told !== 'length'"
        >Clip left
        <input
          v-model.number="chosen.length"
          type="range"
          :min="trade.lengths[0]"
          :max="trade.lengths.at(-1)"
          step="2"
          :aria-valuetext="length(chosen.length)"
        /><output>{{ length(chosen.length) }}</output></label
      >
      <label v-if="told !== 'minutes'"
        >Minutes a week
        <input v-model.number="chosen.minutes" type="range" min="5" :max="MOST_MINUTES" :step="STEP" /><output
          >{{ chosen.minutes }} min</output
        ></label
      >
      <label v-if="told !== 'weeks'"
        >A visit every
        <input
          v-model.number="chosen.weeks"
          type="range"
          :min="trade.weeks[0]"
          :max="trade.weeks.at(-1)"
          step="0.5"
          :aria-valuetext="`${saysWeeks(chosen.weeks)} weeks`"
        /><output>{{ saysWeeks(chosen.weeks) }} weeks</output></label
      >
    </div>
    <p class="answer slab" role="status" data-test="answer">{{ answer }}</p>
    <p v-if="surcharge > 0 && weeksNow !== undefined" class="quiet">
      A matted coat would cost {{ pays(surcharge) }} more each visit, about {{ pays((surcharge * 52) / weeksNow) }} a
      year.
    </p>
    <p v-if="more !== undefined && lengthNow !== undefined && more > lengthNow" class="quiet">
      With {{ MORE }} minutes a week more it could be {{ length(more) }}.
    </p>
    <svg
      class="chart"
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="img"
      :aria-label="`How long the clip may be by weeks between visits, with ${minutesNow} minutes a week; the table below says the same`"
    >
      <path class="free" :d="`${curve(minutesNow)}L${x(trade.weeks.at(-1)!)} ${y(0)}L${x(trade.weeks[0]!)} ${y(0)}Z`" />
      <path class="more" :d="curve(minutesNow + MORE)" />
      <path class="edge" :d="curve(minutesNow)" />
      <text class="inside" :x="x(trade.weeks[0]!) + 10" :y="y(longest(minutesNow, trade.weeks[0]!) ?? 0) - 14">
        so long, with {{ minutesNow }} min a week
      </text>
      <g v-for="mm in marks" :key="mm">
        <path class="tick" :d="`M${left - 6} ${y(mm)}H${left}`" />
        <text :x="left - 10" :y="y(mm) + 5" text-anchor="end">{{ length(mm) }}</text>
      </g>
      <g v-for="weeks in trade.weeks.filter((one) => one % 1 === 0)" :key="weeks">
        <path class="tick" :d="`M${x(weeks)} ${y(0)}v6`" />
        <text :x="x(weeks)" :y="HEIGHT - 22" text-anchor="middle">{{ weeks }}</text>
      </g>
      <text :x="(left + WIDTH) / 2" :y="HEIGHT - 3" text-anchor="middle">weeks between visits</text>
      <template v-if="lengthNow !== undefined && weeksNow !== undefined">
        <path class="drop" :d="`M${x(weeksNow)} ${y(0)}V${y(lengthNow)}H${left}`" />
        <circle class="here" :cx="x(weeksNow)" :cy="y(lengthNow)" r="8" />
      </template>
    </svg>
    <details>
      <summary>As a table</summary>
      <table>
        <thead>
          <tr>
            <th>A visit every</th>
            <th>Longest clip with {{ minutesNow }} min</th>
            <th>with {{ minutesNow + MORE }} min</th>
            <th v-if="lengthNow !== undefined">Minutes at {{ length(lengthNow) }}</th>
            <th v-if="priced">A year</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="weeks in trade.weeks" :key="weeks">
            <th scope="row">{{ saysWeeks(weeks) }} weeks</th>
            <td>{{ longest(minutesNow, weeks) === undefined ? 'none' : length(longest(minutesNow, weeks)!) }}</td>
            <td>
              {{
                longest(minutesNow + MORE, weeks) === undefined ? 'none' : length(longest(minutesNow + MORE, weeks)!)
              }}
            </td>
            <td v-if="lengthNow !== undefined">{{ Math.round(need(lengthNow, weeks)) }} min</td>
            <td v-if="priced">{{ pays(yearly(weeks)) }}</td>
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
.ask select {
  font: inherit;
  font-weight: 700;
  min-height: 44px;
  padding: 4px 10px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 8px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
}
.inputs {
  display: grid;
  gap: 2px;
  margin: 8px 0;
  max-width: 620px;
}
.inputs label {
  display: grid;
  grid-template-columns: 130px 1fr 88px;
  gap: 12px;
  align-items: center;
}
.inputs input {
  min-height: 44px;
  width: 100%;
  accent-color: rgb(var(--v-theme-primary));
  cursor: pointer;
}
.own {
  font-weight: 700;
}
.answer {
  font-size: 1.35rem;
  max-width: 34ch;
  margin: 8px 0;
}
.chart {
  display: block;
  width: 100%;
  max-width: 680px;
  margin: 8px 0;
}
.free {
  fill: rgba(var(--v-theme-secondary), 0.2);
}
.edge {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 3;
  fill: none;
}
.more {
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.8;
  stroke-dasharray: 5 5;
  fill: none;
}
.tick {
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.4;
}
.drop {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 1.6;
  stroke-dasharray: 3 4;
  fill: none;
}
.here {
  fill: rgb(var(--v-theme-primary));
  stroke: rgb(var(--v-theme-background));
  stroke-width: 2.5;
}
text {
  font: 13.5px var(--sans);
  fill: rgb(var(--v-theme-ink));
}
.inside {
  font-weight: 700;
}
summary {
  cursor: pointer;
  min-height: 36px;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
  width: fit-content;
}
table {
  border-collapse: collapse;
}
th {
  text-align: left;
  font-weight: 400;
}
thead th {
  font-size: 0.88rem;
}
td,
tbody th {
  border-top: 1px dashed rgb(var(--v-theme-seam));
  padding: 4px 16px 4px 0;
}
@media (max-width: 599px) {
  text {
    font-size: 21px;
  }
  .inputs label {
    grid-template-columns: 1fr 88px;
  }
  .inputs input {
    grid-row: 2;
    grid-column: 1 / -1;
  }
  td,
  tbody th {
    padding-right: 8px;
    font-size: 0.92rem;
  }
}
</style>
