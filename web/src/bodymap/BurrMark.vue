<script setup lang="ts">
import { computed } from 'vue'

/** Burrs on the drawing: how due a section is, by count and by fill, so that colour is not needed. */
const props = defineProps<{ count: number }>()

const PLACES: readonly (readonly [number, number])[][] = [
  [],
  [[0, 0]],
  [
    [-11, 0],
    [11, 0],
  ],
  [
    [-13, 7],
    [13, 7],
    [0, -13],
  ],
  [
    [-12, -12],
    [12, -12],
    [-12, 12],
    [12, 12],
  ],
]
const places = computed(() => PLACES[Math.min(4, props.count)]!)
</script>

<template>
  <g class="burrs" :class="'n' + Math.min(4, count)" transform="scale(0.72)">
    <g v-for="([x, y], i) in places" :key="i" :transform="`translate(${x} ${y})`">
      <path d="M0-11V11M-11 0H11M-7.8-7.8 7.8 7.8M-7.8 7.8 7.8-7.8" />
      <circle r="6.2" />
    </g>
  </g>
</template>

<style scoped>
.burrs path {
  stroke: rgb(var(--v-theme-burr));
  stroke-width: 2.4;
  stroke-linecap: round;
  fill: none;
}
.burrs circle {
  stroke: rgb(var(--v-theme-burr));
  stroke-width: 2.4;
  fill: rgb(var(--v-theme-surface));
}
.n3 circle,
.n4 circle {
  fill: rgb(var(--v-theme-burr));
}
</style>
