<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { api, ask, saysWhat } from '@/api/client'
import BigAnswers from './BigAnswers.vue'
import HairHeap from './HairHeap.vue'
import { HAIR_ANSWERS } from './words'

/** How much the last pass brought out: by eye, or laid on the kitchen scale. */
const emit = defineEmits<{ byEye: [hair: string]; weighed: [grams: number] }>()

const scale = useMutation({ mutationFn: () => ask(api.GET('/api/kitchen-scale')) })
</script>

<template>
  <BigAnswers question="What did this pass bring out?" :answers="HAIR_ANSWERS" @answer="emit('byEye', $event)">
    <template #drawing="{ value }"><HairHeap :of="value" /></template>
  </BigAnswers>
  <div class="scale">
    <button type="button" data-key="w" :disabled="scale.isPending.value" @click="scale.mutate()">
      Weigh it <kbd>w</kbd>
    </button>
    <template v-if="scale.data.value">
      <span class="slab">{{ scale.data.value.grams }} g</span>
      <small v-if="scale.data.value.simulated">a simulated kitchen scale</small>
      <button type="button" data-key="4" @click="emit('weighed', scale.data.value.grams)">Take it <kbd>4</kbd></button>
    </template>
    <span v-else-if="scale.error.value" role="alert">{{ saysWhat(scale.error.value) }}</span>
  </div>
</template>

<style scoped>
.scale {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 14px;
  margin-top: 12px;
  font-size: 1.2rem;
}
.scale .slab {
  font-size: 1.8rem;
}
button {
  min-height: 64px;
  padding: 0 22px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 12px 9px 13px 8px;
  background: rgb(var(--v-theme-surface));
}
kbd {
  font: 400 0.85rem var(--sans);
  border: 1.5px solid currentColor;
  border-radius: 5px;
  padding: 0 6px;
  margin-left: 8px;
}
</style>
