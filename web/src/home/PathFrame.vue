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
  <div class="path" :class="{ plain }">
    <figure aria-hidden="true" inert>
      <CoatSide side="LEFT" :names="{}" :dog="dog" :selected="place ? [place] : []" still />
      <figcaption v-if="caption">{{ caption }}</figcaption>
    </figure>
    <section aria-labelledby="asked">
      <PathStrands :at="at" :of="STEPS.length + 1" />
      <slot />
    </section>
  </div>
</template>

<style scoped>
.path {
  display: grid;
  grid-template-columns: 1fr 1.15fr;
  gap: 20px 56px;
  align-items: center;
  min-height: min(560px, 70vh);
}
figure {
  margin: 0;
}
figcaption {
  text-align: center;
}
figcaption::first-letter {
  text-transform: uppercase;
}
section {
  min-width: 0;
  max-width: 600px;
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
    font-size: 1.6rem;
    margin-bottom: 10px;
  }
}
</style>
