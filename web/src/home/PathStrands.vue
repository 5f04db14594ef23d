<script setup lang="ts">
/** How far the first path has come: strands of hair, combed and not. */
defineProps<{ at: number; of: number }>()

const CURLED = 'M2 9C5 2 10 2 10 8s-6 5-4 0S15 2 17 8 27 14 30 9'
const COMBED = 'M2 9C10 7 22 11 30 9'
</script>

<template>
  <p class="flex items-center gap-4 mt-0 mx-0 mb-6">
    <svg
      v-for="i in of"
      class="w-34"
      :key="i"
      viewBox="0 0 32 18"
      :class="{ done: i <= at, now: i === at + 1 }"
      aria-hidden="true"
    >
      <path class="fill-none stroke-seam stroke-[2.2] round-ends" :d="i <= at ? COMBED : CURLED" />
    </svg>
    <span class="ml-8 text-md">{{ at < of ? `${at + 1} of ${of}` : 'done' }}</span>
  </p>
</template>

<style scoped>
.done path {
  stroke: rgb(var(--v-theme-secondary));
}
.now path {
  stroke: rgb(var(--v-theme-primary));
}
</style>
