<script setup lang="ts">
import { computed } from 'vue'
import type { Layers } from '@/api/types'
import { labelOf } from '@/api/words'
import { useUnits } from '@/shell/useUnits'

/** The partings of a section seen from the side, worked from the bottom upward. */
const props = defineProps<{
  layers: Layers
  /** Layers brushed already; absent: the first is shown as an example. */ done?: number
}>()

const { length } = useUnits()
const SHOWN_AT_MOST = 12
const shown = computed(() => Math.min(SHOWN_AT_MOST, props.layers.count))
const gap = computed(() => 120 / shown.value)
/** Which of the layers drawn is in hand, from 1; many layers share the few that are drawn. */
const inHand = computed(() =>
  Math.min(shown.value, Math.floor(((props.done ?? 0) * shown.value) / props.layers.count) + 1),
)
const says = computed(() =>
  props.layers.count === 1
    ? 'One pass reaches the skin.'
    : `${props.layers.count} ${labelOf('Parting', props.layers.parting)}s of about ${length(Math.round(props.layers.thicknessMm))}, from the bottom upward.`,
)
</script>

<template>
  <figure class="m-0 w-150">
    <svg viewBox="0 0 150 146" role="img" :aria-label="says">
      <path class="skin" d="M22 6V140" />
      <g v-for="i in shown" :key="i">
        <path
          class="lock fill-none stroke-ink stroke-[3] round-ends opacity-60"
          :class="{ first: i === inHand && shown > 1, done: i < inHand }"
          :d="`M24 ${136 - (i - 0.5) * gap}Q80 ${128 - (i - 0.5) * gap} ${118 - (i % 2) * 6} ${Math.min(142, 140 - (i - 1) * gap)}`"
        />
      </g>
      <path v-if="shown > 1" class="fill-none stroke-ink stroke-[2.5] round-ends" d="M138 130V30M131 40l7-11 7 11" />
    </svg>
    <figcaption class="text-sm leading-tight">{{ says }}</figcaption>
  </figure>
</template>

<style scoped>
.skin {
  stroke: #c98b70;
  stroke-width: 8;
  stroke-linecap: round;
  fill: none;
}
.lock.first {
  stroke: rgb(var(--v-theme-primary));
  opacity: 1;
  stroke-width: 5;
}
.lock.done {
  stroke: rgb(var(--v-theme-secondary));
  opacity: 1;
}
</style>
