<script setup lang="ts">
import { onMounted } from 'vue'
import type { SessionView } from '@/api/types'
import ChoiceRow from '@/shell/ChoiceRow.vue'
import KeyButton from '@/shell/KeyButton.vue'
import TickBox from '@/shell/TickBox.vue'
import { useDraft } from '@/shell/useDraft'
import { useUnits } from '@/shell/useUnits'

/** Before the first stroke: what the day decides, what the hands do first. */
const props = defineProps<{
  dogId: number
  sessionId: string
  preparation: NonNullable<SessionView['preparation']>
  lesson: SessionView['lesson']
  knots: string[]
  saving: boolean
}>()
const emit = defineEmits<{ start: []; seen: [] }>()

const { say } = useUnits()
const { draft, start, clear } = useDraft<{ answers: Record<string, string>; done: string[] }>(
  `before:${props.sessionId}`,
)
onMounted(() => start({ answers: {}, done: [] }))

const chosen = (question: (typeof props.preparation.questions)[number]) =>
  question.options.find((option) => option.label === draft.value?.answers[question.id]) ?? question.options[0]!
function toggle(rule: string) {
  draft.value!.done = draft.value!.done.includes(rule)
    ? draft.value!.done.filter((other) => other !== rule)
    : [...draft.value!.done, rule]
}
function begin() {
  clear()
  emit('start')
}
</script>

<template>
  <div v-if="draft" class="before">
    <div class="cols">
      <div>
        <div v-for="question in preparation.questions" :key="question.id">
          <ChoiceRow
            :label="question.text"
            :choices="question.options.map((o) => ({ value: o.label, title: o.label }))"
            :model-value="chosen(question).label"
            @update:model-value="draft.answers[question.id] = $event!"
          />
          <p v-if="chosen(question).caution" class="caution" role="status" :data-rule="chosen(question).caution!.rule">
            {{ say(chosen(question).caution!.text) }}
          </p>
        </div>
      </div>
      <ul>
        <li v-if="lesson" class="lesson" :data-rule="lesson.why.rule">
          {{ say(lesson.why.text) }}
          <router-link :to="`/dogs/${dogId}/tools/lesson?kind=${lesson.kind}`">To the lesson</router-link>
        </li>
        <li v-for="todo in preparation.todo" :key="todo.rule">
          <TickBox :on="draft.done.includes(todo.rule)" @toggle="toggle(todo.rule)">{{ say(todo.text) }}</TickBox>
        </li>
        <li class="knots">
          <b role="status">{{ knots.length ? `Knots felt: ${knots.join(', ')}.` : 'No knot marked yet.' }}</b> Tap the
          map where you feel one; again to take it off.
        </li>
      </ul>
    </div>
    <p class="found">
      <KeyButton k="i" :disabled="saving" @press="emit('seen')">Something seen or felt</KeyButton>
      <router-link :to="`/dogs/${dogId}/trust/fuss`">It cries or objects before anything touches it?</router-link>
    </p>
    <div class="foot">
      <KeyButton k="space" pedal="on" class="next" :disabled="saving" @press="begin">First stroke</KeyButton>
    </div>
  </div>
</template>

<style scoped>
.before {
  display: flex;
  flex-direction: column;
  flex: 1;
}
.cols {
  display: grid;
  grid-template-columns: 1.15fr 1fr;
  gap: 34px;
}
.cols :deep(.choice) {
  grid-template-columns: 96px 1fr;
  margin: 6px 0;
}
.lesson {
  padding: 8px 0 10px;
}
.foot {
  margin-top: auto;
  padding-top: 12px;
}
ul {
  list-style: none;
  padding: 0;
}
li button {
  align-items: flex-start;
}
.caution {
  margin: 4px 0 10px 106px;
  font-size: 0.97rem;
  line-height: 1.3;
}
.found {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 20px;
  margin: 10px 0 0;
  max-width: none;
}
.found button {
  min-height: 52px;
  padding: 4px 16px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 12px 9px 13px 8px;
}
.found a {
  color: inherit;
}
.knots {
  border-top: 1px dashed rgb(var(--v-theme-seam));
  padding-top: 8px;
  margin-top: 6px;
}
@media (max-width: 899px) {
  .cols {
    grid-template-columns: 1fr;
    gap: 10px;
  }
  .caution {
    margin-left: 0;
  }
  .foot {
    position: sticky;
    bottom: 0;
    background: rgb(var(--v-theme-background));
    padding: 8px 0;
  }
}
</style>
