<script setup lang="ts">
import { computed } from 'vue'
import type { DayPlan, MonthView } from '@/api/types'
import { labelOf } from '@/api/words'
import { minutes, useUnits } from '@/shell/useUnits'
import MatsKept from './MatsKept.vue'
import WeeksBrushed from './WeeksBrushed.vue'
import { clothOf, timeOf } from './words'

/** A calendar's page of weeks: who is brushed when, what comes at the table, and what all of it keeps away. */
const props = defineProps<{ month: MonthView; household: string; chosen?: string }>()
defineEmits<{ choose: [day: string] }>()

/** What comes more often than that stands on no calendar. */
const SELDOM = new Set(['NAILS', 'BATH', 'EARS'])
/** So short a turn at the claws is one of many, minutes. */
const SOME_CLAWS = 2
const DAY = 86_400_000

const { date } = useUnits()
const iso = (time: number) => new Date(time).toISOString().slice(0, 10)
const WEEKDAY = new Intl.DateTimeFormat('en-GB', { weekday: 'long', timeZone: 'UTC' })
const MONTH = new Intl.DateTimeFormat('en-GB', { month: 'long', timeZone: 'UTC' })

const names = computed(() => Object.fromEntries(props.month.dogs.map((dog) => [dog.id, dog.name])))
const days = computed(() => {
  const planned = new Map(props.month.days.map((day) => [day.day, day]))
  const first = Date.parse(props.month.first)
  const count = Math.round((Date.parse(props.month.days.at(-1)!.day) - first) / DAY) + 1
  return Array.from({ length: count }, (_, i) => {
    const day = iso(first + i * DAY)
    return { day, number: Number(day.slice(8)), plan: planned.get(day), grooms: groomsOn(day) }
  })
})
const weekdays = computed(() => days.value.slice(0, 7).map((one) => WEEKDAY.format(Date.parse(one.day))))
const title = computed(() => {
  const ends = [props.month.first, props.month.days.at(-1)!.day].map((day) => MONTH.format(Date.parse(day)))
  return [...new Set(ends)].join(' and ')
})
const groomsOn = (day: string) => props.month.grooms.filter((groom) => groom.day === day)
/** A job of several dogs is said once. */
function jobs(plan: DayPlan) {
  const turns = plan.care.filter(
    (turn) => SELDOM.has(turn.job) && !turn.learning && !(turn.job === 'NAILS' && turn.minutes < SOME_CLAWS),
  )
  return [...new Set(turns.map((turn) => turn.job))].map((job) => ({
    job: labelOf('CareJob', job),
    dogs: turns.filter((turn) => turn.job === job).map((turn) => names.value[turn.dogId]!),
  }))
}
const allOff = (plan: DayPlan) => plan.off.length === props.month.dogs.length
function told(plan: DayPlan) {
  const parts = [
    timeOf(plan) ? minutes(timeOf(plan)) : allOff(plan) ? 'off' : 'rest',
    ...jobs(plan).map((one) => `${one.job}: ${one.dogs.join(', ')}`),
    ...groomsOn(plan.day).map((groom) => `groomer: ${groom.dog}`),
  ]
  return `${date(plan.day)}: ${parts.join('; ')}`
}
const print = () => window.print()
</script>

<template>
  <section class="month" aria-labelledby="month">
    <div class="head">
      <h2 id="month">
        {{ title }}<span v-if="household" class="only-print"> at {{ household }}</span>
      </h2>
      <button type="button" class="link no-print" @click="print">Print it for the fridge door</button>
    </div>
    <div class="cells">
      <span v-for="name in weekdays" :key="name" class="weekday" aria-hidden="true"
        >{{ name.slice(0, 3) }}<span class="rest">{{ name.slice(3) }}</span></span
      >
      <template v-for="one in days" :key="one.day">
        <span v-if="!one.plan" class="cell past" aria-hidden="true">{{ one.number }}</span>
        <button
          v-else
          type="button"
          class="cell"
          :class="{ off: allOff(one.plan), chosen: chosen === one.day, today: one.day === month.today }"
          :aria-pressed="chosen === one.day"
          :aria-label="told(one.plan)"
          @click="$emit('choose', one.day)"
        >
          <span class="number" aria-hidden="true"
            ><span>{{ one.number }}</span>
            <small v-if="timeOf(one.plan)" class="font-sans text-xs max-sm:hidden">{{
              minutes(timeOf(one.plan))
            }}</small></span
          >
          <span class="dogs" aria-hidden="true">
            <span v-for="pick in one.plan.picks" :key="pick.dogId" class="dog"
              ><i class="swatch" :class="clothOf(month.dogs, pick.dogId)" /><span class="word">{{
                names[pick.dogId]
              }}</span></span
            >
          </span>
          <span v-for="job in jobs(one.plan)" :key="job.job" class="job" aria-hidden="true"
            ><b>{{ job.job }}</b> <span class="word">{{ job.dogs.join(', ') }}</span></span
          >
          <span v-if="one.plan.off.length" class="job" aria-hidden="true"
            ><b>off</b>
            <span v-if="!allOff(one.plan)" class="word">{{
              one.plan.off.map((dog) => names[dog]).join(', ')
            }}</span></span
          >
          <span v-for="groom in one.grooms" :key="groom.dog" class="job groom" aria-hidden="true"
            ><b>groom</b> <span class="word">{{ groom.dog }} {{ groom.hour?.slice(0, 5) }}</span></span
          >
        </button>
      </template>
    </div>
    <div class="below">
      <MatsKept :days="month.days.map((day) => day.day)" :mats="month.mats" :dogs="month.dogs.length" />
      <WeeksBrushed :weeks="month.weeks" :today="month.today" />
    </div>
  </section>
</template>

<style scoped>
.month {
  margin-top: 22px;
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding-top: 14px;
}
.head {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: baseline;
  gap: 0 20px;
}
.only-print {
  display: none;
}
.cells {
  display: grid;
  grid-template-columns: repeat(7, minmax(0, 1fr));
  border: 1px dashed rgb(var(--v-theme-seam));
  border-width: 0 0 1px 1px;
}
.weekday {
  font-size: 0.9rem;
  padding: 2px 8px;
}
.cell {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 2px;
  min-height: 106px;
  padding: 4px 8px 8px;
  text-align: left;
  font-size: 0.84rem;
  line-height: 1.2;
  border-right: 1.5px dashed rgb(var(--v-theme-seam));
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
}
.past {
  opacity: 0.6;
}
.today .number > span {
  font-weight: 700;
  text-decoration: underline 3px rgb(var(--v-theme-primary));
  text-underline-offset: 4px;
}
.chosen {
  background: rgba(var(--v-theme-wool), 0.8);
  box-shadow: inset 0 -3px rgb(var(--v-theme-ink));
}
.off {
  background: repeating-linear-gradient(-45deg, rgba(var(--v-theme-seam), 0.5) 0 1px, transparent 1px 9px);
}
.number {
  width: 100%;
  display: flex;
  justify-content: space-between;
  font-family: var(--slab);
  font-size: 1rem;
}
.job {
  display: flex;
  flex-wrap: wrap;
  column-gap: 0.35em;
}
.dog {
  display: flex;
  align-items: center;
  gap: 5px;
}
.swatch {
  width: 13px;
  height: 13px;
  flex: none;
  border-radius: 4px;
  border: 1.5px solid rgb(var(--v-theme-ink));
}
.below {
  display: grid;
  grid-template-columns: 3fr 2fr;
  gap: 10px 40px;
  margin-top: 18px;
}
@media (max-width: 899px) {
  .below {
    grid-template-columns: 1fr;
  }
}
@media (max-width: 599px) {
  .word,
  .rest {
    display: none;
  }
  .weekday {
    padding: 2px 0;
    text-align: center;
  }
  .cell {
    min-height: 74px;
    padding: 3px;
    font-size: 0.78rem;
    overflow: hidden;
  }
  .dogs {
    display: flex;
    flex-wrap: wrap;
    gap: 2px;
  }
}
/* Where seven days are as narrow as fingers the dogs are told by their cloth, and in the day that is chosen. */
@media (max-width: 359px) {
  .cell {
    font-size: 0.68rem;
    overflow-wrap: anywhere;
  }
}
@media print {
  .month {
    border: 0;
    margin: 0;
    padding: 0;
    break-inside: avoid;
  }
  .only-print {
    display: inline;
  }
  .below {
    grid-template-columns: 3fr 2fr;
  }
  .cell {
    min-height: 88px;
    background: none;
    box-shadow: none;
  }
}
</style>
