<script setup lang="ts">
import VoiceKey from './VoiceKey.vue'

/** What is in hand, in a word, with the switch of the voice that says it. */
defineProps<{ name: string; speak: string }>()
</script>

<template>
  <div class="which">
    <p class="slab name">{{ name }}</p>
    <VoiceKey :text="speak" />
  </div>
</template>

<style scoped>
.which {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
</style>
