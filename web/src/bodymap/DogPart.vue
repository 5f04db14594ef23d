<script setup lang="ts">
import type { Section } from '@/api/types'
import { AREAS } from './areas'
import { closedCurve } from './geometry'
import { BODY, EARS, EYE, FAR_FRONT_LEG, FAR_HIND_LEG, NOSE, TAILS } from './landmarks'

/** A part of the same dog, looked at closely; what the hands do there is drawn over it by the slot. */
const props = defineProps<{
  /** The window onto the drawing: x, y, width, height. */
  view: string
  /** The places it is about, washed with rust. */
  places: readonly Section[]
  /** The ear is somewhere else and drawn by the slot. */
  earless?: boolean
}>()

const washed = AREAS.filter((area) => props.places.includes(area.section))
const body = closedCurve(BODY)
const farLegs = closedCurve(FAR_FRONT_LEG) + closedCurve(FAR_HIND_LEG)
const clip = `part-${props.view.replace(/\W+/g, '-')}`
</script>

<template>
  <svg :viewBox="view" class="dog-part" aria-hidden="true">
    <defs>
      <clipPath :id="clip"><path :d="body" /></clipPath>
    </defs>
    <ellipse class="ground" cx="560" cy="650" rx="330" ry="10" />
    <path class="far" :class="{ washed: places.includes('HIND_LEG_RIGHT') }" :d="farLegs" />
    <path class="coat" :class="{ washed: places.includes('TAIL_WHOLE') }" :d="closedCurve(TAILS.SABRE.outline)" />
    <path class="coat" :d="body" />
    <g :clip-path="`url(#${clip})`"><path v-for="area in washed" :key="area.section" class="wash" :d="area.path" /></g>
    <path class="line" :d="body" />
    <slot name="behind-ear" />
    <path
      v-if="!earless"
      class="coat"
      :class="{ washed: places.includes('EAR_LEFT') }"
      :d="closedCurve(EARS.HANGING.outline)"
    />
    <g class="face">
      <ellipse :cx="NOSE[0] + 2" :cy="NOSE[1] + 5" rx="17" ry="14" />
      <ellipse :cx="EYE[0]" :cy="EYE[1]" rx="8.5" ry="9.5" />
      <path class="line" d="M104 272Q112 290 150 288Q176 286 192 276" />
    </g>
    <slot />
  </svg>
</template>

<style scoped>
.dog-part {
  display: block;
  width: 100%;
}
.coat {
  fill: rgb(var(--v-theme-fur));
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 2.6;
  stroke-linejoin: round;
}
.far {
  fill: rgb(var(--v-theme-far-fur));
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 2;
}
.line {
  fill: none;
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 2.6;
  stroke-linecap: round;
}
.wash {
  fill: rgba(var(--v-theme-primary), 0.36);
}
.washed {
  fill: color-mix(in srgb, rgb(var(--v-theme-primary)) 36%, rgb(var(--v-theme-fur)));
}
.face {
  fill: rgb(var(--v-theme-pen));
}
.ground {
  fill: rgb(var(--v-theme-ink));
  opacity: 0.1;
}
</style>
