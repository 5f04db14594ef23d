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
    <div v-if="view" class="page">
      <div>
        <p v-if="view.damp?.warning" class="caution" :data-rule="view.damp.warning.rule">
          <strong>It is wet, or was not felt dry everywhere.</strong> {{ say(view.damp.warning.text) }}
          <router-link :to="carePath(dogId, 'BATH')">Feel it place by place</router-link>
        </p>
        <p v-if="view.owedBath" class="caution" :data-rule="view.owedBath.rule">
          {{ say(view.owedBath.text) }}
          <router-link :to="carePath(dogId, 'BATH')">To the bath</router-link>
        </p>
        <h2>At the table today</h2>
        <p v-if="view.inPeace" :data-rule="view.inPeace.rule">{{ say(view.inPeace.text) }}</p>
        <p v-else-if="!due.length" class="none">Nothing is due at the table today.</p>
        <ul class="due">
          <li v-for="job in due" :key="job.job">
            <router-link :to="carePath(dogId, job.job)">
              <JobSign :job="job.job" />
              <span
                ><b class="slab">{{ titleOf(job.job) }}</b>
                <span v-if="job.learning" class="how"
                  >rung {{ job.standing!.rungNumber }} of 10: {{ job.standing!.rungLabel }}</span
                ><span v-else class="how">{{ say(job.why.text) }}</span></span
              >
              <span class="takes">{{ takes(job) }}</span>
            </router-link>
          </li>
        </ul>
        <hr class="seam" />
        <h2>The other jobs</h2>
        <ul class="later">
          <li v-for="job in later" :key="job.job">
            <router-link :to="carePath(dogId, job.job)"
              ><JobSign :job="job.job" /><b>{{ titleOf(job.job) }}</b
              ><span>{{ when(job) }}</span></router-link
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
        <ul class="not">
          <li v-for="one in view.notAtHome" :key="one.rule" :data-rule="one.rule">{{ say(one.text) }}</li>
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
              <th scope="row">{{ titleOf(job.job) }}</th>
              <td>
                <select
                  :aria-label="`How often: ${titleOf(job.job)}`"
                  :value="job.every"
                  :disabled="choose.isPending.value"
                  @change="keep(job, Number(($event.target as HTMLSelectElement).value), job.ordered)"
                >
                  <option v-for="one in job.choosable" :key="one.days" :value="one.days">
                    {{ one.label }}{{ one.usual ? ' (usual)' : '' }}
                  </option>
                </select>
                <label v-if="job.every" class="vet"
                  ><input
                    type="checkbox"
                    :checked="job.ordered"
                    :disabled="choose.isPending.value"
                    :aria-label="`${titleOf(job.job)}: the vet’s order`"
                    @change="keep(job, job.every, !job.ordered)"
                  />
                  vet’s order</label
                >
              </td>
              <td class="quiet">
                {{ job.last ? `last ${date(job.last)}` : 'not yet'
                }}<template v-if="job.child">; a child may help</template>
              </td>
            </tr>
          </tbody>
        </table>
        <p v-if="choose.error.value" class="caution" role="alert">
          <strong>{{ detailsOf(choose.error.value) }}</strong>
        </p>
        <p class="foot"><router-link to="/drawer/supplies">What lies ready: shampoo, pads, clippers …</router-link></p>
      </div>
    </div>
  </PageState>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: 1.15fr minmax(0, 1fr);
  gap: 40px;
  align-items: start;
}
.caution {
  margin-bottom: 18px;
}
ul {
  list-style: none;
  padding: 0;
}
.due a {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 18px;
  align-items: center;
  min-height: 88px;
  padding: 10px 20px;
  margin-bottom: 10px;
  border: 3px solid rgb(var(--v-theme-primary));
  border-radius: 16px 12px 18px 11px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  text-decoration: none;
}
.due a:hover {
  background: rgb(var(--v-theme-wool));
}
.due b {
  font-size: 1.35rem;
}
.how {
  display: block;
}
.takes {
  font-weight: 700;
}
.vet {
  display: inline-flex;
  vertical-align: middle;
  gap: 8px;
  align-items: center;
  min-height: 44px;
  white-space: nowrap;
  cursor: pointer;
}
.vet input {
  width: 20px;
  height: 20px;
  accent-color: rgb(var(--v-theme-secondary));
}
.not li {
  padding: 4px 0;
  max-width: 58ch;
}
.none {
  font-size: 1.2rem;
  margin: 8px 0 16px;
}
.later a {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 56px;
  color: inherit;
  text-decoration: none;
  border-bottom: 1px dashed rgb(var(--v-theme-seam));
}
.later svg {
  width: 34px;
}
.later span {
  margin-left: auto;
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
th {
  text-align: left;
  font-weight: 700;
  padding-right: 14px;
  white-space: nowrap;
}
select {
  min-height: 44px;
  padding: 4px 10px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 9px 7px 10px 6px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  font: inherit;
}
td + td {
  padding-left: 14px;
}
.foot {
  margin-top: 14px;
}
@media (min-width: 600px) {
  td:has(.vet) {
    white-space: nowrap;
  }
  td select {
    min-width: 12.4em;
  }
  .vet {
    margin-left: 14px;
  }
}
@media (max-width: 1099px) {
  .page {
    grid-template-columns: 1fr;
    gap: 20px;
  }
  .due a {
    padding: 8px 12px;
    gap: 12px;
  }
  td + td {
    display: none;
  }
}
table {
  width: 100%;
}
td.quiet {
  overflow-wrap: anywhere;
}
select {
  max-width: 150px;
}
</style>
