<script setup lang="ts">
import { useView, FOR_GOOD } from '@/api/queries'
import type { CoatKind } from '@/api/types'
import { labelOf, choiceOf } from '@/api/words'
import CoatSide from '@/bodymap/CoatSide.vue'
import { drawnDog } from '@/bodymap/dog'

/** What coat it has, by pictures; none chosen: a mixture. */
const kind = defineModel<CoatKind | undefined>({ required: true })

const looks = useView('first-dogs/kinds', FOR_GOOD)
</script>

<template>
  <div class="looks" role="group" aria-label="Its look">
    <button
      v-for="look in looks.data.value ?? []"
      :key="look.kind"
      type="button"
      :aria-pressed="kind === look.kind"
      :title="choiceOf('CoatKind', look.kind).hint"
      @click="kind = kind === look.kind ? undefined : look.kind"
    >
      <span aria-hidden="true" inert><CoatSide side="LEFT" :names="{}" :dog="drawnDog(look.coat)" still /></span>
      {{ labelOf('CoatKind', look.kind) }}
    </button>
  </div>
</template>

<style scoped>
.looks {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(96px, 1fr));
  gap: 6px;
  margin-bottom: 10px;
}
button {
  padding: 4px 6px 8px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 10px 8px 11px 7px;
  background: rgb(var(--v-theme-surface));
  text-align: center;
  font-size: 0.95rem;
}
button[aria-pressed='true'] {
  background: rgb(var(--v-theme-wool));
  border-color: rgb(var(--v-theme-ink));
  box-shadow: inset 0 -3px rgb(var(--v-theme-secondary));
  font-weight: 700;
}
span {
  display: block;
}
</style>
