<script setup lang="ts">
import facts from '@/api/facts'
import { computed, ref, watch } from 'vue'
import { detailsOf } from '@/api/client'
import { about, MOST_MATS } from '@/shell/numbers'
import { useHousehold, useSaveHousehold, useView } from '@/api/queries'
import type { Household } from '@/api/types'
import HomeDoorSection from '@/door/HomeDoorSection.vue'
import ExchangeSection from './ExchangeSection.vue'
import VoiceSection from './VoiceSection.vue'
import NumberField from '@/shell/NumberField.vue'
import PageState from '@/shell/PageState.vue'
import TimeField from '@/shell/TimeField.vue'
import { useMe } from '@/shell/useMe'
import { useNotice } from '@/shell/useNotice'
import ActKey from '@/shell/ActKey.vue'

const { tell } = useNotice()
/** What takes the data out or lets somebody in is done there only. */
const { atTheMachine } = useMe()
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
  { title: 'at no hour in particular', value: undefined },
]
const usualHour = computed({
  get: () => form.value?.usualHour?.slice(0, 5),
  set: (hour) => (form.value!.usualHour = hour),
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
    <form v-if="form" class="max-w-820" @submit.prevent="submit">
      <h1 class="mb-18">Settings</h1>
      <v-text-field
        v-model="form.name"
        label="Name of the household"
        :maxlength="facts.longestHouseholdName"
        autocomplete="off"
      />
      <fieldset class="tall flex-col">
        <legend class="slab">What is a small mat worth to you?</legend>
        <v-radio-group v-model="form.comfort" class="scrolls max-w-full overflow-x-auto" hide-details>
          <table class="border-collapse">
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
                  <v-radio :value="one.value"
                    ><template #label
                      ><span
                        >{{ one.title
                        }}<small v-if="one.told"
                          >as much as {{ one.told.minutesPerMat }} minutes of brushing</small
                        ></span
                      ></template
                    ></v-radio
                  >
                </th>
                <td v-for="dog in one.told?.dogs" :key="dog.name">
                  {{ Math.round(dog.minutesAWeek) }} min<br />{{ about(dog.matsAMonth, MOST_MATS) }}
                  mats
                </td>
              </tr>
            </tbody>
          </table>
        </v-radio-group>
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
        <v-radio-group v-model="form[group.key]" inline hide-details :aria-label="group.legend">
          <v-radio v-for="one in group.choices" :key="one.value" :value="one.value" :label="one.title" />
        </v-radio-group>
      </fieldset>
      <fieldset>
        <legend class="slab">Usually brushed</legend>
        <div class="where">
          <TimeField v-model="usualHour" class="max-w-160 mb-6" label="at" aria-describedby="usual-hint" />
          <button v-for="one in HOURS" :key="one.title" type="button" class="link ml-14" @click="usualHour = one.value">
            {{ one.title }}
          </button>
          <small id="usual-hint"
            >Days with a brush begin at it in your calendar, and what is due is said no earlier.</small
          >
        </div>
      </fieldset>
      <fieldset>
        <legend class="slab">Your clock goes by</legend>
        <div class="where zone max-w-460">
          <v-autocomplete
            v-model="form.zone"
            label="Time zone"
            :items="zones"
            clearable
            placeholder="this machine’s zone"
            persistent-placeholder
          />
          <small v-if="form.zone !== here"
            >This browser’s clock goes by {{ here }}.
            <button type="button" class="link ml-14" @click="form.zone = here">Take that</button></small
          >
        </div>
      </fieldset>
      <fieldset>
        <legend class="slab">No messages</legend>
        <div class="where">
          <TimeField v-model="form.quietFrom" class="max-w-160 mb-14" label="from" needed />
          <TimeField v-model="form.quietTo" class="max-w-160" label="to" needed />
        </div>
      </fieldset>
      <fieldset>
        <legend class="slab">Prices</legend>
        <div class="where">
          <v-text-field
            v-model="form.currency"
            class="max-w-260"
            label="in"
            maxlength="3"
            hint="Three letters, such as EUR, GBP or USD."
            persistent-hint
            autocomplete="off"
          />
        </div>
      </fieldset>
      <fieldset>
        <legend class="slab">Where you live</legend>
        <div class="where">
          <NumberField
            :model-value="form.latitude"
            class="max-w-260 mb-6"
            label="north of the equator"
            suffix="°"
            aria-describedby="latitude-hint"
            @update:model-value="form.latitude = $event ?? NaN"
          />
          <small id="latitude-hint"
            >South is below 0. The length of the days foretells the two shedding seasons; where it hardly changes, none
            is.</small
          >
        </div>
      </fieldset>
      <p v-if="save.error.value" class="caution" role="alert">
        <strong>{{ detailsOf(save.error.value) }}</strong>
      </p>
      <ActKey type="submit" color="primary" size="large" :loading="save.isPending.value">Keep</ActKey>
    </form>
    <VoiceSection v-if="form" />
    <HomeDoorSection v-if="form && atTheMachine" />
    <ExchangeSection v-if="form && atTheMachine" />
    <section v-if="form" class="about mt-36 max-w-[62ch]" aria-labelledby="about">
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
fieldset {
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding: 12px 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 26px;
  min-width: 0;
}
legend {
  float: left;
  width: 210px;
  padding-top: 10px;
}
.tall legend {
  width: 100%;
}
th {
  text-align: left;
  font-weight: inherit;
}
th,
td {
  padding: 4px 16px 4px 0;
  vertical-align: top;
}
.where {
  flex: 1;
  min-width: min(320px, 100%);
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
  th,
  td {
    padding-right: 8px;
    font-size: 0.9rem;
  }
}
</style>
