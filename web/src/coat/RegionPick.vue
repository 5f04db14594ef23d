<script setup lang="ts">
import type { Region } from '@/api/types'
import { REGIONS } from './words'

/** One region, or the whole coat at once. */
defineProps<{
  /** Chosen; all of them: all over. */
  chosen: Region[]
  /** Named for all at once; absent: only one at a time. */
  allOver?: string
  says?: (region: Region) => string
}>()
defineEmits<{ choose: [regions: Region[]] }>()
const EVERY = REGIONS.map((region) => region.value)
</script>

<template>
  <div class="regions" :class="{ short: !says }" role="group" aria-label="Region">
    <button
      v-if="allOver"
      type="button"
      :aria-pressed="chosen.length === EVERY.length"
      @click="$emit('choose', [...EVERY])"
    >
      <b>{{ allOver }}</b>
    </button>
    <button
      v-for="region in REGIONS"
      :key="region.value"
      type="button"
      :aria-pressed="chosen.length < EVERY.length && chosen.includes(region.value)"
      @click="$emit('choose', [region.value])"
    >
      <b>{{ region.title }}</b>
      <small v-if="says">{{ says(region.value) }}</small>
    </button>
  </div>
</template>

<style scoped>
.regions {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 10px 0 14px;
}
button {
  text-align: left;
  min-height: 50px;
  padding: 6px 14px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 10px 8px 11px 7px;
  background: rgb(var(--v-theme-surface));
}
button[aria-pressed='true'] {
  background: rgb(var(--v-theme-wool));
  border-color: rgb(var(--v-theme-ink));
  box-shadow: inset 0 -3px rgb(var(--v-theme-primary));
}
b {
  font-weight: 400;
}
button[aria-pressed='true'] b,
button:has(small) b {
  font-weight: 700;
}
small {
  display: block;
  font-size: 0.86rem;
}
.short {
  gap: 4px;
}
.short button {
  min-height: 44px;
  padding: 4px 11px;
  font-size: 0.92rem;
}
@media (max-width: 599px) {
  .regions:not(.short) button {
    flex: 1 1 44%;
  }
}
</style>
