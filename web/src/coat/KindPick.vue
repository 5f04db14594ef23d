<script setup lang="ts">
import type { CoatKind, CoatKindInfo } from '@/api/types'
import { choiceOf, labelOf } from '@/api/words'

/** One kind of coat out of all there are, each with how it is told. */
defineProps<{ kinds: CoatKindInfo[]; chosen?: CoatKind }>()
defineEmits<{ choose: [kind: CoatKindInfo] }>()
</script>

<template>
  <div class="kinds" role="group" aria-label="Kind of coat">
    <button
      v-for="kind in kinds"
      :key="kind.kind"
      type="button"
      :aria-pressed="chosen === kind.kind"
      @click="$emit('choose', kind)"
    >
      <b>{{ labelOf('CoatKind', kind.kind) }}</b><small>{{ choiceOf('CoatKind', kind.kind).hint }}</small>
    </button>
  </div>
</template>

<style scoped>
.kinds {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 8px;
  margin-bottom: 14px;
}
button {
  text-align: left;
  padding: 8px 12px;
  min-height: 46px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 10px 8px 11px 7px;
  background: rgb(var(--v-theme-surface));
}
button[aria-pressed='true'] {
  background: rgb(var(--v-theme-wool));
  border-color: rgb(var(--v-theme-ink));
  box-shadow: inset 0 -3px rgb(var(--v-theme-secondary));
}
small {
  display: block;
  font-size: 0.85rem;
}
b {
  text-transform: capitalize;
}
@media (max-width: 599px) {
  .kinds {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
