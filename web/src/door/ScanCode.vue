<script setup lang="ts">
import { create } from 'qrcode'
import { computed } from 'vue'

/** An address to be scanned (ISO/IEC 18004), as one path: dark on light whatever the theme, or no camera reads it. */
const props = defineProps<{ text: string }>()

/** Modules of quiet around it, as the standard asks. */
const QUIET = 4

const modules = computed(() => create(props.text, { errorCorrectionLevel: 'M' }).modules)
const box = computed(() => `${-QUIET} ${-QUIET} ${modules.value.size + 2 * QUIET} ${modules.value.size + 2 * QUIET}`)
const path = computed(() => {
  const { size, data } = modules.value
  const dark: string[] = []
  data.forEach((on, at) => {
    if (on) dark.push(`M${at % size} ${Math.floor(at / size)}h1v1h-1z`)
  })
  return dark.join('')
})
</script>

<template>
  <svg class="block w-full max-w-260" :viewBox="box" role="img" aria-label="Code to scan">
    <rect :x="-QUIET" :y="-QUIET" width="100%" height="100%" fill="#fff" />
    <path :d="path" fill="#000" shape-rendering="crispEdges" />
  </svg>
</template>
