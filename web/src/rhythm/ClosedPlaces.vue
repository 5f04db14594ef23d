<script setup lang="ts">
import facts from '@/api/facts'
import { computed, ref } from 'vue'
import { detailsOf } from '@/api/client'
import { useSections } from '@/api/queries'
import type { ClosedJobView, ClosedView } from '@/api/types'
import { labelOf } from '@/api/words'
import { useNotice } from '@/shell/useNotice'
import { useUnits } from '@/shell/useUnits'
import { closedTogether } from './closed'
import { useSeen } from './useWhen'

/** What somebody must see: nothing is done there until it is said that they did. */
const props = withDefaults(
  defineProps<{ dogId: number; closed?: readonly ClosedView[]; jobs?: readonly ClosedJobView[] }>(),
  { closed: () => [], jobs: () => [] },
)

const { names } = useSections()
const { say } = useUnits()
const { tell } = useNotice()
const { seen, notSeen, everywhere, job } = useSeen(() => props.dogId)
const words = ref<Record<string, string>>({})
const saving = computed(() => [seen, everywhere, job].some((change) => change.isPending.value))
const failed = computed(() => seen.error.value ?? everywhere.error.value ?? job.error.value)

/** All of the dog first, then place by place, then the jobs. */
const rows = computed(() => [
  ...closedTogether(props.closed)
    .filter((group) => !group.places.length)
    .map(({ closed }) => ({ ...closed, key: `all${closed.who}`, name: 'All of the dog', open: openAll })),
  ...props.closed
    .filter((one) => !one.everywhere)
    .map((one) => ({
      ...one,
      key: one.section + one.who,
      name: names.value[one.section] ?? '',
      open: (row: Told) => openPlace(one.section, row),
    })),
  ...props.jobs
    .filter(() => !props.closed.some((one) => one.everywhere))
    .map((one) => ({
      ...one,
      key: one.job + one.who,
      name: labelOf('CareJob', one.job),
      open: (row: Told) => openJob(one.job, row),
    })),
])
type Told = { key: string; who: ClosedView['who'] }
const told = (row: Told) => ({ who: row.who, words: words.value[row.key] ?? '' })

async function openPlace(section: ClosedView['section'], row: Told) {
  if (await seen.mutateAsync({ section, ...told(row) }).catch(() => undefined))
    tell(`Open again: ${names.value[section]}.`, () => notSeen.mutate(section))
}
async function openAll(row: Told) {
  if (await everywhere.mutateAsync(told(row)).catch(() => undefined)) tell('Open again: all of the dog.')
}
async function openJob(which: ClosedJobView['job'], row: Told) {
  if (await job.mutateAsync({ job: which, ...told(row) }).catch(() => undefined))
    tell(`Open again: ${labelOf('CareJob', which)}.`)
}
</script>

<template>
  <section
    v-if="rows.length"
    class="border-2 border-primary rounded-cut py-10 px-16 mt-0 mx-0 mb-18"
    aria-labelledby="closed"
  >
    <h3 id="closed">Closed until somebody has looked</h3>
    <article v-for="one in rows" :key="one.key">
      <p :data-rule="one.why.rule">
        <b>{{ one.name }}.</b> {{ say(one.why.text) }}
      </p>
      <form class="no-print flex flex-wrap gap-8 mt-6 mx-0 mb-4" @submit.prevent="one.open(one)">
        <v-text-field
          v-model="words[one.key]"
          class="flex-[1_1_220px]"
          :maxlength="facts.longestText"
          :aria-label="`What ${labelOf('SeenByWho', one.who)} said of it`"
          :placeholder="one.who === 'ADULT' ? 'Why it may be opened' : `What ${labelOf('SeenByWho', one.who)} said`"
        />
        <button type="submit" :disabled="saving">
          {{ one.who === 'ADULT' ? 'Open it again' : `${labelOf('SeenByWho', one.who)} has seen it` }}
        </button>
      </form>
    </article>
    <p v-if="failed" class="caution" role="alert">
      <strong>{{ detailsOf(failed) }}</strong>
    </p>
  </section>
</template>

<style scoped>
b::first-letter,
button::first-letter {
  text-transform: uppercase;
}
button {
  min-height: 44px;
  padding: 4px 16px;
  font-weight: 700;
  border: 1.5px solid rgb(var(--v-theme-ink));
  border-radius: 9px 8px 10px 7px;
}
</style>
