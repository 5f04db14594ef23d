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
  <p
    class="opening flex flex-wrap gap-y-0 gap-x-14 items-baseline mt-0 mx-0 mb-8 pt-2 pr-0 pb-2 pl-12 border-l-5 border-l-secondary text-xl max-w-none"
    :data-rule="opening.brief.rule"
  >
    {{ say(opening.brief.text) }}
    <b v-if="knots.length" role="status">Knots felt: {{ knots.join(', ') }}.</b>
    <button
      class="min-h-64 min-w-64 text-inherit dotted"
      type="button"
      aria-label="More before the first stroke"
      @click="show(true)"
    >
      More
    </button>
    <router-link
      v-if="lesson"
      class="min-h-44 text-inherit dotted pt-10"
      :to="`/dogs/${dogId}/kit/lesson?kind=${lesson.kind}`"
      >The hand’s lesson</router-link
    >
  </p>
  <OverAll v-if="all" label="Before the first stroke" k="b" @close="show(false)">
    <h2>Before the first stroke</h2>
    <BeforeList :dog-id="dogId" :session-id="sessionId" :preparation="opening.all" :lesson="lesson" :knots="knots" />
  </OverAll>
</template>
