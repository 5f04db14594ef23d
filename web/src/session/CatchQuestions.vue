<script setup lang="ts">
import { computed, ref } from 'vue'
import { useUnits } from '@/shell/useUnits'
import BigAnswers from './BigAnswers.vue'
import CatchDrawing from './CatchDrawing.vue'
import { CATCH_QUESTIONS, type Found } from './words'

/** Four quick looks when the comb catches; what makes the rest needless ends them early. */
const emit = defineEmits<{ found: [found: Found] }>()

const seen = ref<Partial<Found>>({})
const { say } = useUnits()
const question = computed(() => CATCH_QUESTIONS.find((q) => !(q.about in seen.value))!)
const answers = computed(() => question.value.answers.map((a) => ({ ...a, hint: a.hint && say(a.hint) })))

function answer(value: string) {
  const now = { ...seen.value, [question.value.about]: value }
  // Skin in trouble, or nothing to feel: the other looks change nothing.
  if (now.skin && now.skin !== 'SOUND') Object.assign(now, { lump: now.lump ?? 'NONE', beneath: 'FREE', spread: 'ONE' })
  if (now.lump === 'NONE') Object.assign(now, { beneath: 'FREE', spread: 'ONE' })
  seen.value = now
  if (now.skin && now.lump && now.beneath && now.spread) emit('found', now as Found)
}
</script>

<template>
  <BigAnswers
    v-if="question"
    :question="question.question"
    :answers="answers"
    :columns="question.answers.length > 3 ? 2 : 1"
    @answer="answer"
  >
    <template #drawing="{ value }"><CatchDrawing :of="value" /></template>
  </BigAnswers>
</template>
