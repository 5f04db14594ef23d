<script setup lang="ts">
import type { Section } from '@/api/types'
import CoatSide from '@/bodymap/CoatSide.vue'
import type { DrawnDog } from '@/bodymap/dog'
import PathStrands from './PathStrands.vue'
import { STEPS } from './first'

/** A step of the first path: the dog, how far it has come, and one question. */
defineProps<{
  dog: DrawnDog
  /** Steps that are done. */
  at: number
  place?: Section
  /** What it is called. */
  caption?: string
  /** Whether the question draws the dog itself where there is little room. */
  plain?: boolean
}>()
</script>

<template>
  <div
    class="path grid grid-cols-[1fr_1.15fr] gap-y-20 gap-x-56 items-center min-h-[min(560px,70vh)]"
    :class="{ plain }"
  >
    <figure class="m-0" aria-hidden="true" inert>
      <CoatSide side="LEFT" :names="{}" :dog="dog" :selected="place ? [place] : []" still />
      <figcaption v-if="caption" class="text-center">{{ caption }}</figcaption>
    </figure>
    <section class="min-w-0 max-w-600" aria-labelledby="asked">
      <PathStrands :at="at" :of="STEPS.length + 1" />
      <slot />
    </section>
  </div>
</template>

<style scoped>
figcaption::first-letter {
  text-transform: uppercase;
}
.path :deep(h1) {
  font-size: 2rem;
  margin-bottom: 14px;
  outline: none;
}
/* A phone on its side has the dog beside the question. */
@media (max-width: 899px) and (orientation: landscape) {
  .path {
    grid-template-columns: 200px 1fr;
    gap: 12px 28px;
    align-items: start;
  }
}
@media (max-width: 559px), (max-width: 899px) and (orientation: portrait) {
  .path {
    grid-template-columns: 1fr;
    min-height: 0;
    gap: 6px;
  }
  figure {
    max-width: 230px;
    margin: 0 auto;
  }
  .plain figure {
    display: none;
  }
  .path :deep(h1) {
    font-size: 1.5rem;
    margin-bottom: 10px;
  }
}
</style>
