<script setup lang="ts">
import { computed } from 'vue'
import type { Colour } from '@/api/types'
import { furOf } from './fur'
import type { Haired } from './hair'

/** One part of the drawn dog in its hair: the locks at its edge, then what they grow on. */
const props = defineProps<{
  hair: Haired
  colour?: Colour
  /** The skin where it shows beside the hair's own outline. */
  skin?: string
  /** Drawn over it where its hair is patched; absent: all of it is. */
  patches?: string
  clip?: string
  /** Of the other side, in the shade. */
  far?: boolean
}>()

const fill = (colour?: Colour) =>
  props.far ? `color-mix(in srgb, ${furOf(colour)} 84%, rgb(var(--v-theme-pen)))` : furOf(colour)
const outline = computed(() => props.hair.path + (props.skin ?? ''))
</script>

<template>
  <path
    v-for="tuft in hair.tufts"
    :key="tuft.colour"
    class="stroke-pen stroke-[1.3] round-joins"
    :style="{ fill: fill(tuft.colour) }"
    :d="tuft.d"
  />
  <path :class="{ far }" :style="{ fill: fill(colour) }" :d="outline" />
  <path
    v-if="colour === 'PATCHED' && !far"
    class="fill-dark-fur pointer-events-none"
    :d="patches ?? outline"
    :clip-path="clip"
  />
</template>

<style scoped>
.far {
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 2;
}
</style>
