<script setup lang="ts">
import { useIntervalFn, usePreferredReducedMotion } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useSoftSound } from '@/shell/useSoftSound'

/** The calm rhythm of the strokes guard: so many strokes, then the hand moves on. Still where motion is unwelcome. */
const props = defineProps<{ strokes: number }>()

const BEAT_MS = 1300
const STROKE_HERTZ = 392
const MOVE_ON_HERTZ = 262

const { on, tick, toggle } = useSoftSound()
const motion = usePreferredReducedMotion()
const still = computed(() => motion.value === 'reduce')
/** The stroke being made, from 0; the last beat moves on. */
const beat = ref(0)
useIntervalFn(() => {
  beat.value = (beat.value + 1) % (props.strokes + 1)
  tick(beat.value < props.strokes ? STROKE_HERTZ : MOVE_ON_HERTZ)
}, BEAT_MS)
</script>

<template>
  <span class="rhythm inline-flex items-center gap-16 align-middle ml-8">
    <span class="inline-flex items-center gap-9" role="img" :aria-label="`${strokes} strokes, then move on`">
      <i v-for="n in strokes" :key="n" :class="{ now: still || beat === n - 1 }" />
      <svg viewBox="0 0 34 20" aria-hidden="true" :class="{ now: still || beat === strokes }">
        <path class="fill-none stroke-primary stroke-[3] round-ends round-joins" d="M3 10h24M20 3l8 7-8 7" />
      </svg>
    </span>
    <button class="text-base font-normal min-h-64 dotted" type="button" :aria-pressed="on" @click="toggle">
      {{ on ? 'sound on' : 'sound off' }}
    </button>
  </span>
</template>

<style scoped>
i {
  width: 17px;
  height: 17px;
  border-radius: 50%;
  border: 2.5px solid rgb(var(--v-theme-secondary));
  transition: background 0.4s;
}
i.now {
  background: rgb(var(--v-theme-secondary));
}
svg {
  width: 34px;
  opacity: 0.3;
  transition: opacity 0.4s;
}
svg.now {
  opacity: 1;
}
</style>
