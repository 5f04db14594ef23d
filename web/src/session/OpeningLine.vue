<script setup lang="ts">
import { ref } from 'vue'
import type { SessionView } from '@/api/types'
import { useUnits } from '@/shell/useUnits'
import BeforeList from './BeforeList.vue'
import OverAll from './OverAll.vue'

/** What the hands do first, in a line beside the first step; all of it one touch away. */
defineProps<{
  dogId: number
  sessionId: string
  opening: NonNullable<SessionView['opening']>
  lesson: SessionView['lesson']
  knots: string[]
}>()
const emit = defineEmits<{ open: [open: boolean] }>()

const { say } = useUnits()
const all = ref(false)
function show(open: boolean) {
  all.value = open
  emit('open', open)
}
</script>

<template>
  <p class="opening" :data-rule="opening.brief.rule">
    {{ say(opening.brief.text) }}
    <b v-if="knots.length" role="status">Knots felt: {{ knots.join(', ') }}.</b>
    <button type="button" aria-label="More before the first stroke" @click="show(true)">More</button>
    <router-link v-if="lesson" :to="`/dogs/${dogId}/kit/lesson?kind=${lesson.kind}`">The hand’s lesson</router-link>
  </p>
  <OverAll v-if="all" label="Before the first stroke" k="b" @close="show(false)">
    <h2>Before the first stroke</h2>
    <BeforeList :dog-id="dogId" :session-id="sessionId" :preparation="opening.all" :lesson="lesson" :knots="knots" />
  </OverAll>
</template>

<style scoped>
.opening {
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  align-items: baseline;
  margin: 0 0 8px;
  padding: 2px 0 2px 12px;
  border-left: 5px solid rgb(var(--v-theme-secondary));
  font-size: 1.15rem;
  max-width: none;
}
button,
a {
  min-height: 44px;
  color: inherit;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
a {
  padding-top: 10px;
}
</style>
