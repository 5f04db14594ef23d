<script setup lang="ts">
import MethodCard from '@/routine/MethodCard.vue'
import type { Method } from '@/routine/useMethods'
import OverAll from './OverAll.vue'

/** The cards for the place in hand. */
defineProps<{ methods: Method[] }>()
defineEmits<{ close: [] }>()
</script>

<template>
  <OverAll label="How it is done" k="?" @close="$emit('close')">
    <MethodCard v-for="method in methods" :key="method" :method="method" />
  </OverAll>
</template>

<style scoped>
.card + .card {
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding-top: 20px;
  margin-top: 20px;
}
</style>
