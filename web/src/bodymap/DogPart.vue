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
  <svg :viewBox="view" class="block w-full" aria-hidden="true">
    <defs>
      <clipPath :id="clip"><path :d="body" /></clipPath>
    </defs>
    <ellipse class="ground fill-ink opacity-10" cx="560" cy="650" rx="330" ry="10" />
    <path
      class="fill-far-fur stroke-pen stroke-[2]"
      :class="{ washed: places.includes('HIND_LEG_RIGHT') }"
      :d="farLegs"
    />
    <path
      class="fill-fur stroke-pen stroke-[2.6] round-joins"
      :class="{ washed: places.includes('TAIL_WHOLE') }"
      :d="closedCurve(TAILS.SABRE.outline)"
    />
    <path class="fill-fur stroke-pen stroke-[2.6] round-joins" :d="body" />
    <g :clip-path="`url(#${clip})`">
      <path v-for="area in washed" :key="area.section" class="fill-primary/36" :d="area.path" />
    </g>
    <path class="fill-none stroke-pen stroke-[2.6] round-ends" :d="body" />
    <slot name="behind-ear" />
    <path
      v-if="!earless"
      class="fill-fur stroke-pen stroke-[2.6] round-joins"
      :class="{ washed: places.includes('EAR_LEFT') }"
      :d="closedCurve(EARS.HANGING.outline)"
    />
    <g class="fill-pen">
      <ellipse :cx="NOSE[0] + 2" :cy="NOSE[1] + 5" rx="17" ry="14" />
      <ellipse :cx="EYE[0]" :cy="EYE[1]" rx="8.5" ry="9.5" />
      <path class="fill-none stroke-pen stroke-[2.6] round-ends" d="M104 272Q112 290 150 288Q176 286 192 276" />
    </g>
    <slot />
  </svg>
</template>

<style scoped>
.washed {
  fill: color-mix(in srgb, rgb(var(--v-theme-primary)) 36%, rgb(var(--v-theme-fur)));
}
</style>
