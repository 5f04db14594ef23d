<script setup lang="ts">
import choices from '@/api/choices'
import type { DrawnLength, FirstLook, LifeStage } from '@/api/types'
import CoatSide from '@/bodymap/CoatSide.vue'
import { drawnDog } from '@/bodymap/dog'

/** Three lengths on this very dog; the one that most have stands out. */
const props = defineProps<{ look: FirstLook; chosen?: DrawnLength; lifeStage: LifeStage }>()
defineEmits<{ choose: [length: DrawnLength] }>()

const dogOf = (length: DrawnLength) =>
  drawnDog(props.look.coats[length], { ...props.look.looks, lifeStage: props.lifeStage })
</script>

<template>
  <div class="lengths">
    <button
      v-for="one in choices.DrawnLength"
      :key="one.value"
      type="button"
      :aria-pressed="(chosen ?? look.usual) === one.value"
      @click="$emit('choose', one.value)"
    >
      <span aria-hidden="true" inert><CoatSide side="LEFT" :names="{}" :dog="dogOf(one.value)" still /></span>
      <b class="slab">{{ one.title }}</b>
      <small>{{ one.hint }}</small>
    </button>
  </div>
</template>

<style scoped>
.lengths {
  display: grid;
  gap: 10px;
}
button {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 0 18px;
  align-items: center;
  text-align: left;
  padding: 6px 16px 6px 8px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 14px 11px 15px 10px;
  background: rgb(var(--v-theme-surface));
}
button:hover,
button[aria-pressed='true'] {
  background: rgb(var(--v-theme-wool));
}
button[aria-pressed='true'] {
  border-color: rgb(var(--v-theme-ink));
}
span {
  grid-row: 1 / 3;
}
b {
  align-self: end;
  font-size: 1.25rem;
}
small {
  align-self: start;
  font-size: 1rem;
}
@media (max-width: 899px) {
  button {
    grid-template-columns: 128px 1fr;
  }
}
</style>
