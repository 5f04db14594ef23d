<script setup lang="ts">
import facts from '@/api/facts'
import { computed, ref, watch } from 'vue'
import { detailsOf } from '@/api/client'
import { about, MOST_MATS } from '@/shell/numbers'
import { useHousehold, useSaveHousehold, useView } from '@/api/queries'
import type { Household } from '@/api/types'
import ExchangeSection from './ExchangeSection.vue'
import VoiceSection from './VoiceSection.vue'
import PageState from '@/shell/PageState.vue'
import { useNotice } from '@/shell/useNotice'

const { tell } = useNotice()
const stored = useHousehold()
const save = useSaveHousehold()

const form = ref<Household>()
watch(
  stored.data,
  (household) => {
    if (household && !form.value) form.value = { ...household }
  },
  { immediate: true },
)

const comforts = useView('comforts')
const TITLES: Record<Household['comfort'], string> = {
  CAREFUL: 'Careful',
  BALANCED: 'Balanced',
  EASY_GOING: 'Easy-going',
}
const COMFORTS = computed(() =>
  (Object.keys(TITLES) as Household['comfort'][]).map((value) => ({
    value,
    title: TITLES[value],
    told: comforts.data.value?.find((choice) => choice.comfort === value),
  })),
)
const LENGTHS: { value: Household['lengthUnit']; title: string }[] = [
  { value: 'MILLIMETRES', title: 'Millimetres' },
  { value: 'INCHES', title: 'Inches' },
]
const MASSES: { value: Household['massUnit']; title: string }[] = [
  { value: 'KILOGRAMS', title: 'Kilograms' },
  { value: 'POUNDS', title: 'Pounds' },
]
const WEEKS: { value: Household['weekStart']; title: string }[] = [
  { value: 'MONDAY', title: 'Monday' },
  { value: 'SUNDAY', title: 'Sunday' },
  { value: 'SATURDAY', title: 'Saturday' },
]
const DATES: { value: Household['dateFormat']; title: string }[] = [
  { value: 'DAY_MONTH', title: '24 Nov' },
  { value: 'MONTH_DAY', title: 'Nov 24' },
  { value: 'YEAR_MONTH_DAY', title: '2026-11-24' },
]

const HOURS = [
  { title: 'in the morning', value: '08:00' },
  { title: 'in the evening', value: '19:00' },
  { title: 'at no hour in particular', value: '' },
]
const usualHour = computed({
  get: () => form.value?.usualHour?.slice(0, 5) ?? '',
  set: (hour: string) => (form.value!.usualHour = hour || undefined),
})
const here = Intl.DateTimeFormat().resolvedOptions().timeZone
const zones = [...new Set([...Intl.supportedValuesOf('timeZone'), here])].sort()

async function submit() {
  const before = stored.data.value!
  const kept = await save.mutateAsync(form.value!).catch(() => undefined)
  if (kept)
    tell('Kept.', () => {
      form.value = { ...before }
      save.mutate(before)
    })
}
</script>

<template>
  <PageState :pending="!form" :error="stored.error.value" @retry="stored.refetch()">
    <form v-if="form" class="settings" @submit.prevent="submit">
      <h1>Settings</h1>
      <v-text-field
        v-model="form.name"
        label="Name of the household"
        :maxlength="facts.longestHouseholdName"
        autocomplete="off"
      />
      <fieldset class="tall">
        <legend class="slab">What is a small mat worth to you?</legend>
        <div class="scrolls">
          <table>
            <thead>
              <tr>
                <td>
                  <small>minutes a week;<br />small mats a month</small>
                </td>
                <th v-for="dog in COMFORTS[0]!.told?.dogs" :key="dog.name" scope="col">{{ dog.name }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="one in COMFORTS" :key="one.value">
                <th scope="row">
                  <label
                    ><input v-model="form.comfort" type="radio" name="comfort" :value="one.value" /><span
                      >{{ one.title
                      }}<small v-if="one.told">as much as {{ one.told.minutesPerMat }} minutes of brushing</small></span
                    ></label
                  >
                </th>
                <td v-for="dog in one.told?.dogs" :key="dog.name">
                  {{ Math.round(dog.minutesAWeek) }} min<br />{{ about(dog.matsAMonth, MOST_MATS) }}
                  mats
                </td>
              </tr>
            </tbody>
          </table>
        </div>
      </fieldset>
      <fieldset
        v-for="group in [
          { legend: 'Lengths', key: 'lengthUnit' as const, choices: LENGTHS },
          { legend: 'Weights', key: 'massUnit' as const, choices: MASSES },
          { legend: 'Dates', key: 'dateFormat' as const, choices: DATES },
          { legend: 'The week begins on', key: 'weekStart' as const, choices: WEEKS },
        ]"
        :key="group.key"
      >
        <legend class="slab">{{ group.legend }}</legend>
        <label v-for="one in group.choices" :key="one.value"
          ><input v-model="form[group.key]" type="radio" :name="group.key" :value="one.value" /><span>{{
            one.title
          }}</span></label
        >
      </fieldset>
      <fieldset>
        <legend class="slab"><label for="usual-hour">Usually brushed at</label></legend>
        <div class="where">
          <input id="usual-hour" v-model="usualHour" type="time" aria-describedby="usual-hint" />
          <button v-for="one in HOURS" :key="one.title" type="button" class="link" @click="usualHour = one.value">
            {{ one.title }}
          </button>
          <small id="usual-hint"
            >Days with a brush begin at it in your calendar, and what is due is said no earlier.</small
          >
        </div>
      </fieldset>
      <fieldset>
        <legend class="slab"><label for="zone">Your clock goes by</label></legend>
        <div class="where zone">
          <v-autocomplete
            id="zone"
            v-model="form.zone"
            :items="zones"
            clearable
            hide-details
            variant="outlined"
            density="comfortable"
            placeholder="this machine’s zone"
            persistent-placeholder
          />
          <small v-if="form.zone !== here"
            >This browser’s clock goes by {{ here }}.
            <button type="button" class="link" @click="form.zone = here">Take that</button></small
          >
        </div>
      </fieldset>
      <fieldset>
        <legend class="slab">No messages</legend>
        <div class="where">
          <label class="time">from <input v-model="form.quietFrom" type="time" required /></label>
          <label class="time">to <input v-model="form.quietTo" type="time" required /></label>
        </div>
      </fieldset>
      <fieldset>
        <legend class="slab"><label for="currency">Prices in</label></legend>
        <div class="where">
          <input
            id="currency"
            v-model="form.currency"
            maxlength="3"
            pattern="[A-Z]{3}"
            required
            autocomplete="off"
            aria-describedby="currency-hint"
          />
          <small id="currency-hint">Three letters, such as EUR, GBP or USD.</small>
        </div>
      </fieldset>
      <fieldset>
        <legend class="slab"><label for="latitude">Where you live</label></legend>
        <div class="where">
          <input
            id="latitude"
            v-model.number="form.latitude"
            type="number"
            min="-90"
            max="90"
            step="0.5"
            required
            aria-describedby="latitude-hint"
          />
          ° north of the equator
          <small id="latitude-hint"
            >South is below 0. The length of the days foretells the two shedding seasons; where it hardly changes, none
            is.</small
          >
        </div>
      </fieldset>
      <p v-if="save.error.value" class="caution" role="alert">
        <strong>{{ detailsOf(save.error.value) }}</strong>
      </p>
      <v-btn type="submit" color="primary" size="large" :loading="save.isPending.value">Keep</v-btn>
    </form>
    <VoiceSection v-if="form" />
    <ExchangeSection v-if="form" />
    <section v-if="form" class="about" aria-labelledby="about">
      <h2 id="about">About</h2>
      <p>
        Rustic Tangle {{ facts.version }}, free software under the
        <a href="https://www.apache.org/licenses/LICENSE-2.0" rel="noopener noreferrer" target="_blank"
          >Apache License 2.0</a
        >. Made with the work of others:
        <a href="/notices-web.txt" target="_blank">fonts and what runs in the browser</a>,
        <a href="/notices-java.txt" target="_blank">what runs behind it</a>.
      </p>
    </section>
  </PageState>
</template>

<style scoped>
.settings {
  max-width: 820px;
}
h1 {
  margin-bottom: 18px;
}
fieldset {
  border: 0;
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding: 12px 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 26px;
  min-width: 0;
}
.tall {
  flex-direction: column;
}
legend {
  float: left;
  width: 210px;
  padding-top: 10px;
}
.tall legend {
  width: 100%;
}
label {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 44px;
  cursor: pointer;
}
label input {
  width: 20px;
  height: 20px;
  accent-color: rgb(var(--v-theme-secondary));
  flex: none;
}
.scrolls {
  max-width: 100%;
  overflow-x: auto;
}
table {
  border-collapse: collapse;
}
th {
  text-align: left;
  font-weight: inherit;
}
thead th {
  font-weight: 600;
}
th,
td {
  padding: 4px 16px 4px 0;
  vertical-align: top;
}
@media (max-width: 600px) {
  .scrolls {
    font-size: 0.88rem;
  }
  th,
  td {
    padding-right: 8px;
  }
}
.time {
  display: inline-flex;
  margin-right: 16px;
}
.time input[type='time'],
.where > input[type='time'] {
  width: 8em;
}
.zone {
  max-width: 460px;
}
.where .link {
  margin-left: 14px;
}
.where {
  flex: 1;
  min-width: min(320px, 100%);
}
.zone :deep(input::placeholder) {
  opacity: 1;
}
.where > input,
.time input {
  width: 6em;
  min-height: 44px;
  padding: 4px 8px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 8px;
  background: rgb(var(--v-theme-surface));
}
.about {
  margin-top: 36px;
  max-width: 62ch;
}
small {
  display: block;
  font-size: 0.9rem;
}
@media (max-width: 599px) {
  legend {
    width: 100%;
    float: none;
  }
}
</style>
