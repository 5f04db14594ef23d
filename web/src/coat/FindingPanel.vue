<script setup lang="ts">
import { computed } from 'vue'
import type { Answer, CoatKind, Finding, ObservationView } from '@/api/types'
import { choiceOf, labelOf } from '@/api/words'
import { useUnits } from '@/shell/useUnits'
import AnswerDrawing from './AnswerDrawing.vue'

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
    <p v-if="!answered" class="start">
      Look, feel, and tap what you find. After two or three answers the coat begins to show here.
    </p>
    <template v-else>
      <p class="quiet">{{ two ? 'Two are likely' : 'It looks like' }}</p>
      <div class="likely" :class="{ two }">
        <section v-for="(one, i) in finding.likely" :key="one.kind">
          <h3>
            {{ labelOf('CoatKind', one.kind) }} <small>{{ labelOf('FindingSureness', one.sureness) }}</small>
          </h3>
          <p class="by">{{ choiceOf('CoatKind', one.kind).hint }}</p>
          <p class="why">{{ say(one.why.text) }}</p>
          <button v-if="two && answered > 1" type="button" class="take" @click="$emit('take', i)">
            Take {{ labelOf('CoatKind', one.kind) }}
          </button>
        </section>
      </div>
      <div v-if="finding.decider && deciding" class="decides">
        <p><b>What would decide:</b> {{ deciding.question }}</p>
        <div class="sides">
          <figure v-for="side in sides" :key="side.kind">
            <AnswerDrawing :answer="side.answer" />
            <figcaption>
              {{ choiceOf('Answer', side.answer).title }}: <b>{{ labelOf('CoatKind', side.kind) }}</b>
            </figcaption>
          </figure>
        </div>
        <button type="button" class="link" @click="$emit('look', finding.decider!.observation)">
          {{ finding.decider.answered ? 'Look once more' : 'Look now' }}
        </button>
      </div>
      <ul class="rest">
        <li v-for="item in rest" :key="item.title">
          <b>{{ item.title }}</b> <small>{{ labelOf('FindingSureness', item.sureness) }}</small><span>{{
            say(item.why.text)
          }}</span>
        </li>
      </ul>
      <p v-if="finding.limits" class="caution"><strong>What we can do:</strong> {{ say(finding.limits.text) }}</p>
      <v-btn v-if="!two && answered > 1" color="primary" size="large" @click="$emit('take', 0)">Take this coat</v-btn>
    </template>
  </aside>
</template>

<style scoped>
.cloth > * {
  position: relative;
  z-index: 1;
}
.start {
  padding: 20px 6px;
  font-size: 1.05rem;
}
h3 {
  font-size: 1.3rem;
  margin: 0;
}
h3::first-letter {
  text-transform: uppercase;
}
small {
  font: 400 0.88rem var(--sans);
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 6px;
  padding: 0 7px;
  margin-left: 4px;
  white-space: nowrap;
}
.likely.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
}
.by {
  font-style: italic;
  font-size: 0.95rem;
  line-height: 1.25;
}
.why {
  font-size: 0.93rem;
  line-height: 1.3;
}
.take {
  margin-top: 6px;
  min-height: 44px;
  padding: 4px 14px;
  border: 1.5px solid rgb(var(--v-theme-ink));
  border-radius: 9px 7px 10px 6px;
}
.decides {
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  margin-top: 12px;
  padding-top: 10px;
}
.sides {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
  margin-top: 6px;
}
figcaption {
  font-size: 0.9rem;
  line-height: 1.2;
}
.link {
  font-weight: 700;
}
.rest {
  list-style: none;
  padding: 8px 0;
  margin-top: 10px;
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
}
.rest li {
  margin: 6px 0;
  line-height: 1.3;
}
.rest b {
  display: inline-block;
}
.rest b::first-letter {
  text-transform: uppercase;
}
.rest span {
  display: block;
  font-size: 0.9rem;
}
</style>
