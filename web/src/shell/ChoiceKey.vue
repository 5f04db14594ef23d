<script setup lang="ts">
/** One of a few choices, taken or not: a piece of cloth that is stitched along its edge once it is taken. */
defineProps<{ on: boolean }>()
</script>

<template>
  <button type="button" class="choice" :aria-pressed="on"><slot /></button>
</template>
