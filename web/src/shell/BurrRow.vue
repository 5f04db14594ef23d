<script setup lang="ts">
import { computed } from 'vue'

/** Burrs in a line of text: the chance of a mat against what the owner accepts, 3 as much, 4 a mat likely. */
const props = defineProps<{ count: number }>()
const words = ['fresh', 'on its way', 'nearly as much as you accept', 'as much as you accept', 'a mat likely']
const label = computed(() => `${props.count} of 4 burrs, ${words[props.count]}`)
</script>

<template>
  <svg class="row" viewBox="-12 -12 100 24" role="img" :aria-label="label">
    <g v-for="i in 4" :key="i" :transform="`translate(${(i - 1) * 25} 0)`" :class="{ on: i <= count }">
      <path v-if="i <= count" class="stroke-burr stroke-[2.4] round-ends" d="M0-10V10M-10 0H10M-7-7 7 7M-7 7 7-7" />
      <circle class="fill-seam" :r="i <= count ? 6 : 2.4" />
    </g>
  </svg>
</template>

<style scoped>
.row {
  width: 76px;
  height: 18px;
  vertical-align: -3px;
  flex: none;
}
.on circle {
  fill: rgb(var(--v-theme-burr));
}
</style>
