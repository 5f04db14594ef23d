<script setup lang="ts">
import { computed } from 'vue'
import type { Answer, CoatKind, Finding, ObservationView } from '@/api/types'
import { choiceOf, labelOf } from '@/api/words'
import { useUnits } from '@/shell/useUnits'
import AnswerDrawing from './AnswerDrawing.vue'
import ActKey from '@/shell/ActKey.vue'

/** What the observations say so far: the likely kinds side by side, and what would decide between them. */
const props = defineProps<{ finding: Finding; answered: number; keyOf: ObservationView[] }>()
defineEmits<{ take: [which: number]; look: [observation: ObservationView['observation']] }>()

const { say } = useUnits()
const two = computed(() => props.finding.likely.length > 1)
const deciding = computed(() => props.keyOf.find((o) => o.observation === props.finding.decider?.observation))
const rest = computed(() => [
  { title: labelOf('Density', props.finding.density.value), ...props.finding.density },
  {
    title: `${{ SILKY: 'silky', SOFT: 'soft', CURLY: 'curled', HARSH: 'harsh' }[props.finding.texture.value]} to the touch`,
    ...props.finding.texture,
  },
  { title: props.finding.undercoat.value ? 'with undercoat' : 'no undercoat', ...props.finding.undercoat },
])
const sides = computed<{ kind: CoatKind; answer: Answer }[]>(() => {
  const { likely, decider } = props.finding
  return decider
    ? [
        { kind: likely[0]!.kind, answer: decider.forFirst },
        { kind: likely[1]!.kind, answer: decider.forSecond },
      ]
    : []
})
</script>

<template>
  <aside class="cloth" aria-live="polite" aria-label="So far">
    <p v-if="!answered" class="py-20 px-6 text-lg">
      Look, feel, and tap what you find. After two or three answers the coat begins to show here.
    </p>
    <template v-else>
      <p class="quiet">{{ two ? 'Two are likely' : 'It looks like' }}</p>
      <div class="likely" :class="{ two }">
        <section v-for="(one, i) in finding.likely" :key="one.kind">
          <h3 class="text-2xl m-0">
            {{ labelOf('CoatKind', one.kind) }}
            <small
              class="font-sans font-normal text-sm leading-plain border-[1.5px] border-seam rounded-plain py-0 px-7 ml-4 whitespace-nowrap"
              >{{ labelOf('FindingSureness', one.sureness) }}</small
            >
          </h3>
          <p class="italic text-md leading-tight">{{ choiceOf('CoatKind', one.kind).hint }}</p>
          <p class="why text-md leading-snug">{{ say(one.why.text) }}</p>
          <button
            v-if="two && answered > 1"
            type="button"
            class="mt-6 min-h-44 py-4 px-14 border-[1.5px] border-ink rounded-cut-sm"
            @click="$emit('take', i)"
          >
            Take {{ labelOf('CoatKind', one.kind) }}
          </button>
        </section>
      </div>
      <div v-if="finding.decider && deciding" class="seam-t mt-12 pt-10">
        <p><b>What would decide:</b> {{ deciding.question }}</p>
        <div class="grid grid-cols-2 gap-14 mt-6">
          <figure v-for="side in sides" :key="side.kind">
            <AnswerDrawing :answer="side.answer" />
            <figcaption class="text-sm leading-tight">
              {{ choiceOf('Answer', side.answer).title }}: <b>{{ labelOf('CoatKind', side.kind) }}</b>
            </figcaption>
          </figure>
        </div>
        <button type="button" class="link font-bold" @click="$emit('look', finding.decider!.observation)">
          {{ finding.decider.answered ? 'Look once more' : 'Look now' }}
        </button>
      </div>
      <ul class="rest list-none py-8 px-0 mt-10 seam-t">
        <li v-for="item in rest" class="my-6 mx-0 leading-snug" :key="item.title">
          <b class="inline-block">{{ item.title }}</b>
          <small
            class="font-sans font-normal text-sm leading-plain border-[1.5px] border-seam rounded-plain py-0 px-7 ml-4 whitespace-nowrap"
            >{{ labelOf('FindingSureness', item.sureness) }}</small><span class="block text-sm">{{
            say(item.why.text)
          }}</span>
        </li>
      </ul>
      <p v-if="finding.limits" class="caution"><strong>What we can do:</strong> {{ say(finding.limits.text) }}</p>
      <ActKey v-if="!two && answered > 1" color="primary" size="large" @click="$emit('take', 0)">Take this coat</ActKey>
    </template>
  </aside>
</template>

<style scoped>
.cloth > * {
  position: relative;
  z-index: 1;
}
h3::first-letter {
  text-transform: uppercase;
}
.likely.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
}
.rest b::first-letter {
  text-transform: uppercase;
}
</style>
