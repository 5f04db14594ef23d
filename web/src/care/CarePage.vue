<script setup lang="ts">
import { computed } from 'vue'
import type { JobView } from '@/api/types'
import PageState from '@/shell/PageState.vue'
import { daysAgo, inDays, useUnits } from '@/shell/useUnits'
import { detailsOf } from '@/api/client'
import { useDogView, useView } from '@/api/queries'
import { useWeight } from '@/dog/useWeight'
import WeightStrip from '@/dog/WeightStrip.vue'
import JobSign from './JobSign.vue'
import TeethDays from './TeethDays.vue'
import WhyNotToday from './WhyNotToday.vue'
import { useEvery } from './useCare'
import { carePath, titleOf } from './words'

/** What is due at the table besides brushing, and when the rest comes up. */
const props = defineProps<{ dogId: number }>()

const { date, say } = useUnits()
const care = useDogView('care', () => props.dogId)
const choose = useEvery(() => props.dogId)
const { weight, takeBack } = useWeight(() => props.dogId)
const view = computed(() => care.data.value)
/** What today's plan has minutes for; the same list as at home. */
const home = useView('home')
const asked = computed(() =>
  (home.data.value?.day.care ?? []).filter((turn) => turn.dogId === props.dogId).map((turn) => turn.job),
)
const due = computed(() => view.value?.jobs.filter((job) => asked.value.includes(job.job)) ?? [])
const later = computed(() => view.value?.jobs.filter((job) => !asked.value.includes(job.job)) ?? [])
const takes = (job: JobView) => `${Math.max(1, Math.round(job.minutes))} min`
/** The day that the plan has for it, where time is short later than its turn. */
const week = useView('week')
const planned = (job: JobView) =>
  week.data.value?.days.find(
    (day) => day.day > view.value!.today && day.care.some((turn) => turn.dogId === props.dogId && turn.job === job.job),
  )?.day
function when(job: JobView) {
  const day = planned(job)
  if (job.due) return day ? `${inDays(view.value!.today, day)}, when there are minutes` : 'when there are minutes'
  if (job.doneToday) return job.learning ? 'practised today' : 'done today'
  if (!job.next) return job.last ? `last ${daysAgo(view.value!.today, job.last)}` : 'when you want it'
  return inDays(view.value!.today, day ?? job.next)
}
function keep(job: JobView, days: number, ordered: boolean) {
  const usual = job.choosable.some((choice) => choice.usual && choice.days === days)
  choose.mutate({ job: job.job, days: usual && !ordered ? undefined : days, ordered: ordered && days > 0 })
}
</script>

<template>
  <PageState
    :pending="!view || !home.data.value"
    :error="care.error.value ?? home.error.value"
    @retry="(care.refetch(), home.refetch())"
  >
    <div
      v-if="view"
      class="page grid grid-cols-[1.15fr_minmax(0,1fr)] gap-40 items-start max-[1100px]:grid-cols-1 max-[1100px]:gap-20"
    >
      <div>
        <p v-if="view.damp?.warning" class="caution mb-18" :data-rule="view.damp.warning.rule">
          <strong>It is wet, or was not felt dry everywhere.</strong> {{ say(view.damp.warning.text) }}
          <router-link :to="carePath(dogId, 'BATH')">Feel it place by place</router-link>
        </p>
        <p v-if="view.owedBath" class="caution mb-18" :data-rule="view.owedBath.rule">
          {{ say(view.owedBath.text) }}
          <router-link :to="carePath(dogId, 'BATH')">To the bath</router-link>
        </p>
        <h2>At the table today</h2>
        <p v-if="view.inPeace" :data-rule="view.inPeace.rule">{{ say(view.inPeace.text) }}</p>
        <p v-else-if="!due.length" class="text-xl mt-8 mx-0 mb-16">Nothing is due at the table today.</p>
        <ul class="list-none p-0">
          <li v-for="job in due" :key="job.job">
            <router-link
              class="grid grid-cols-[auto_1fr_auto] gap-18 items-center min-h-88 py-10 px-20 mb-10 border-3 border-primary rounded-cut-lg bg-surface text-inherit no-underline hover:bg-wool max-[1100px]:py-8 max-[1100px]:px-12 max-[1100px]:gap-12"
              :to="carePath(dogId, job.job)"
            >
              <JobSign :job="job.job" />
              <span
                ><b class="slab text-2xl">{{ titleOf(job.job) }}</b>
                <span v-if="job.learning" class="how block"
                  >rung {{ job.standing!.rungNumber }} of 10: {{ job.standing!.rungLabel }}</span
                ><span v-else class="how block">{{ say(job.why.text) }}</span></span
              >
              <span class="font-bold">{{ takes(job) }}</span>
            </router-link>
          </li>
        </ul>
        <hr class="seam" />
        <h2>The other jobs</h2>
        <ul class="later list-none p-0">
          <li v-for="job in later" :key="job.job">
            <router-link
              class="flex items-center gap-14 min-h-56 text-inherit no-underline seam-b"
              :to="carePath(dogId, job.job)"
              ><JobSign :job="job.job" /><b>{{ titleOf(job.job) }}</b
              ><span class="ml-auto">{{ when(job) }}</span></router-link
            ><WhyNotToday
              v-if="job.due && !job.mayNot"
              :dog-id="dogId"
              :job="job.job"
              :title="titleOf(job.job)"
              :today="view.today"
            />
          </li>
        </ul>
        <hr class="seam" />
        <h2>Not at home</h2>
        <ul class="list-none p-0">
          <li v-for="one in view.notAtHome" class="py-4 px-0 max-w-[58ch]" :key="one.rule" :data-rule="one.rule">
            {{ say(one.text) }}
          </li>
        </ul>
      </div>
      <div>
        <h2>Teeth, day by day</h2>
        <TeethDays :days="view.teeth" />
        <hr class="seam" />
        <h2>On the scale</h2>
        <WeightStrip
          v-if="weight.data.value?.weighings.length"
          :weight="weight.data.value"
          :busy="takeBack.isPending.value"
          @take-back="takeBack.mutate($event)"
        />
        <p class="quiet"><router-link :to="`/dogs/${dogId}/dog/looks`">Put it on the scale</router-link></p>
        <hr class="seam" />
        <h2>How often</h2>
        <p class="quiet">
          As is usual, until you choose otherwise. What the dog still learns comes every third day. A vet’s order never
          slips, however short the time.
        </p>
        <table>
          <tbody>
            <tr v-for="job in view.jobs" :key="job.job">
              <th class="text-left font-bold pr-14 whitespace-nowrap" scope="row">{{ titleOf(job.job) }}</th>
              <td class="sm:flex sm:items-center sm:gap-10">
                <v-select
                  class="max-sm:max-w-170 sm:min-w-200"
                  :aria-label="`How often: ${titleOf(job.job)}`"
                  :model-value="job.every"
                  :items="job.choosable"
                  item-value="days"
                  :item-title="(one) => one.label + (one.usual ? ' (usual)' : '')"
                  :disabled="choose.isPending.value"
                  @update:model-value="keep(job, $event, job.ordered)"
                />
                <v-checkbox-btn
                  v-if="job.every"
                  class="flex-none w-130 whitespace-nowrap"
                  :model-value="job.ordered"
                  :disabled="choose.isPending.value"
                  label="vet’s order"
                  :aria-label="`${titleOf(job.job)}: the vet’s order`"
                  @update:model-value="keep(job, job.every, !job.ordered)"
                />
              </td>
              <td class="quiet wrap-anywhere">
                {{ job.last ? `last ${date(job.last)}` : 'not yet'
                }}<template v-if="job.child">; a child may help</template>
              </td>
            </tr>
          </tbody>
        </table>
        <p v-if="choose.error.value" class="caution mb-18" role="alert">
          <strong>{{ detailsOf(choose.error.value) }}</strong>
        </p>
        <p class="foot mt-14">
          <router-link to="/drawer/supplies">What lies ready: shampoo, pads, clippers …</router-link>
        </p>
      </div>
    </div>
  </PageState>
</template>

<style scoped>
.later svg {
  width: 34px;
}
.later a:hover b {
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
table {
  border-spacing: 0 4px;
  width: 100%;
  margin-top: 8px;
}
td + td {
  padding-left: 14px;
}
@media (min-width: 600px) {
  td:has(.vet) {
    white-space: nowrap;
  }
}
@media (max-width: 1099px) {
  td + td {
    display: none;
  }
}
table {
  width: 100%;
}
</style>
