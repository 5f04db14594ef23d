<script setup lang="ts">
import { computed, ref } from 'vue'
import { detailsOf } from '@/api/client'
import { MEANWHILE_THE_LAST, useHousehold, useSaveHousehold, useView } from '@/api/queries'
import type { Household } from '@/api/types'
import { labelOf } from '@/api/words'
import PageState from '@/shell/PageState.vue'
import { useNotice } from '@/shell/useNotice'
import { inDays, minutes, useUnits } from '@/shell/useUnits'
import CalendarCard from './CalendarCard.vue'
import DayColumn from './DayColumn.vue'
import DaysOffCard from './DaysOffCard.vue'
import MonthSheet from './MonthSheet.vue'
import NotEnough from './NotEnough.vue'
import WhatWaits from './WhatWaits.vue'
import { clothOf, timeOf, weekday, WEEKDAYS } from './words'
import { about, MOST_MATS, places } from '@/shell/numbers'
import facts from '@/api/facts'
import ChoiceKey from '@/shell/ChoiceKey.vue'

/** The days up to the groomers' dates, and the minutes of each day of the week. */
const DAYS = 7
const FIRST_GUESS = 20

const { date } = useUnits()
const { tell } = useNotice()
const week = useView('week', MEANWHILE_THE_LAST)
const month = useView('month', MEANWHILE_THE_LAST)
const household = useHousehold()
const save = useSaveHousehold()

const view = computed(() => week.data.value)
const near = computed(() => view.value?.days.slice(0, DAYS) ?? [])
const longest = computed(() =>
  Math.max(600, ...(view.value?.days ?? []).map((day) => Math.max(timeOf(day), 60 * (day.minutes ?? 0)))),
)
const chosen = ref<string>()
const shown = computed(() => month.data.value?.days.find((day) => day.day === chosen.value) ?? near.value[0])
const shownAt = ref<HTMLElement>()
/** What was chosen further down is told further up. */
function choose(day: string) {
  chosen.value = day
  shownAt.value?.scrollIntoView({ block: 'nearest' })
}
const names = computed(() => Object.fromEntries((view.value?.dogs ?? []).map((dog) => [dog.id, dog.name])))
/** What is done at the table on the day shown, dog by dog. */
const table = computed(() =>
  (view.value?.dogs ?? [])
    .map((dog) => ({ ...dog, turns: shown.value?.care.filter((turn) => turn.dogId === dog.id) ?? [] }))
    .filter((dog) => dog.turns.length),
)
const unknown = (count: number) => `and nobody knows of ${places(count)}`
const cloth = (dogId: number) => clothOf(view.value?.dogs ?? [], dogId)

async function keep(change: Household['minutes'], said: string) {
  const before = household.data.value!
  const kept = await save.mutateAsync({ ...before, minutes: change }).catch(() => undefined)
  if (kept) tell(said, () => save.mutate(before))
}
function setMinutes(day: string, typed: string) {
  const most = Math.max(0, Math.min(facts.mostMinutesADay, Math.round(Number(typed) || 0)))
  void keep({ ...household.data.value!.minutes, [weekday(day)]: most }, `${date(day).split(' ')[0]}: ${most} minutes.`)
}
function asItTakes() {
  void keep({}, 'As long as it takes.')
}
/** What the days need now, to begin with. */
function soMany() {
  const each = near.value.length
    ? Math.max(5, Math.round(near.value.reduce((sum, day) => sum + day.seconds, 0) / near.value.length / 300) * 5)
    : FIRST_GUESS
  void keep(
    Object.fromEntries(WEEKDAYS.map((day) => [day, each])),
    `${each} minutes a day; change each day as it suits you.`,
  )
}
</script>

<template>
  <PageState
    :pending="!view || !household.data.value"
    :error="week.error.value ?? household.error.value"
    @retry="week.refetch()"
  >
    <div v-if="view" class="page">
      <div class="top no-print">
        <h1>The days to come</h1>
        <div class="how no-print" role="group" aria-label="Minutes a day">
          <ChoiceKey :on="view.asItTakes" :disabled="save.isPending.value" @click="asItTakes">
            As long as it takes
          </ChoiceKey>
          <ChoiceKey :on="!view.asItTakes" :disabled="save.isPending.value" @click="view.asItTakes && soMany()">
            So many minutes a day
          </ChoiceKey>
        </div>
      </div>
      <p v-if="!view.dogs.length">
        No dog’s coat is described yet; the plan follows from it. <router-link to="/">Home</router-link>
      </p>
      <template v-else>
        <NotEnough class="no-print" />
        <p class="quiet no-print">
          {{
            view.asItTakes
              ? 'Few minutes and few mats: what rubs comes with every session, the quiet places with every second or third.'
              : 'The minutes go where they keep most mats from forming; a job at the table waits as long as that is worth more.'
          }}
        </p>
        <ol class="days no-print">
          <li v-for="(day, i) in near" :key="day.day">
            <DayColumn
              :day="day"
              :title="i === 0 ? 'Today' : date(day.day)"
              :longest="longest"
              :dogs="view.dogs"
              :chosen="shown?.day === day.day"
              @choose="chosen = day.day"
              @minutes="setMinutes(day.day, $event)"
            />
          </li>
        </ol>
        <p v-if="save.error.value" class="caution" role="alert">
          <strong>{{ detailsOf(save.error.value) }}</strong>
        </p>
        <div class="below no-print">
          <section v-if="shown" ref="shownAt" class="shown" aria-live="polite">
            <h2>{{ shown.day === view.today ? 'Today' : date(shown.day) }}</h2>
            <p v-if="shown.off.length">
              Off: {{ shown.off.map((dog) => names[dog]).join(', ') }}. Nothing is asked for; the coat goes on tangling.
            </p>
            <p v-else-if="!shown.picks.length">Nothing to brush.</p>
            <p v-for="pick in shown.picks" :key="pick.dogId">
              <i class="swatch" :class="cloth(pick.dogId)" aria-hidden="true" /><b>{{ names[pick.dogId] }}</b
              >, {{ places(pick.sections.length) }}, about {{ minutes(pick.seconds) }}
            </p>
            <p v-if="shown.practiceSeconds">
              <i class="swatch practice" aria-hidden="true" /><b>Practice</b>, {{ minutes(shown.practiceSeconds) }}
            </p>
            <p v-for="dog in table" :key="dog.id">
              <i class="swatch caring" aria-hidden="true" /><b>{{ dog.name }}</b> at the table:
              {{ dog.turns.map((turn) => labelOf('CareJob', turn.job)).join(', ') }}, about
              {{ minutes(60 * dog.turns.reduce((sum, turn) => sum + turn.minutes, 0)) }}
            </p>
            <WhatWaits :key="shown.day" :day="shown.day" :names="names" />
          </section>
          <section class="ends">
            <h2>Until the groom</h2>
            <table class="border-collapse w-full">
              <thead>
                <tr>
                  <th>Dog</th>
                  <th>Until</th>
                  <th class="number">Mats, with this plan</th>
                  <th class="number">if nothing is done</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="dog in view.dogs" :key="dog.id">
                  <th scope="row">
                    <i class="swatch" :class="cloth(dog.id)" aria-hidden="true" /><router-link
                      class="text-inherit underline-offset-4"
                      :to="`/dogs/${dog.id}/days/thread`"
                      :aria-label="`${dog.name}: the thread`"
                      >{{ dog.name }}</router-link
                    >
                  </th>
                  <td>
                    {{ date(dog.until)
                    }}<small class="block text-sm">{{
                      dog.groom ? inDays(view.today, dog.until) : 'no groom set'
                    }}</small>
                  </td>
                  <td class="number slab">
                    {{ about(dog.matsPlanned, MOST_MATS)
                    }}<small v-if="dog.nobodyKnows" class="block text-sm">{{ unknown(dog.nobodyKnows) }}</small>
                  </td>
                  <td class="number">{{ about(dog.matsIfNothing, MOST_MATS) }}</td>
                </tr>
              </tbody>
            </table>
          </section>
        </div>
        <MonthSheet
          v-if="month.data.value"
          :month="month.data.value"
          :household="household.data.value!.name"
          :chosen="chosen"
          @choose="choose"
        />
        <DaysOffCard :dogs="view.dogs" />
        <CalendarCard />
      </template>
    </div>
  </PageState>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 8px 20px;
  align-items: center;
  margin-bottom: 6px;
}
.how {
  display: flex;
  gap: 6px;
}
.days {
  list-style: none;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(7, minmax(0, 1fr));
  gap: 10px;
  margin: 16px 0;
}
.below {
  display: grid;
  grid-template-columns: minmax(300px, 1fr) 2fr;
  gap: 8px 40px;
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding-top: 14px;
}
.shown p {
  max-width: none;
}
.swatch {
  display: inline-block;
  width: 15px;
  height: 15px;
  margin-right: 8px;
  border-radius: 4px;
  border: 1.5px solid rgb(var(--v-theme-ink));
  vertical-align: -2px;
}
.swatch.practice {
  background: rgba(var(--v-theme-heather), 0.25);
  border-color: rgb(var(--v-theme-heather));
}
.swatch.caring {
  background: rgb(var(--v-theme-surface));
  border-style: dashed;
}
th {
  text-align: left;
  font-weight: 400;
}
thead th {
  font-size: 0.9rem;
  opacity: 0.88;
}
tbody th {
  font-weight: 700;
}
td,
tbody th {
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding: 8px 14px 8px 0;
}
.number:last-child {
  padding-right: 0;
}
.number {
  text-align: right;
}
td.slab {
  font-size: 1.2rem;
}
@media (max-width: 899px) {
  .below {
    grid-template-columns: 1fr;
  }
}
@media (max-width: 767px) {
  .days {
    gap: 2px;
    margin: 10px -8px;
  }
  td,
  tbody th {
    padding-right: 8px;
    font-size: 0.95rem;
    white-space: nowrap;
  }
}
</style>
