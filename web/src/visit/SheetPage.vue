<script setup lang="ts">
import facts from '@/api/facts'
import { computed } from 'vue'
import { detailsOf } from '@/api/client'
import { useSections } from '@/api/queries'
import type { Section } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import { matMark, type Paint } from '@/bodymap/paints'
import { useDrawnDog } from '@/coat/useCoat'
import { useDog } from '@/dog/useDogs'
import { labelOf, subjectLabel } from '@/api/words'
import { closedTogether } from '@/rhythm/closed'
import { matSize } from '@/rhythm/words'
import CardTitle from '@/shell/CardTitle.vue'
import PageState from '@/shell/PageState.vue'
import { useDraft } from '@/shell/useDraft'
import { useNotice } from '@/shell/useNotice'
import { daysAgo, useUnits } from '@/shell/useUnits'
import CareLines from './CareLines.vue'
import { useHandOver } from './useVisits'
import ActKey from '@/shell/ActKey.vue'

/** One page for the groomer: the coat, what was combed when, mats, what the dog minds and what helps. */
const props = defineProps<{ dogId: number }>()

const { names } = useSections()
const { date, length, weighed, say } = useUnits()
const { tell } = useNotice()
const dog = useDog(() => props.dogId)
const drawn = useDrawnDog(() => props.dogId)
const { sheet, setWords } = useHandOver(() => props.dogId)
const view = computed(() => sheet.data.value)
const { draft, start, clear } = useDraft<{ wish: string; health: string }>(`hand-over-${props.dogId}`)
const paint = computed<Partial<Record<Section, Paint>>>(() =>
  Object.fromEntries((view.value?.mats ?? []).map((mat) => [mat.section, { mat: matMark(mat), says: 'a mat' }])),
)
/** Places combed on the same day together, the longest ago first. */
const combed = computed(() => {
  const days = new Map<string, string[]>()
  for (const one of view.value?.combed ?? [])
    days.set(one.lastClear ?? '', [...(days.get(one.lastClear ?? '') ?? []), names.value[one.section] ?? ''])
  return [...days].sort((a, b) => a[0].localeCompare(b[0]))
})

const allOver = computed(() => view.value?.closed.some((place) => place.everywhere))
const groups = computed(() =>
  closedTogether(view.value?.closed ?? []).map((group) => ({
    why: group.closed.why,
    places: group.places.map((place) => names.value[place.section]).join('; ') || 'all of the dog',
  })),
)
/** That it growled, snapped or bit, where, and who has looked since. */
const warned = computed(() =>
  (view.value?.warned ?? []).map((one) => {
    const at = [
      one.sections.map((section) => names.value[section]).join('; '),
      one.subject && subjectLabel(one.subject),
      one.job && labelOf('CareJob', one.job),
    ].filter(Boolean)
    return {
      text: `On ${date(one.day)} it ${labelOf('Warning', one.warning)}${at.length ? `: ${at.join(', ')}` : ''}.`,
      opened:
        one.opened &&
        `Seen on ${date(one.opened.day)} by ${labelOf('SeenByWho', one.opened.who)}${one.opened.words ? `: ${one.opened.words}` : '.'}`,
    }
  }),
)

async function keep() {
  const before = { wish: view.value!.wish, health: view.value!.health }
  if (!(await setWords.mutateAsync(draft.value!).catch(() => undefined))) return
  clear()
  tell('Kept on the sheet.', () => {
    draft.value = { ...before }
    setWords.mutate(before)
  })
}
</script>

<template>
  <PageState :pending="!view || !dog.data.value" :error="sheet.error.value" @retry="sheet.refetch()">
    <div
      v-if="view && dog.data.value"
      class="print:text-[11pt]"
      @vue:mounted="start({ wish: view.wish, health: view.health })"
    >
      <CardTitle
        >{{ dog.data.value.form.name }}, for the groomer<template v-if="view.next"
          >, {{ date(view.next) }}</template
        ></CardTitle
      >
      <p>
        {{ [dog.data.value.form.breed, weighed(dog.data.value.form)].filter(Boolean).join(', ') }}. As of
        {{ date(view.today) }}.
      </p>
      <div
        class="cols grid grid-cols-[minmax(260px,26%)_1fr_1fr] gap-y-16 gap-x-34 items-start mt-10 max-md:grid-cols-1"
      >
        <CoatMap :names="names" :dog="drawn" :paint="paint" still />
        <div>
          <h3>Hair</h3>
          <p class="cap">
            {{ view.lengths.map((line) => `${line.label} ${length(Math.round(line.millimetres))}`).join(', ') }}.
          </p>
          <template v-if="view.closed.length || view.jobs.length || view.warned.length">
            <h3>Please take care</h3>
            <ul>
              <li v-for="one in warned" :key="one.text" class="warned">
                <b>{{ one.text }}</b> {{ one.opened }}
              </li>
              <li v-for="one in groups" :key="one.why.text">
                <b class="cap">{{ one.places }}:</b> {{ say(one.why.text) }}
              </li>
              <li v-for="one in allOver ? [] : view.jobs" :key="one.job">
                <b class="cap">{{ labelOf('CareJob', one.job) }}:</b> {{ say(one.why.text) }}
              </li>
            </ul>
          </template>
          <h3>Mats</h3>
          <p v-if="!view.mats.length">None that we found.</p>
          <ul v-else>
            <li v-for="mat in view.mats" :key="mat.section">
              <b>{{ names[mat.section] }}</b>, since {{ date(mat.since)
              }}<template v-if="mat.found">, {{ say(matSize(mat.found)) }}</template>
            </li>
          </ul>
          <p v-if="view.likely.length">
            Likely by now, please feel for them first:
            <b>{{ view.likely.map((section) => names[section]).join('; ') }}</b>.
          </p>
          <p v-for="one in view.talk" :key="one.rule" class="border-l-5 border-l-heather pt-3 pr-0 pb-3 pl-12">
            {{ say(one.text) }}
          </p>
          <h3>Last combed to the skin</h3>
          <ul class="combed">
            <li v-for="[day, at] in combed" :key="day">
              <b>{{ day ? `${date(day)}, ${daysAgo(view.today, day)}` : 'not in the last year' }}</b>:
              {{ at.length > 8 ? `${at.length} places` : at.join('; ') }}
            </li>
          </ul>
        </div>
        <div>
          <CareLines :dog-id="dogId" />
          <h3>What helps</h3>
          <ul>
            <li v-for="one in view.helps" :key="one.rule">{{ say(one.text) }}</li>
          </ul>
          <template v-if="view.heed.length || view.health"
            ><h3>Skin and health</h3>
            <ul>
              <li v-for="one in view.heed" :key="one.rule">{{ say(one.text) }}</li>
              <li v-if="view.health">{{ view.health }}</li>
            </ul></template
          >
          <template v-if="view.wish"
            ><h3>Our wish</h3>
            <p>{{ view.wish }}</p></template
          >
          <form v-if="draft" class="no-print words grid gap-14 my-14 mx-0" @submit.prevent="keep">
            <v-textarea v-model="draft.health" label="Skin and health, in your words" :maxlength="facts.longestText" />
            <v-textarea v-model="draft.wish" label="Your wish" :maxlength="facts.longestText" />
            <ActKey type="submit" color="secondary" :loading="setWords.isPending.value">Keep</ActKey>
            <p v-if="setWords.error.value" class="caution" role="alert">
              <strong>{{ detailsOf(setWords.error.value) }}</strong>
            </p>
          </form>
        </div>
      </div>
    </div>
  </PageState>
</template>

<style scoped>
.cols :deep(h3) {
  margin-top: 12px;
}
.cols :deep(h3:first-child) {
  margin-top: 0;
}
.cols :deep(ul) {
  padding-left: 18px;
}
.cols :deep(li) {
  margin: 3px 0;
}
.cols :deep(li::marker) {
  content: '– ';
}
b::first-letter,
.cap::first-letter {
  text-transform: uppercase;
}
@media print {
  .cols {
    grid-template-columns: 5cm 1fr 1fr;
    gap: 0.5cm;
  }
}
</style>
