<script setup lang="ts">
import type { FitView } from '@/api/types'
import { labelOf } from '@/api/words'

/** How well a tool fits, in a word and a bar, so that colour is not needed. */
defineProps<{ fit: FitView; bare?: boolean }>()
</script>

<template>
  <span class="fit inline-flex items-center gap-8 whitespace-nowrap text-sm" :class="fit.verdict.toLowerCase()">
    <span class="bar w-54 h-9 border-[1.5px] border-ink rounded-fine overflow-hidden" aria-hidden="true"
      ><i class="block h-full bg-secondary" :style="{ width: `${fit.score}%` }"
    /></span>
    <b>{{ labelOf('Verdict', fit.verdict) }}</b><span v-if="fit.score && !bare" class="opacity-88">{{
      fit.score
    }}</span>
  </span>
</template>

<style scoped>
.weak .bar i {
  background: rgb(var(--v-theme-seam));
}
.never_here b {
  color: rgb(var(--v-theme-error));
}
</style>
