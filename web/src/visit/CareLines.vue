<script setup lang="ts">
import { computed } from 'vue'
import { useDogView, useSections } from '@/api/queries'
import { choiceOf, labelOf, lookWords, subjectLabel } from '@/api/words'
import { useUnits } from '@/shell/useUnits'

/** What the groomer or the vet should know of nails, ears, skin: as said at the table at home. */
const props = defineProps<{ dogId: number }>()

const { date, say } = useUnits()
const { names } = useSections()
const sheet = useDogView('care-sheet', () => props.dogId)
const view = computed(() => sheet.data.value)
/** Places where it has come as far with the same tool, together. */
const minds = computed(() => {
  const alike = new Map<string, string[]>()
  for (const one of view.value?.minds ?? []) {
    const so = `${subjectLabel(one.subject)}: so far “${one.rungLabel}”`
    alike.set(so, [...(alike.get(so) ?? []), names.value[one.section!] ?? ''])
  }
  return [...alike]
})
</script>

<template>
  <template v-if="view">
    <h3>What it minds</h3>
    <p v-if="!minds.length">Nothing in particular: it is brushed everywhere at home.</p>
    <ul v-else>
      <li v-for="[so, at] in minds" :key="so">
        <b>{{ at.join('; ') }}</b>, {{ so }}
      </li>
    </ul>
    <h3>At the table at home</h3>
    <ul>
      <li v-for="one in view.done" :key="one.job">
        {{ choiceOf('CareJob', one.job).title }}: <b>{{ one.last ? date(one.last) : 'not at home' }}</b>
      </li>
      <li v-for="one in view.tooShort" :key="`${one.paw}${one.toe}`">
        Cut too short last time: {{ labelOf('Paw', one.paw) }}, {{ one.toe ? `toe ${one.toe}` : 'dew claw' }}
      </li>
      <li v-for="one in view.learning" :key="one.subject">
        Still learning {{ subjectLabel(one.subject) }}: so far “{{ one.rungLabel }}”
      </li>
    </ul>
    <template v-if="view.open.length || view.askTheVet">
      <h3>For a vet to see, or to feel for</h3>
      <ul>
        <li v-if="view.askTheVet">{{ say(view.askTheVet.text) }}</li>
        <li v-for="one in view.open" :key="one.entry">
          <b>{{ names[one.section] }}</b>, {{ date(one.day) }}:
          {{ lookWords(one) }}
          <img
            v-if="one.photo"
            class="block max-w-180 max-h-140 my-4 mx-0 rounded-plain"
            :src="`/api/dogs/${dogId}/looks/photos/${one.photo}`"
            :alt="`${names[one.section]}, ${date(one.day)}`"
          />
        </li>
      </ul>
    </template>
  </template>
</template>
