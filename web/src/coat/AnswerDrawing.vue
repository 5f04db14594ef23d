<script setup lang="ts">
import type { Answer, CoatKind, Region } from '@/api/types'
import CoatSide from '@/bodymap/CoatSide.vue'
import { dogOf, type DrawnDog } from '@/bodymap/dog'
import { ANSWER_DRAWINGS } from './answerDrawings'
import { REGIONS } from './words'

/** What an owner would see who gives this answer; its words stand beside it. */
defineProps<{ answer: Answer }>()

function dog(
  kind: CoatKind,
  lengths: Partial<Record<Region, number>>,
  short: number,
  shortKind: CoatKind = kind,
): DrawnDog {
  return dogOf(
    Object.fromEntries(
      REGIONS.map(({ value }) => [
        value,
        { kind: lengths[value] ? kind : shortKind, millimetres: lengths[value] ?? short, colour: 'GOLD' as const },
      ]),
    ),
  )
}
/** Where it is long, on the dog. */
const DOGS: Partial<Record<Answer, DrawnDog>> = {
  NOWHERE: dog('SMOOTH', {}, 8),
  ALL_OVER: dog('DROP', {}, 130),
  FRINGES: dog('FEATHERED', { EARS: 90, LEGS: 110, REAR: 110, TAIL: 120, NECK: 40 }, 10, 'SMOOTH'),
  BEARD_AND_LEGS: dog('WIRE', { HEAD: 60, LEGS: 55 }, 10, 'SMOOTH'),
  RUFF_AND_TROUSERS: dog('DOUBLE', { NECK: 110, REAR: 110, TAIL: 110 }, 20),
}
</script>

<template>
  <div v-if="DOGS[answer]" class="block w-full" aria-hidden="true" inert>
    <CoatSide side="LEFT" :names="{}" :dog="DOGS[answer]" still />
  </div>
  <svg v-else class="block w-full" viewBox="0 0 120 80" aria-hidden="true">
    <path
      v-for="(part, i) in ANSWER_DRAWINGS[answer]"
      class="fill-none stroke-ink stroke-[1.8] round-ends round-joins"
      :key="i"
      :class="part.part"
      :d="part.d"
    />
  </svg>
</template>

<style scoped>
.skin {
  fill: #d9a48c;
  stroke: none;
}
.coarse {
  stroke-width: 2.8;
}
.fluff {
  stroke: rgb(var(--v-theme-seam));
  fill: rgba(var(--v-theme-wool), 0.6);
}
.rope {
  fill: rgb(var(--v-theme-fur));
}
.hand {
  fill: #e2b79f;
  stroke-width: 1.4;
}
.water {
  fill: rgb(var(--v-theme-slate));
  stroke: none;
}
.mark {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 3;
}
</style>
