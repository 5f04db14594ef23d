<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { api, ask, messageOf } from '@/api/client'
import KeyButton from '@/shell/KeyButton.vue'
import BigAnswers from './BigAnswers.vue'
import HairHeap from './HairHeap.vue'
import choices from '@/api/choices'
import type { Hair } from '@/api/types'

/** How much the last pass brought out: by eye, or laid on the kitchen scale. */
const emit = defineEmits<{ byEye: [hair: string]; weighed: [grams: number, hair: Hair] }>()

const scale = useMutation({ mutationFn: () => ask(api.GET('/api/kitchen-scale')) })
</script>

<template>
  <BigAnswers question="What did this pass bring out?" :answers="choices.HairOut" @answer="emit('byEye', $event)">
    <template #drawing="{ value }"><HairHeap :of="value" /></template>
  </BigAnswers>
  <div class="flex flex-wrap items-center gap-14 mt-12 text-xl">
    <KeyButton k="w" :disabled="scale.isPending.value" @press="scale.mutate()">Weigh it</KeyButton>
    <template v-if="scale.data.value">
      <span class="slab text-4xl">{{ scale.data.value.grams }} g</span>
      <small v-if="scale.data.value.simulated">a simulated kitchen scale</small>
      <KeyButton k="4" @press="emit('weighed', scale.data.value.grams, scale.data.value.hair)">Take it</KeyButton>
    </template>
    <span v-else-if="scale.error.value" role="alert">{{ messageOf(scale.error.value) }}</span>
  </div>
</template>

<style scoped>
button {
  min-height: 64px;
  padding: 0 22px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 12px 9px 13px 8px;
  background: rgb(var(--v-theme-surface));
}
</style>
