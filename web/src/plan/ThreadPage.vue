<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { detailsOf } from '@/api/client'
import { MEANWHILE_THE_LAST, useDogView, useSections } from '@/api/queries'
import type { ThreadLine } from '@/api/types'
import { labelOf } from '@/api/words'
import { carePath } from '@/care/words'
import { dayPages } from '@/rhythm/pages'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import { useNotice } from '@/shell/useNotice'
import { inDays, useUnits } from '@/shell/useUnits'
import NotEnough from './NotEnough.vue'
import ThreadLane from './ThreadLane.vue'
import { asSet, useSetGroom, useVisits } from '@/visit/useVisits'
import { byRegion } from './words'
import { about, MOST_MATS, places } from '@/shell/numbers'
import DateField from '@/shell/DateField.vue'
import TheWord from '@/shell/TheWord.vue'

/** The days up to the groom as a thread for each place, with the plan and without. */
const props = defineProps<{ dogId: number }>()

const { list, names } = useSections()
const { date } = useUnits()
const { tell } = useNotice()
const thread = useDogView('thread', () => props.dogId, MEANWHILE_THE_LAST)
const groom = useSetGroom(() => props.dogId)
const { visits } = useVisits(() => props.dogId)

const view = computed(() => thread.data.value)
const days = computed(() => (view.value?.threads[0]?.tanglesPlanned.length ?? 1) - 1)
const regions = computed(() => byRegion(view.value?.threads ?? [], list.value))
const lines = computed(() => regions.value.flatMap((region) => region.lines))
const asTable = ref(false)
/** Where the reader is: a place and a day, 0 being today. */
const at = ref({ section: '', day: 0 })
watch(
  lines,
  (now) => {
    if (!now.some((line) => line.section === at.value.section) && now[0]) at.value = { section: now[0].section, day: 0 }
  },
  { immediate: true },
)
watch(days, (most) => {
  at.value.day = Math.min(at.value.day, most)
})
const here = computed(() => lines.value.find((line) => line.section === at.value.section))
const weeks = computed(() =>
  Array.from({ length: Math.floor(days.value / 7) + 1 }, (_, week) => 7 * week).filter(
    (day) => day === 0 || days.value - day > 2,
  ),
)
const known = computed(() => lines.value.filter((line) => !line.nobodyKnows))
const unknown = computed(() => lines.value.length - known.value.length)
const total = (key: 'matsPlanned' | 'matsIfNothing') => known.value.reduce((sum, line) => sum + line[key].at(-1)!, 0)
/** Of what nobody knows no figure is told. */
const mats = (line: ThreadLine, key: 'matsPlanned' | 'matsIfNothing') =>
  line.nobodyKnows ? '?' : about(line[key].at(-1)!)

function dayOf(day: number): string {
  const when = new Date(`${view.value!.today}T12:00:00Z`)
  when.setUTCDate(when.getUTCDate() + day)
  return when.toISOString().slice(0, 10)
}
function says(line: ThreadLine, day: number): string {
  if (line.nobodyKnows)
    return `${date(dayOf(day))}${line.brushed.includes(day) ? ', brushed' : ''}: what is in it, the comb tells`
  return (
    `${date(dayOf(day))}${line.brushed.includes(day) ? ', brushed' : ''}: with the plan ${count(line.tanglesPlanned[day]!, 'tangle')} and ${count(line.matsPlanned[day]!, 'mat')}; ` +
    `if nothing is done ${count(line.tanglesIfNothing[day]!, 'tangle')} and ${count(line.matsIfNothing[day]!, 'mat')}`
  )
}
function count(expected: number, what: string): string {
  const shown = about(expected)
  return shown === 'none' ? `no ${what}s` : `${shown} ${what}s`
}
function point(line: ThreadLine, event: PointerEvent) {
  const lane = (event.currentTarget as HTMLElement).getBoundingClientRect()
  at.value = {
    section: line.section,
    day: Math.max(0, Math.min(days.value, Math.round(((event.clientX - lane.left) / lane.width) * days.value))),
  }
}
function press(event: KeyboardEvent) {
  const line = lines.value.findIndex((lane) => lane.section === at.value.section)
  const steps: Record<string, [lines: number, days: number]> = {
    ArrowLeft: [0, -1],
    ArrowRight: [0, 1],
    ArrowUp: [-1, 0],
    ArrowDown: [1, 0],
    PageUp: [0, -7],
    PageDown: [0, 7],
    Home: [0, -days.value],
    End: [0, days.value],
  }
  const step = steps[event.key]
  if (!step) return
  event.preventDefault()
  const next = lines.value[Math.max(0, Math.min(lines.value.length - 1, line + step[0]))]!
  at.value = { section: next.section, day: Math.max(0, Math.min(days.value, at.value.day + step[1])) }
  document.getElementById(`lane-${next.section}`)?.focus()
}
async function setGroom(day: string | undefined) {
  // A groom that is moved keeps its hour, and so does one that is put back.
  const before = asSet((await visits.refetch()).data)
  const kept = await groom.mutateAsync(day ? { day, hour: before?.hour } : undefined).catch(() => undefined)
  if (kept) tell(day ? `The groom is on ${date(day)}.` : 'No groom is set.', () => groom.mutate(before))
}
</script>

<template>
  <PageState :pending="!view || !list.length" :error="thread.error.value" @retry="thread.refetch()">
    <div v-if="view">
      <SubNav label="What comes, and what was" :pages="dayPages(dogId)" />
      <div class="top flex flex-wrap gap-y-4 gap-x-22 items-center">
        <h2 class="m-0">
          {{ view.groom ? `Until the groom, ${inDays(view.today, view.until)}` : `The next ${days} days` }}
        </h2>
        <DateField
          class="no-print min-w-220 max-w-260"
          label="The groomer sees it on"
          :model-value="view.groom"
          :min="dayOf(1)"
          @update:model-value="setGroom"
        />
        <button v-if="view.groom" type="button" class="link no-print" @click="setGroom(undefined)">no groom</button>
        <button type="button" class="link no-print ml-auto" :aria-pressed="asTable" @click="asTable = !asTable">
          {{ asTable ? 'As threads' : 'As a table' }}
        </button>
      </div>
      <p v-if="groom.error.value" class="caution" role="alert">
        <strong>{{ detailsOf(groom.error.value) }}</strong>
      </p>
      <NotEnough />
      <p v-if="!lines.length">Nothing on this dog mats: smooth hair and cords have no thread.</p>
      <template v-else>
        <p class="sum mt-2 mx-0 mb-8">
          <template v-if="known.length"
            ><b class="slab text-2xl">{{ about(total('matsPlanned'), MOST_MATS) }}</b
            >{{ ' ' }}<TheWord of="mat">mats</TheWord> to expect with the plan,
            <b class="slab text-2xl">{{ about(total('matsIfNothing'), MOST_MATS) }}</b> if nothing is done.
          </template>
          <template v-if="unknown">Of {{ places(unknown) }} nobody knows yet: the comb tells.</template>
        </p>
        <p v-if="view.care.length" class="care max-w-none">
          <b>At the table:</b>{{ ' ' }}
          <span v-for="one in view.care" :key="one.job"
            ><router-link :to="carePath(dogId, one.job)">{{ labelOf('CareJob', one.job) }}</router-link>
            {{ one.days.map((day) => (day ? date(dayOf(day)) : 'today')).join(', ') }}</span
          >
        </p>
        <table v-if="asTable" class="border-collapse w-full">
          <thead>
            <tr>
              <th>Place</th>
              <th>Brushed on</th>
              <th class="number">Mats, with the plan</th>
              <th class="number">if nothing is done</th>
              <th>Matted by</th>
            </tr>
          </thead>
          <tbody v-for="region in regions" :key="region.label">
            <tr>
              <th colspan="5" scope="rowgroup" class="region">{{ region.label }}</th>
            </tr>
            <tr v-for="line in region.lines" :key="line.section">
              <th scope="row">{{ names[line.section] }}</th>
              <td>{{ line.brushed.map((day) => date(dayOf(day))).join(', ') || 'not before the end' }}</td>
              <td class="number">{{ mats(line, 'matsPlanned') }}</td>
              <td class="number">{{ mats(line, 'matsIfNothing') }}</td>
              <td>{{ line.knot === undefined ? '' : date(dayOf(line.knot)) }}</td>
            </tr>
          </tbody>
        </table>
        <div v-else class="max-w-1160" :style="{ '--at': days ? at.day / days : 0 }">
          <p class="readout sticky top-0 z-2 bg-background py-8 px-0 max-w-none min-h-44 seam-b" aria-live="off">
            <b class="mr-6 inline-block">{{ names[at.section as ThreadLine['section']] }}</b>
            {{ here && says(here, at.day) }}
          </p>
          <div
            class="axis grid grid-cols-[232px_1fr_70px_60px] gap-y-0 gap-x-14 text-sm mt-6 leading-tight items-end max-sm:grid-cols-[1fr_42px_46px] max-sm:gap-y-0 max-sm:gap-x-8 max-sm:text-2xs"
            aria-hidden="true"
          >
            <span /><span class="ticks relative h-[1.3em]"
              ><span v-for="day in weeks" :key="day" :style="{ left: `${(100 * day) / days}%` }">{{
                day ? date(dayOf(day)) : 'today'
              }}</span
              ><span class="last" :style="{ left: '100%' }">{{ view.groom ? 'groom' : date(view.until) }}</span></span
            ><span class="head text-right">with plan</span><span class="head text-right">without</span>
          </div>
          <section v-for="region in regions" :key="region.label" :aria-label="region.label">
            <h3 class="text-base mt-6 mx-0 mb-0 text-primary">{{ region.label }}</h3>
            <div
              v-for="line in region.lines"
              :key="line.section"
              class="grid grid-cols-[232px_1fr_70px_60px] items-center gap-y-0 gap-x-14 max-sm:grid-cols-[1fr_42px_46px] max-sm:gap-y-0 max-sm:gap-x-8"
              :class="{ here: line.section === at.section }"
            >
              <span class="name text-md leading-tight max-sm:col-span-full">{{ names[line.section] }}</span>
              <!-- eslint-disable-next-line vuejs-accessibility/interactive-supports-focus -- one of them is in the order of tabs -->
              <span
                :id="`lane-${line.section}`"
                class="touch"
                role="slider"
                :tabindex="line.section === at.section ? 0 : -1"
                :aria-label="names[line.section]"
                aria-valuemin="0"
                :aria-valuemax="days"
                :aria-valuenow="at.day"
                :aria-valuetext="says(line, at.day)"
                @pointermove="point(line, $event)"
                @pointerdown="point(line, $event)"
                @focus="at = { section: line.section, day: at.day }"
                @keydown="press"
              >
                <ThreadLane :line="line" :days="days" /><i class="cursor" />
              </span>
              <span class="number slab text-md">{{ mats(line, 'matsPlanned') }}</span><span class="number text-md">{{
                mats(line, 'matsIfNothing')
              }}</span>
            </div>
          </section>
          <p class="quiet">
            Each place is a thread. It frays as tangles come in; the comb smooths it on brushing days; the knot is where
            it will have matted if nothing is done.
          </p>
        </div>
      </template>
    </div>
  </PageState>
</template>

<style scoped>
.care span + span::before {
  content: ' · ';
}
.groom input {
  min-height: 44px;
  padding: 4px 8px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 8px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  color-scheme: light dark;
}
.name::first-letter {
  text-transform: uppercase;
}
.here .name {
  font-weight: 700;
}
h3::first-letter,
.region::first-letter {
  text-transform: uppercase;
}
.touch {
  position: relative;
  display: block;
  padding: 9px 0;
  cursor: crosshair;
  touch-action: pan-y;
}
.cursor {
  position: absolute;
  top: -1px;
  bottom: -1px;
  left: calc(100% * var(--at));
  border-left: 1.5px solid rgba(var(--v-theme-ink), 0.35);
  pointer-events: none;
}
.here .cursor {
  border-left: 2.5px solid rgb(var(--v-theme-ink));
}
.here {
  background: rgba(var(--v-theme-wool), 0.55);
}
.number {
  text-align: right;
}
.readout b::first-letter {
  text-transform: uppercase;
  display: inline-block;
}
.ticks span {
  position: absolute;
  transform: translateX(-50%);
  white-space: nowrap;
}
.ticks span:first-child {
  transform: none;
}
.ticks .last {
  transform: translateX(-100%);
  font-weight: 700;
}
th {
  text-align: left;
  font-weight: 400;
}
thead th {
  font-size: 0.9rem;
  opacity: 0.88;
}
tbody th[scope='row'] {
  font-weight: 700;
}
tbody th::first-letter {
  text-transform: uppercase;
}
td,
tbody th {
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding: 5px 12px 5px 0;
}
.region {
  font-family: var(--slab);
  color: rgb(var(--v-theme-primary));
  padding-top: 12px;
}
@media (max-width: 599px) {
  .axis span:first-child:empty {
    display: none;
  }
  .ticks span:not(.last):not(:first-child) {
    display: none;
  }
  td,
  tbody th {
    font-size: 0.9rem;
    padding-right: 6px;
  }
}
</style>
