<script setup lang="ts">
import { computed } from 'vue'
import type { Section, SessionView, Signal } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import type { Paint } from '@/bodymap/CoatSide.vue'
import { burrWash, matMark } from '@/bodymap/paints'
import { useDrawnCoat } from '@/coat/useCoat'
import { useWhen } from '@/rhythm/useWhen'
import choices from '@/api/choices'
import { choiceOf, labelOf } from '@/api/words'
import { inDays, useUnits } from '@/shell/useUnits'
import { minutes } from '@/shell/useUnits'
import SessionNote from './SessionNote.vue'
import { matSize, outcome } from './words'

/** What was done, and straight to the next date. */
const props = defineProps<{ view: SessionView; names: Partial<Record<Section, string>>; dogName: string }>()
defineEmits<{ undo: [] }>()

const { date, say } = useUnits()
const coat = useDrawnCoat(() => props.view.dogId)
const when = useWhen(() => props.view.dogId)

/** An older session is a story, not something to go on with. */
const old = computed(() => when.data.value !== undefined && props.view.startedAt.slice(0, 10) < when.data.value.today)
const next = computed(() => when.data.value?.plan)
const dueOf = (section: Section) => next.value?.sections.find((s) => s.section === section)
const paint = computed<Partial<Record<Section, Paint>>>(() =>
  Object.fromEntries(
    (next.value?.sections ?? []).map((s) => [
      s.section,
      {
        fill: burrWash(s.burrs),
        burrs: s.burrs > 2 ? s.burrs : 0,
        mat: matMark(props.view.mats.find((mat) => mat.section === s.section)),
      },
    ]),
  ),
)
const signals = computed(() =>
  choices.Signal.map(({ value, title }) => ({
    title: title.toLowerCase(),
    count: props.view.steps.filter((s) => s.signal === value).length,
  }))
    .filter((one) => one.count)
    .map((one) => `${one.title} ${one.count === 1 ? 'once' : `${one.count} times`}`)
    .join(', '),
)
const closed = computed(() => when.data.value?.closed ?? [])
function whenAgain(section: Section) {
  const due = dueOf(section)
  if (due?.state === 'CLOSED') return labelOf('SectionPlanState', 'CLOSED')
  return due?.next ? inDays(when.data.value!.today, due.next) : ''
}
const took = (signal?: Signal) => signal && labelOf('Signal', signal)
</script>

<template>
  <div class="end">
    <div class="with-map">
      <CoatMap :names="names" :coat="coat" :paint="paint" />
      <div>
        <h1>{{ old ? date(view.startedAt) : choiceOf('SessionStateEnd', view.end!).title }}</h1>
        <p v-if="old">{{ choiceOf('SessionStateEnd', view.end!).title }}.</p>
        <p v-if="view.review" class="figures">
          <b class="slab">{{ minutes(view.review.spentSeconds) }}</b> at the brush<template
            v-if="view.review.expectedSeconds"
            >, reckoned {{ minutes(view.review.expectedSeconds) }}</template
          ><template v-if="signals"> · {{ signals }}</template
          ><template v-if="view.treats.given && !old">
            · {{ view.treats.given }} {{ view.treats.given === 1 ? 'treat' : 'treats' }} today</template
          >
        </p>
        <p v-for="advice in old ? [] : view.advice" :key="advice.rule" class="advice">{{ say(advice.text) }}</p>
        <template v-if="next?.next && when.data.value">
          <p class="quiet">Next brushing for {{ dogName }}</p>
          <p class="slab day" data-test="next-date">
            {{ date(next.next) }} <small>{{ inDays(when.data.value.today, next.next) }}</small>
          </p>
          <p>{{ say(next.reason.text) }}</p>
        </template>
        <p v-if="view.review && !old" class="advice" :data-rule="view.review.nextTime.rule">
          <b>One thing to try next time.</b> {{ say(view.review.nextTime.text) }}
        </p>
        <p v-for="one in old ? [] : closed" :key="one.section" class="caution" :data-rule="one.why.rule">
          <strong class="place">{{ names[one.section] }}.</strong> {{ say(one.why.text) }}
        </p>
        <p v-for="mat in view.mats" :key="mat.section" class="caution">
          <strong>A mat stays in:</strong> {{ names[mat.section] }}, since {{ date(mat.since)
          }}<template v-if="mat.found">, {{ say(matSize(mat.found)) }}</template
          >.
        </p>
        <div class="acts">
          <v-btn color="primary" size="large" to="/">Home</v-btn>
          <v-btn v-if="!old" variant="text" @click="$emit('undo')">Undo the last entry</v-btn>
          <v-btn v-else variant="text" :to="`/dogs/${view.dogId}/when/history`">All that was done</v-btn>
        </div>
        <SessionNote :dog-id="view.dogId" :session-id="view.id" :note="view.note" />
        <table>
          <thead>
            <tr>
              <th>Place</th>
              <th>Comb</th>
              <th>The dog</th>
              <th>Next</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="step in view.steps" :key="step.how.section">
              <th scope="row">{{ names[step.how.section] }}</th>
              <td>{{ outcome(step) }}</td>
              <td>{{ took(step.signal) ?? '' }}</td>
              <td>
                {{ whenAgain(step.how.section) }}
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </div>
  </div>
</template>

<style scoped>
.place {
  display: inline-block;
}
.place::first-letter {
  text-transform: uppercase;
}
.end {
  max-width: 1240px;
  margin: 0 auto;
  padding: 24px;
}
.day {
  font-size: 2.2rem;
}
.day small {
  font: 400 1rem var(--sans);
}
.acts {
  display: flex;
  align-items: center;
  gap: 12px;
  margin: 16px 0 22px;
}
.figures b {
  font-size: 1.3rem;
}
.advice {
  border-left: 6px solid rgb(var(--v-theme-heather));
  padding: 6px 14px;
  margin: 10px 0;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  text-align: left;
  font-weight: 400;
}
thead th {
  font-size: 0.88rem;
  opacity: 0.9;
}
td,
tbody th {
  border-top: 1px dashed rgb(var(--v-theme-seam));
  padding: 7px 12px 7px 0;
}
tbody th {
  font-weight: 700;
}
tbody th::first-letter {
  text-transform: uppercase;
}
@media (max-width: 599px) {
  .end {
    padding: 12px 16px;
  }
  td,
  tbody th {
    padding-right: 6px;
    font-size: 0.92rem;
  }
}
</style>
