<script setup lang="ts">
import { onMounted } from 'vue'
import type { SessionView } from '@/api/types'
import ChoiceRow from '@/shell/ChoiceRow.vue'
import TickBox from '@/shell/TickBox.vue'
import { useDraft } from '@/shell/useDraft'
import { useUnits } from '@/shell/useUnits'

/** What the day decides, and what the hands do first; what was ticked stays so while the session lasts. */
const props = defineProps<{
  dogId: number
  sessionId: string
  preparation: NonNullable<SessionView['preparation']>
  lesson: SessionView['lesson']
  knots: string[]
}>()

const { say } = useUnits()
const { draft, start, clear } = useDraft<{ answers: Record<string, string>; done: string[] }>(
  `before:${props.sessionId}`,
)
onMounted(() => start({ answers: {}, done: [] }))
defineExpose({ clear })

const chosen = (question: (typeof props.preparation.questions)[number]) =>
  question.options.find((option) => option.label === draft.value?.answers[question.id]) ?? question.options[0]!
function toggle(rule: string) {
  draft.value!.done = draft.value!.done.includes(rule)
    ? draft.value!.done.filter((other) => other !== rule)
    : [...draft.value!.done, rule]
}
</script>

<template>
  <div v-if="draft" class="cols grid grid-cols-[1.15fr_1fr] gap-34 max-md:grid-cols-1 max-md:gap-10">
    <div>
      <div v-for="question in preparation.questions" :key="question.id">
        <ChoiceRow
          :label="question.text"
          :choices="question.options.map((o) => ({ value: o.label, title: o.label }))"
          :model-value="chosen(question).label"
          @update:model-value="draft.answers[question.id] = $event!"
        />
        <p
          v-if="chosen(question).caution"
          class="caution mt-4 mr-0 mb-10 ml-106 text-md leading-snug max-md:ml-0"
          role="status"
          :data-rule="chosen(question).caution!.rule"
        >
          {{ say(chosen(question).caution!.text) }}
        </p>
      </div>
    </div>
    <ul class="list-none p-0">
      <li v-if="lesson" class="lesson pt-8 px-0 pb-10" :data-rule="lesson.why.rule">
        {{ say(lesson.why.text) }}
        <router-link :to="`/dogs/${dogId}/kit/lesson?kind=${lesson.kind}`">To the lesson</router-link>
      </li>
      <li v-for="todo in preparation.todo" :key="todo.rule">
        <TickBox :on="draft.done.includes(todo.rule)" @toggle="toggle(todo.rule)">{{ say(todo.text) }}</TickBox>
      </li>
      <li class="knots seam-t pt-8 mt-6">
        <b role="status">{{ knots.length ? `Knots felt: ${knots.join(', ')}.` : 'No knot marked yet.' }}</b> Tap the map
        where you feel one; again to take it off.
      </li>
    </ul>
  </div>
</template>

<style scoped>
.cols :deep(.row) {
  grid-template-columns: 96px 1fr;
  margin: 6px 0;
}
li button {
  align-items: flex-start;
}
</style>
