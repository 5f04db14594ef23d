<script setup lang="ts">
/** How far the first path has come: strands of hair, combed and not. */
defineProps<{ at: number; of: number }>()

const CURLED = 'M2 9C5 2 10 2 10 8s-6 5-4 0S15 2 17 8 27 14 30 9'
const COMBED = 'M2 9C10 7 22 11 30 9'
</script>

<template>
  <p class="strands">
    <svg v-for="i in of" :key="i" viewBox="0 0 32 18" :class="{ done: i <= at, now: i === at + 1 }" aria-hidden="true">
      <path :d="i <= at ? COMBED : CURLED" />
    </svg>
    <span>{{ at < of ? `${at + 1} of ${of}` : 'done' }}</span>
  </p>
</template>

<style scoped>
.strands {
  display: flex;
  align-items: center;
  gap: 4px;
  margin: 0 0 6px;
}
svg {
  width: 34px;
}
path {
  fill: none;
  stroke: rgb(var(--v-theme-seam));
  stroke-width: 2.2;
  stroke-linecap: round;
}
.done path {
  stroke: rgb(var(--v-theme-secondary));
}
.now path {
  stroke: rgb(var(--v-theme-primary));
}
span {
  margin-left: 8px;
  font-size: 0.95rem;
}
</style>
