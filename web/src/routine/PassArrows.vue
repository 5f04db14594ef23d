<script setup lang="ts">
import { computed } from 'vue'
import type { RoutinePlaceView } from '@/api/types'
import { labelOf } from '@/api/words'

/** The directions of the passes over lying hair, one after the other; the last one finishes. */
const props = defineProps<{ passes: RoutinePlaceView['passes'] }>()

type Direction = RoutinePlaceView['passes']['directions'][number]
const WORDS: Record<Direction, string> = { WITH_LIE: 'with the lie', AGAINST_LIE: 'against the lie', ACROSS: 'across' }
const ARROWS: Record<Direction, string> = {
  WITH_LIE: 'M8 8L44 26M35 27L45 26 41 17',
  AGAINST_LIE: 'M44 26L8 8M17 7L7 8 11 17',
  ACROSS: 'M18 32L34 4M25 7L34 3 36 13',
}
const says = computed(() => props.passes.directions.map((direction) => WORDS[direction]).join(', then '))
</script>

<template>
  <p class="passes flex flex-wrap gap-y-4 gap-x-12 items-center max-w-none">
    <span v-for="(one, i) in passes.directions" :key="one" class="one inline-flex items-center gap-8">
      <span v-if="i" class="then opacity-88 mr-4">then</span>
      <svg class="w-46" viewBox="0 0 52 36" aria-hidden="true">
        <path
          class="hair fill-none round-ends round-joins stroke-ink stroke-[1.6] opacity-45"
          d="M4 6l14 7M22 4l14 7M6 22l14 7M28 18l14 7"
        />
        <path class="fill-none round-ends round-joins stroke-primary stroke-[3.4]" :d="ARROWS[one]" /></svg
      >{{ WORDS[one] }}
    </span>
    <span v-if="passes.finish !== 'AS_IT_IS'">In the end {{ labelOf('Finish', passes.finish) }}.</span>
    <span class="sr absolute clipped">{{ says }}</span>
  </p>
</template>
