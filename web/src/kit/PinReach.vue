<script setup lang="ts">
import { computed, useId } from 'vue'
import { useUnits } from '@/shell/useUnits'

/** Skin, hair and pins to scale, from real millimetres: why pins do or do not reach the skin. */
const props = defineProps<{ hairMm: number; pinMm: number; layerMm?: number }>()

const { length } = useUnits()
const id = useId()
const HEIGHT = 150
const SKIN_Y = 172
/** Pixels per millimetre, the same for hair and pins. */
const scale = computed(() => HEIGHT / Math.max(props.hairMm, props.pinMm + 6, 40))
const hairTop = computed(() => SKIN_Y - props.hairMm * scale.value)
const pinTop = computed(() => SKIN_Y - Math.max(props.hairMm, props.pinMm) * scale.value)
const pinTip = computed(() => pinTop.value + props.pinMm * scale.value)
const reaches = computed(() => props.pinMm >= props.hairMm)
const strands = Array.from({ length: 30 }, (_, i) => ({ x: 14 + i * 10.6, lean: ((i * 37) % 11) - 5, cut: ((i * 53) % 9) / 60 }))
const says = computed(() => reaches.value
  ? `Pins of ${length(Math.round(props.pinMm))} reach the skin through hair of ${length(props.hairMm)}.`
  : `Pins of ${length(Math.round(props.pinMm))} stop ${length(Math.round(props.hairMm - props.pinMm))} above the skin in hair of ${length(props.hairMm)}: part it.`)
</script>

<template>
  <figure class="reach">
    <svg viewBox="0 0 420 200" role="img" :aria-label="says">
      <defs><clipPath :id="id"><rect x="0" :y="hairTop - 2" width="340" :height="SKIN_Y - hairTop + 2" /></clipPath></defs>
      <rect class="skin" x="6" :y="SKIN_Y" width="330" height="14" rx="5" />
      <g class="strands" :clip-path="`url(#${id})`">
        <path v-for="s in strands" :key="s.x" :d="`M${s.x} ${SKIN_Y}q${s.lean} ${-(SKIN_Y - hairTop) * 0.5} ${s.lean * 1.6} ${-(SKIN_Y - hairTop) * (1 - s.cut)}`" />
      </g>
      <g class="pins" :class="{ short: !reaches }">
        <rect x="92" :y="pinTop - 13" width="160" height="13" rx="4" />
        <path v-for="i in 9" :key="i" :d="`M${100 + (i - 1) * 18} ${pinTop}V${pinTip}`" />
      </g>
      <g class="scale">
        <path :d="`M352 ${hairTop}V${SKIN_Y}M347 ${hairTop}h10M347 ${SKIN_Y}h10`" />
        <text x="362" :y="(hairTop + SKIN_Y) / 2 + 5">{{ length(hairMm) }}</text>
        <text x="14" y="198">skin</text>
      </g>
    </svg>
    <figcaption>{{ says }}</figcaption>
  </figure>
</template>

<style scoped>
.reach { margin: 0; max-width: 430px; }
svg { width: 100%; display: block; }
.skin { fill: #D9A48C; }
.strands path { fill: none; stroke: rgb(var(--v-theme-ink)); stroke-width: 1.8; opacity: 0.55; stroke-linecap: round; }
.pins rect { fill: rgb(var(--v-theme-secondary)); }
.pins path { stroke: rgb(var(--v-theme-secondary)); stroke-width: 3; stroke-linecap: round; }
.pins.short path { stroke: rgb(var(--v-theme-primary)); }
.scale path { stroke: rgb(var(--v-theme-ink)); stroke-width: 1.5; fill: none; }
.scale text { fill: rgb(var(--v-theme-ink)); font-size: 15px; font-family: var(--sans); }
figcaption { font-size: 0.92rem; }
</style>
