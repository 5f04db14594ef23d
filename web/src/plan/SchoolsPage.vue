<script setup lang="ts">
import { computed } from 'vue'
import { messageOf } from '@/api/client'
import { useDogView, useSections } from '@/api/queries'
import type { SchoolQuestionView, SchoolView } from '@/api/types'
import { useEvery } from '@/care/useCare'
import { kitPages } from '@/kit/pages'
import { placesInShort } from '@/kit/places'
import { useSchools } from '@/kit/useKit'
import { about, MOST_MATS } from '@/shell/numbers'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import { useNotice } from '@/shell/useNotice'
import TheWord from '@/shell/TheWord.vue'

const props = defineProps<{ dogId: number }>()

const { names, named } = useSections()
const { tell } = useNotice()
const { schools, choose } = useSchools(() => props.dogId)
const chosen = computed(() => schools.data.value?.chosen)
/** How often it is bathed is one of the jobs' intervals. */
const care = useDogView('care', () => props.dogId)
const every = useEvery(() => props.dogId)
const bath = computed(() => care.data.value?.jobs.find((job) => job.job === 'BATH'))
const BATHS = [7, 14, 28, 42, 0]
const baths = computed(() =>
  bath.value!.choosable.filter((one) => BATHS.includes(one.days) || one.days === bath.value!.every),
)
const aMonth = (days: number) =>
  days ? `about ${Math.round((bath.value!.minutes * 30.4) / days)} min a month, drying in it` : 'nothing is planned'

const inDaysEvery = (days: number) => (days === 1 ? 'every day' : `every ${days} days`)

async function change(field: string, value?: string) {
  const before = chosen.value!
  const kept = await choose.mutateAsync({ ...before, [field]: value }).catch(() => undefined)
  if (kept) tell('Kept for this dog; tools, minutes and what to buy follow.', () => choose.mutate(before))
}

/** What another school would change for this dog, before it is chosen. */
function changes({ question, schools: all }: SchoolQuestionView, school: SchoolView): string[] {
  if (school.chosen) return ['chosen']
  if (question === 'MATS' || question === 'LOOSENER') return ['where a lump is found']
  if (question === 'LOOP') return ['what is said before the table']
  if (question === 'EAR_HAIR') return ['the last step at the ears']
  if (school.turn)
    return [
      `${Math.max(1, Math.round(school.turn.minutes))} min ${school.turn.days ? inDaysEvery(school.turn.days) : 'when you want it'}`,
    ]
  if (school.week)
    return [
      `about ${about(school.week.sessions, 7)} sessions and ${Math.round(school.week.minutes)} min a week, ${about(school.week.mats, MOST_MATS)} small mats a month`,
    ]
  const before = all.find((one) => one.chosen)!.minutes
  const minutes = school.minutes === before ? '' : `, ${school.minutes} min for all of it instead of ${before}`
  if (question === 'ORDER')
    return [`from ${names.value[school.first!]} to ${names.value[school.last!]}${minutes}`].filter(() => school.first)
  if (question === 'STRUCTURE')
    return [
      school.passes.length
        ? `${school.passes.join(', ')}, then the comb place by place${minutes}`
        : `each place with its tools, then the next${minutes}`,
    ]
  if (!school.places.length) return [`changes nothing on this dog as things are${minutes}`]
  return [
    `${school.places.length === 1 ? '1 place' : `${school.places.length} places`}${minutes}`,
    ...school.tools
      .slice(0, 2)
      .map((tool) => `${placesInShort(tool.sections, named.value, 3)}: ${tool.to} instead of ${tool.from}`),
  ]
}
</script>

<template>
  <PageState :pending="!chosen" :error="schools.error.value" @retry="schools.refetch()">
    <div v-if="chosen" class="page">
      <SubNav label="Kit" :pages="kitPages(dogId)" />
      <h2>Where practitioners disagree</h2>
      <p>
        Each way, or <TheWord of="school" />, has good hands behind it. What you choose is kept for this dog; you can
        change it any day.
      </p>
      <p v-if="choose.error.value" class="caution" role="alert">
        <strong>Not kept.</strong> {{ messageOf(choose.error.value) }}
      </p>
      <details v-for="question in schools.data.value!.questions" :key="question.field" class="seam-t pb-8">
        <summary class="py-12 cursor-pointer">
          <h3 :id="`school-${question.field}`" class="inline m-0">{{ question.title }}</h3>
          <span class="ml-14">{{ question.schools.find((school) => school.chosen)?.title }}</span>
        </summary>
        <p class="quiet m-0 mb-8">{{ question.why }}</p>
        <div class="grid gap-6" role="group" :aria-labelledby="`school-${question.field}`">
          <button
            v-for="school in question.schools"
            :key="school.value ?? ''"
            type="button"
            class="school"
            :aria-pressed="school.chosen"
            @click="change(question.field, school.value)"
          >
            <span
              ><b>{{ school.title }}</b
              ><br />{{ school.hint }}</span
            >
            <span class="grid content-start gap-2"
              ><small v-for="text in changes(question, school)" class="text-sm" :key="text">{{ text }}</small></span
            >
          </button>
        </div>
      </details>
      <details v-if="bath" class="seam-t pb-8">
        <summary class="py-12 cursor-pointer">
          <h3 id="school-bath" class="inline m-0">How often it is bathed</h3>
          <span class="ml-14">{{ baths.find((one) => one.days === bath!.every)?.label }}</span>
        </summary>
        <p class="quiet m-0 mb-8">
          Clean hair breaks less; a bath over a tangle tightens it. Never before the comb runs free.
        </p>
        <div class="grid gap-6" role="group" aria-labelledby="school-bath">
          <button
            v-for="one in baths"
            :key="one.days"
            type="button"
            class="school"
            :aria-pressed="one.days === bath.every"
            @click="every.mutate({ job: 'BATH', days: one.usual ? undefined : one.days, ordered: false })"
          >
            <b>{{ one.label }}</b><span class="grid content-start gap-2"
              ><small class="text-sm">{{ one.days === bath.every ? 'chosen' : aMonth(one.days) }}</small></span
            >
          </button>
        </div>
      </details>
      <section class="question grid grid-cols-[minmax(200px,280px)_1fr] gap-y-8 gap-x-28 py-18 px-0 seam-t">
        <h3 class="mt-0 mx-0 mb-4">Not a choice</h3>
        <ul class="m-0 pl-20 max-w-[68ch]">
          <li>
            De-shedding blades: some use one daily, most warn that it cuts guard hair and scratches. Left to a
            professional.
          </li>
          <li>
            Mat breakers: some pick a bad knot apart with one; they cut, and the pulling burns the skin. Left to a
            professional.
          </li>
        </ul>
      </section>
    </div>
  </PageState>
</template>

<style scoped>
.school {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 24px;
  text-align: left;
  padding: 6px 14px 8px;
  min-height: 48px;
  line-height: 1.35;
  border-left: 6px solid rgb(var(--v-theme-seam));
  border-radius: 4px 12px 12px 4px;
}
.school:hover {
  background: rgb(var(--v-theme-surface));
}
.school[aria-pressed='true'] {
  background: rgb(var(--v-theme-wool));
  border-left-color: rgb(var(--v-theme-primary));
}
@media (max-width: 799px) {
  .question,
  .school {
    grid-template-columns: 1fr;
  }
}
</style>
