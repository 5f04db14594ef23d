<script setup lang="ts">
import choices from '@/api/choices'
import { computed } from 'vue'
import AnswerStack from './AnswerStack.vue'
import { asksForHistory, type FirstAnswers } from './first'

/** How brushing has been, and when a comb last came to the skin; "nobody knows" is an answer. */
const said = defineModel<FirstAnswers>({ required: true })
defineProps<{ busy: boolean }>()
const emit = defineEmits<{ on: [] }>()

/** Learned here is what no new dog has. */
const HISTORIES = choices.History.filter((one) => one.value !== 'RAISED_HERE')
const ask = computed(() => asksForHistory(said.value))

const histories = computed(() =>
  HISTORIES.map(({ value, title, hint }) => ({ title, hint, press: () => (said.value.history = value) })),
)
const combed = choices.LastCombed.map(({ value, title, hint }) => ({
  title,
  hint,
  press: () => {
    said.value.lastCombed = value
    emit('on')
  },
}))
</script>

<template>
  <AnswerStack v-if="ask" :answers="histories" />
  <AnswerStack v-else :answers="combed" :busy="busy" />
</template>
