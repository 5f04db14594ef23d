<script setup lang="ts">
import { computed } from 'vue'
import { messageOf } from '@/api/client'
import { useSections } from '@/api/queries'
import type { SchoolQuestionView, SchoolView } from '@/api/types'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import { useNotice } from '@/shell/useNotice'
import { toolPages } from './pages'
import { placesInShort } from './places'
import { useSchools } from './useKit'

const props = defineProps<{ dogId: number }>()

const { names, named } = useSections()
const { tell } = useNotice()
const { schools, choose } = useSchools(() => props.dogId)
const chosen = computed(() => schools.data.value?.chosen)

async function change(field: string, value?: string) {
  const before = chosen.value!
  const kept = await choose.mutateAsync({ ...before, [field]: value }).catch(() => undefined)
  if (kept) tell('Kept for this dog; tools, minutes and what to buy follow.', () => choose.mutate(before))
}

/** What another school would change for this dog, before it is chosen. */
function changes({ question, schools: all }: SchoolQuestionView, school: SchoolView): string[] {
  if (school.chosen) return ['chosen']
  if (question === 'MATS' || question === 'LOOSENER') return ['where a lump is found']
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
      <SubNav label="Tools" :pages="toolPages(dogId)" />
      <h2>Where practitioners disagree</h2>
      <p>Each way has good hands behind it. What you choose is kept for this dog; you can change it any day.</p>
      <p v-if="choose.error.value" class="caution" role="alert">
        <strong>Not kept.</strong> {{ messageOf(choose.error.value) }}
      </p>
      <section v-for="question in schools.data.value!.questions" :key="question.field" class="question">
        <div>
          <h3 :id="`school-${question.field}`">{{ question.title }}</h3>
          <p class="quiet">{{ question.why }}</p>
        </div>
        <div class="schools" role="group" :aria-labelledby="`school-${question.field}`">
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
            <span class="changes"
              ><small v-for="text in changes(question, school)" :key="text">{{ text }}</small></span
            >
          </button>
        </div>
      </section>
      <section class="question">
        <h3>Decided elsewhere</h3>
        <ul>
          <li>The direction of the brush goes by the coat and by the place: thin skin, ears and face have one way.</li>
          <li>
            Strokes go from the ends inward wherever something holds, always; from the root outward only in a layer that
            runs free.
          </li>
          <li>The whole dog, or some places each day: what your minutes hold, on <em>When</em> and in the week.</li>
          <li>How often it is bathed, and one claw a day or all of them: on <em>Care</em>.</li>
          <li>
            Hair inside the ear is left alone, or a groomer’s or a vet’s: plucking hurts, and sore ears are never
            plucked.
          </li>
          <li>A dog is brushed free, with a helper at its head; where a loop is used it is never left alone in it.</li>
          <li>
            Two tools are not a choice. De-shedding blades: some use one daily, most warn that it cuts guard hair and
            scratches. Mat breakers: some pick a bad knot apart with one; they cut, and the pulling burns the skin. Both
            are left to a professional.
          </li>
        </ul>
      </section>
    </div>
  </PageState>
</template>

<style scoped>
.question {
  display: grid;
  grid-template-columns: minmax(200px, 280px) 1fr;
  gap: 8px 28px;
  padding: 18px 0;
  border-top: 1px dashed rgb(var(--v-theme-seam));
}
.question h3 {
  margin: 0 0 4px;
}
.question p {
  margin: 0;
}
.question ul {
  margin: 0;
  padding-left: 20px;
  max-width: 68ch;
}
.schools {
  display: grid;
  gap: 6px;
}
.school {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 24px;
  text-align: left;
  padding: 6px 14px 8px;
  min-height: 48px;
  line-height: 1.3;
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
.changes {
  display: grid;
  align-content: start;
  gap: 2px;
}
.school small {
  font-size: 0.9rem;
}
@media (max-width: 799px) {
  .question,
  .school {
    grid-template-columns: 1fr;
  }
}
</style>
