<script setup lang="ts">
import { computed, useId } from 'vue'
import { useUnits } from '@/shell/useUnits'

/** Skin, hair and pins to scale, from real millimetres: why pins do or do not reach the skin. One tool or two. */
const props = defineProps<{ hairMm: number; pins: { mm: number; name?: string }[] }>()

const { length } = useUnits()
const id = useId()
const HEIGHT = 150
const SKIN_Y = 172
const WIDTH = 330
/** Pixels per millimetre, the same for hair and pins. */
const scale = computed(() => HEIGHT / Math.max(props.hairMm, ...props.pins.map((pin) => pin.mm + 6), 40))
const hairTop = computed(() => SKIN_Y - props.hairMm * scale.value)
const strands = Array.from({ length: 30 }, (_, i) => ({
  x: 14 + i * 10.6,
  lean: ((i * 37) % 11) - 5,
  cut: ((i * 53) % 9) / 60,
}))
const combs = computed(() =>
  props.pins.map((pin, i) => {
    const room = (WIDTH - 20) / props.pins.length
    const broad = Math.min(160, room - 24)
    const left = 16 + i * room + (room - broad) / 2
    const top = SKIN_Y - Math.max(props.hairMm, pin.mm) * scale.value
    const teeth = Math.floor(broad / 17)
    return {
      left,
      broad,
      top,
      tip: top + pin.mm * scale.value,
      short: pin.mm < props.hairMm,
      name: pin.name,
      xs: Array.from({ length: teeth }, (_, k) => left + 8 + (k * (broad - 16)) / (teeth - 1)),
    }
  }),
)
function saysOf(pin: { mm: number; name?: string }): string {
  const what = pin.name ? `${pin.name}: ${length(Math.round(pin.mm))}` : `Pins of ${length(Math.round(pin.mm))}`
  return pin.mm >= props.hairMm
    ? `${what} reach${pin.name ? 'es' : ''} the skin through hair of ${length(props.hairMm)}.`
    : `${what} stop${pin.name ? 's' : ''} ${length(Math.round(props.hairMm - pin.mm))} above the skin in hair of ${length(props.hairMm)}: part it.`
}
const says = computed(() => props.pins.map(saysOf).join(' '))
</script>

<template>
  <figure class="m-0 max-w-430">
    <svg class="w-full block" viewBox="0 0 420 200" role="img" :aria-label="says">
      <defs>
        <clipPath :id="id"><rect x="0" :y="hairTop - 2" width="340" :height="SKIN_Y - hairTop + 2" /></clipPath>
      </defs>
      <rect class="skin" x="6" :y="SKIN_Y" width="330" height="14" rx="5" />
      <g :clip-path="`url(#${id})`">
        <path
          v-for="s in strands"
          class="fill-none stroke-ink stroke-[1.8] opacity-55 round-ends"
          :key="s.x"
          :d="`M${s.x} ${SKIN_Y}q${s.lean} ${-(SKIN_Y - hairTop) * 0.5} ${s.lean * 1.6} ${-(SKIN_Y - hairTop) * (1 - s.cut)}`"
        />
      </g>
      <g v-for="(comb, i) in combs" :key="i" class="pins" :class="{ short: comb.short }">
        <rect class="fill-secondary" :x="comb.left" :y="comb.top - 13" :width="comb.broad" height="13" rx="4" />
        <path
          v-for="x in comb.xs"
          class="stroke-secondary stroke-[3] round-ends"
          :key="x"
          :d="`M${x} ${comb.top}V${comb.tip}`"
        />
      </g>
      <g>
        <path
          class="stroke-ink stroke-[1.5] fill-none"
          :d="`M352 ${hairTop}V${SKIN_Y}M347 ${hairTop}h10M347 ${SKIN_Y}h10`"
        />
        <text class="fill-ink text-[15px] font-sans" x="362" :y="(hairTop + SKIN_Y) / 2 + 5">{{ length(hairMm) }}</text>
        <text class="fill-ink text-[15px] font-sans" x="14" y="198">skin</text>
      </g>
    </svg>
    <figcaption class="text-sm">{{ says }}</figcaption>
  </figure>
</template>

<style scoped>
.skin {
  fill: #d9a48c;
}
.pins.short path {
  stroke: rgb(var(--v-theme-primary));
  stroke-dasharray: 7 4;
}
</style>
