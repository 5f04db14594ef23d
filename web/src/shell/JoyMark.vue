<script setup lang="ts">
/** A tail that wags: a comb ran free everywhere. Still for whoever wants less motion. */
</script>

<template>
  <svg class="joy" viewBox="0 0 64 48" aria-hidden="true">
    <path class="tail" d="M10 40C24 42 34 36 38 24C40 17 45 11 54 9C52 20 47 33 36 40C28 45 18 45 10 40Z" />
    <path class="air" d="M46 4q5-3 11-2M58 22q3 4 3 9" />
  </svg>
</template>

<style scoped>
.joy {
  width: 64px;
}
.tail {
  fill: rgb(var(--v-theme-gold-fur));
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 2.2;
  stroke-linejoin: round;
  transform-origin: 12px 42px;
  animation: wag 0.5s ease-in-out 6 alternate;
}
.air {
  fill: none;
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 2.2;
  stroke-linecap: round;
}
@keyframes wag {
  to {
    transform: rotate(-24deg);
  }
}
</style>
