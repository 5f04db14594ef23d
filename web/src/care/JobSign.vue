<script setup lang="ts">
import type { CareJob } from '@/api/types'

/** A small drawing for each job, with one pen. */
defineProps<{ job: CareJob }>()

const PATHS: Record<CareJob, string> = {
  // A flat hand that strokes over a back.
  LOOK_OVER:
    'M4 33C12 26 28 26 44 33M14 24V14q0-3 3-3t3 3v6M20 20v-9q0-3 3-3t3 3v9M26 20v-7q0-3 3-3t3 3v9q0 6-6 6h-8l-7-6q-1-3 2-3l3 2',
  // A molar.
  TEETH:
    'M13 11q5-4 11-1q6-3 11 1q4 5 1 13q-2 4-2 9q-1 7-4 7q-3 0-4-8q-1-3-2-3t-2 3q-1 8-4 8q-3 0-4-7q0-5-2-9q-3-8 1-13Z',
  EYES: 'M5 25q9-13 19-13t19 13q-9 12-19 12T5 25ZM24 18a7 7 0 1 0 .1 0M24 23a2 2 0 1 0 .1 0',
  // A hanging ear.
  EARS: 'M10 9q10-5 20 1q9 7 8 18q-1 11-9 13q-6 1-9-6q-3-7-4-14q-2-7-6-12ZM18 13q8 2 10 10q2 7-1 13',
  FEET: 'M15 31q0-9 9-9t9 9q0 8-9 8t-9-8ZM10 22q-3-5 0-7q4 1 4 7q-1 3-4 0ZM18 15q-2-6 2-7q4 2 2 8q-2 2-4-1ZM30 15q2-6-2-7q-4 2-2 8q2 2 4-1ZM38 22q3-5 0-7q-4 1-4 7q1 3 4 0Z',
  // One claw at its toe.
  NAILS: 'M8 24q2-12 14-12q9 0 12 8q9 1 8 15q-4-6-11-6q-6 4-14 2q-8-1-9-7ZM31 29q4-4 3-9',
  BATH: 'M5 25h38q0 14-12 14H17Q5 39 5 25ZM12 39l-2 4M36 39l2 4M14 6q5 6 0 9q-5-3 0-9ZM25 9q5 6 0 9q-5-3 0-9ZM36 6q5 6 0 9q-5-3 0-9Z',
}
</script>

<template>
  <svg class="w-48 flex-none" viewBox="0 0 48 48" aria-hidden="true">
    <path class="fill-none stroke-current stroke-[2.4] round-ends round-joins" :d="PATHS[job]" />
  </svg>
</template>
