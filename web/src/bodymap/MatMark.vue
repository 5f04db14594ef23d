<script setup lang="ts">
/** A mat left in the hair: a felted patch, larger for a larger one, with loose ends. */
const props = defineProps<{ lump: string }>()

const SCALES: Record<string, number> = { NONE: 0.5, UP_TO_10_MM: 0.65, UP_TO_20_MM: 0.9, OVER_20_MM: 1.25 }
const scale = SCALES[props.lump] ?? 0.9
</script>

<template>
  <g class="mat" :transform="`scale(${scale})`">
    <path
      class="fill-burr stroke-pen stroke-[2.4] round-joins round-ends"
      d="M-18 4q-6-12 6-16 4-10 16-6 14-2 14 10 8 8-2 16-8 10-20 6-12 2-14-10Z"
    />
    <path
      class="stroke-[2.4] round-joins round-ends fill-none stroke-pale-fur"
      d="M-10-2q8 6 18 0M-8 6q10 4 18-2M-20 10l-6 6M16 12l8 6M14-12l6-8"
    />
  </g>
</template>
