<script setup lang="ts">
import { computed } from 'vue'
import type { Figure } from './figure'
import type { Point } from './landmarks'

/** The lines of face and toes. */
const props = defineProps<{ figure: Figure }>()

const mouth = computed(() => {
  const [a, b, c, d, e] = props.figure.mouth.map((point) => point.join(' '))
  const [x, y] = props.figure.nose
  // A flat face has its mouth beneath the nose, and the corner hangs.
  return props.figure.flat
    ? `M${x + 2} ${y + 18}q2 12 16 14q26 4 34 22M${x + 20} ${y - 34}q14 -6 20 8`
    : `M${a}Q${b} ${c}Q${d} ${e}`
})
const brow = computed(() => {
  const [x, y] = props.figure.eye
  const by = props.figure.eyeSize
  return `M${x - 15 * by} ${y - 14 * by}Q${x - by} ${y - 23 * by} ${x + 17 * by} ${y - 13 * by}`
})
const TOES: readonly Point[] = [
  [352, 650],
  [366, 651],
  [716, 651],
  [732, 652],
]
const toes = computed(() => TOES.map((toe) => `M${props.figure.mark(toe).join(' ')}v-13`).join(''))
</script>

<template>
  <g class="fill-pen pointer-events-none">
    <ellipse :cx="figure.nose[0] + 2" :cy="figure.nose[1] + 5" :rx="17 * figure.noseSize" :ry="14 * figure.noseSize" />
    <path class="fill-none stroke-pen stroke-[3.4] round-ends" :d="mouth" />
    <ellipse :cx="figure.eye[0]" :cy="figure.eye[1]" :rx="8.5 * figure.eyeSize" :ry="9.5 * figure.eyeSize" />
    <circle class="fill-pale-fur" :cx="figure.eye[0] - 3" :cy="figure.eye[1] - 4" :r="2.6 * figure.eyeSize" />
    <path class="fill-none stroke-pen stroke-[3.4] round-ends" :d="brow" />
    <path class="fill-none stroke-pen round-ends stroke-[2.2]" :d="toes" />
  </g>
</template>
