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
  <p class="passes">
    <span v-for="(one, i) in passes.directions" :key="one" class="one">
      <span v-if="i" class="then">then</span>
      <svg viewBox="0 0 52 36" aria-hidden="true">
        <path class="hair" d="M4 6l14 7M22 4l14 7M6 22l14 7M28 18l14 7" />
        <path class="go" :d="ARROWS[one]" /></svg
      >{{ WORDS[one] }}
    </span>
    <span v-if="passes.finish !== 'AS_IT_IS'">In the end {{ labelOf('Finish', passes.finish) }}.</span>
    <span class="sr">{{ says }}</span>
  </p>
</template>

<style scoped>
.passes {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  max-width: none;
}
.one {
  display: inline-flex;
  align-items: center;
  gap: 8px;
}
.then {
  opacity: 0.86;
  margin-right: 4px;
}
svg {
  width: 46px;
}
path {
  fill: none;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.hair {
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.6;
  opacity: 0.45;
}
.go {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 3.4;
}
.sr {
  position: absolute;
  clip-path: inset(50%);
}
</style>
