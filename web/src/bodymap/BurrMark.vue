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
  <g :class="'n' + Math.min(4, count)" transform="scale(0.72)">
    <g v-for="([x, y], i) in places" :key="i" :transform="`translate(${x} ${y})`">
      <path
        class="stroke-burr stroke-[2.4] round-ends fill-none"
        d="M0-11V11M-11 0H11M-7.8-7.8 7.8 7.8M-7.8 7.8 7.8-7.8"
      />
      <circle class="stroke-burr stroke-[2.4] fill-surface" r="6.2" />
    </g>
  </g>
</template>

<style scoped>
.n3 circle,
.n4 circle {
  fill: rgb(var(--v-theme-burr));
}
</style>
