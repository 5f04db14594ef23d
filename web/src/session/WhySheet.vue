<script setup lang="ts">
import WhyItMinds from '@/trust/WhyItMinds.vue'
import OverAll from './OverAll.vue'

/** Why it may mind the brush. */
defineProps<{ dogId: number }>()
defineEmits<{ close: [] }>()
</script>

<template>
  <OverAll label="Why does it mind?" k="w" @close="$emit('close')">
    <h2>Why does it mind the brush?</h2>
    <WhyItMinds :dog-id="dogId" />
  </OverAll>
</template>
