<script setup lang="ts">
import { computed } from 'vue'
import type { Section } from '@/api/types'
import LayerSketch from '@/routine/LayerSketch.vue'
import type { How } from './phrases'
import StrokeRhythm from './StrokeRhythm.vue'

/** How it is parted, and the calm rhythm of the strokes. */
const props = defineProps<{
  places: readonly How[]
  now?: { place?: Section; layer?: number }
  /** Said beside it already. */
  strokesSaid?: boolean
}>()

/** Of the place that the voice is at, or of the one with most layers. */
const drawn = computed(
  () =>
    props.places.find((place) => place.section === props.now?.place) ??
    [...props.places].sort((a, b) => b.layers.count - a.layers.count)[0]!,
)
</script>

<template>
  <div class="drawing flex items-center gap-18 text-xl mt-18 max-md:m-0 max-md:gap-10">
    <LayerSketch
      v-if="drawn.parted"
      :layers="drawn.layers"
      :done="(now?.layer ?? 1) - 1"
      class="sketch flex-[0_0_112px] max-md:basis-68"
    />
    <p>
      <span v-if="drawn.parted" class="how max-md:hidden"
        >{{
          drawn.layers.parting === 'STRIPS'
            ? 'Push it back until skin shows, strip by strip'
            : 'Part it to the skin, layer by layer'
        }}, from the bottom up.
      </span>
      <b v-if="!strokesSaid" class="max-md:hidden">At most {{ drawn.strokesAtMost }} strokes on a spot.</b>
      <StrokeRhythm :strokes="drawn.strokesAtMost" />
    </p>
  </div>
</template>

<style scoped>
.drawing :deep(figcaption) {
  display: none;
}
.drawing :deep(.rhythm) {
  margin-left: 0;
}
/* The words stand with the step there. */
@media (max-width: 899px) {
  .drawing :deep(.rhythm) {
    flex-direction: column;
    gap: 2px;
  }
}
@media (max-height: 700px) {
  .sketch {
    display: none;
  }
}
</style>
