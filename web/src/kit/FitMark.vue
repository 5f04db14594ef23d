<script setup lang="ts">
import type { FitView } from '@/api/types'
import { labelOf } from '@/api/words'

/** How well a tool fits, in a word and a bar, so that colour is not needed. */
defineProps<{ fit: FitView; bare?: boolean }>()
</script>

<template>
  <span class="fit" :class="fit.verdict.toLowerCase()">
    <span class="bar" aria-hidden="true"><i :style="{ width: `${fit.score}%` }" /></span>
    <b>{{ labelOf('Verdict', fit.verdict) }}</b><span v-if="fit.score && !bare" class="score">{{ fit.score }}</span>
  </span>
</template>

<style scoped>
.fit {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  white-space: nowrap;
  font-size: 0.92rem;
}
.bar {
  width: 54px;
  height: 9px;
  border: 1.5px solid rgb(var(--v-theme-ink));
  border-radius: 5px 4px 6px 4px;
  overflow: hidden;
}
.bar i {
  display: block;
  height: 100%;
  background: rgb(var(--v-theme-secondary));
}
.weak .bar i {
  background: rgb(var(--v-theme-seam));
}
.never_here b {
  color: rgb(var(--v-theme-error));
}
.score {
  opacity: 0.86;
}
</style>
