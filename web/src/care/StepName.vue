<script setup lang="ts">
import VoiceKey from './VoiceKey.vue'

/** What is in hand, in a word, with the switch of the voice that says it. */
defineProps<{ name: string; speak: string }>()
</script>

<template>
  <div class="flex justify-between items-center gap-12">
    <p class="slab name">{{ name }}</p>
    <VoiceKey :text="speak" />
  </div>
</template>
