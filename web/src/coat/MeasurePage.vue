<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { ApiProblem, messageOf } from '@/api/client'
import { useSections, useView } from '@/api/queries'
import type { Region, Section } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import LengthField from '@/shell/LengthField.vue'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import WhyList from '@/shell/WhyList.vue'
import { useNotice } from '@/shell/useNotice'
import { useUnits } from '@/shell/useUnits'
import GrowthChart from './GrowthChart.vue'
import RulerDrawing from './RulerDrawing.vue'
import { coatPages } from './pages'
import { useDrawnDog } from './useCoat'
import { useReadings } from './useReadings'
import RegionPick from './RegionPick.vue'
import { REGIONS } from './words'
import ActKey from '@/shell/ActKey.vue'

const props = defineProps<{ dogId: number }>()

const { length, growth, date, say } = useUnits()
const { tell } = useNotice()
const { list, names } = useSections()
const drawn = useDrawnDog(() => props.dogId)
const { readings, put, remove } = useReadings(() => props.dogId)
const home = useView('home')

const region = ref<Region>('BODY')
const typed = ref<number>()
const day = ref('')
watch(
  () => home.data.value?.today,
  (today) => {
    day.value ||= today ?? ''
  },
  { immediate: true },
)
watch(region, () => {
  typed.value = undefined
  put.reset()
})

const here = computed(() => readings.data.value?.find((r) => r.region === region.value))
/** The least, and the most, that it may well grow. */
const inAMonth = (side: 1 | -1) => {
  const { millimetresPerDay, plusMinus } = here.value!.growth
  return length(Math.max(0, Math.round((millimetresPerDay + side * plusMinus) * 30)))
}
const longNow = (of: Region) => length(readings.data.value!.find((reading) => reading.region === of)!.millimetres)
const title = computed(() => REGIONS.find((r) => r.value === region.value)!.title)
const sections = computed<Section[]>(() => list.value.filter((s) => s.region === region.value).map((s) => s.section))
const problems = computed(() => (put.error.value instanceof ApiProblem ? put.error.value.fields : []))

function pick(section: Section) {
  region.value = list.value.find((s) => s.section === section)?.region ?? region.value
}
async function keep() {
  const [where, when, millimetres] = [region.value, day.value, typed.value ?? 0]
  const replaced = here.value?.readings.find((r) => r.day === when)
  const kept = await put.mutateAsync({ region: where, day: when, millimetres }).catch(() => undefined)
  if (!kept) return
  // The next length may be on its way already.
  if (typed.value === millimetres) typed.value = undefined
  tell(`${title.value}: ${length(millimetres)} on ${date(when)} is kept.`, () =>
    replaced ? put.mutate({ region: where, ...replaced }) : remove.mutate({ region: where, day: when }),
  )
}
async function takeAway(when: string, millimetres: number) {
  const where = region.value
  await remove.mutateAsync({ region: where, day: when })
  tell(`The reading of ${date(when)} is gone.`, () => put.mutate({ region: where, day: when, millimetres }))
}
</script>

<template>
  <PageState
    :pending="!readings.data.value || !home.data.value"
    :error="readings.error.value"
    @retry="readings.refetch()"
  >
    <div>
      <SubNav label="Coat" :pages="coatPages(dogId)" />
      <div class="with-map">
        <CoatMap :names="names" :dog="drawn" :selected="sections" single @choose="pick" />
        <div v-if="here">
          <h2>Measure</h2>
          <RegionPick :chosen="[region]" :says="longNow" @choose="([one]) => (region = one!)" />
          <form
            class="new grid grid-cols-[280px_1fr] gap-28 items-start max-sm:grid-cols-1"
            novalidate
            @submit.prevent="keep"
          >
            <div>
              <LengthField v-model="typed" :label="`${title}: hair length`" />
              <v-text-field
                v-model="day"
                type="date"
                label="Measured on"
                :max="home.data.value!.today"
                hide-details
                class="day my-12 mx-0"
              />
              <ActKey type="submit" color="primary" size="large" :loading="put.isPending.value"
                >Keep this reading</ActKey
              >
              <div v-if="put.error.value" class="caution" role="alert">
                <strong>{{ messageOf(put.error.value) }}</strong>
                <div v-for="problem in problems" :key="problem.field">{{ problem.message }}</div>
              </div>
            </div>
            <RulerDrawing />
          </form>
          <hr class="seam" />
          <h3>Growth</h3>
          <p class="rate text-xl">
            <b>About {{ length(Math.round(here.growth.millimetresPerDay * 30)) }} in a month</b>,
            {{ growth(here.growth.millimetresPerDay)
            }}<template v-if="here.growth.plusMinus >= 0.02">; surely {{ inAMonth(-1) }} to {{ inAMonth(1) }}</template>
          </p>
          <p v-if="here.growth.doubt" class="caution" :data-rule="here.growth.doubt.rule">
            {{ say(here.growth.doubt.text) }}
          </p>
          <WhyList :reasons="[here.growth.why]" />
          <div v-if="here.readings.length" class="readings flex flex-wrap gap-y-10 gap-x-32 items-start">
            <GrowthChart v-if="here.readings.length > 1" :of="here" />
            <ul class="list-none p-0">
              <li v-for="r in [...here.readings].reverse()" class="min-h-44 flex gap-10 items-center" :key="r.day">
                {{ date(r.day) }} <b>{{ length(r.millimetres) }}</b>
                <button
                  class="dotted min-h-44 text-sm"
                  type="button"
                  :aria-label="`Take away the reading of ${date(r.day)}`"
                  @click="takeAway(r.day, r.millimetres)"
                >
                  take away
                </button>
              </li>
            </ul>
          </div>
          <p v-else class="quiet">No reading here yet. Two, some weeks apart, tell how fast it grows.</p>
        </div>
      </div>
    </div>
  </PageState>
</template>

<style scoped>
.readings svg {
  flex: 1 1 300px;
}
</style>
