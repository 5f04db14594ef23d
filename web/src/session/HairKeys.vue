<script setup lang="ts">
import type { Hair } from '@/api/types'
import choices from '@/api/choices'
import { labelOf } from '@/api/words'
import { useUnits } from '@/shell/useUnits'
import KeyButton from '@/shell/KeyButton.vue'
import HairHeap from './HairHeap.vue'

/** What a tool that went over the whole dog brought out, with one key: a pinch is enough, more is worth another round. */
defineProps<{
  disabled: boolean
  /** The last time before: what came then. */
  last?: { day: string; most: Hair }
}>()

const { date } = useUnits()
defineEmits<{ hair: [hair: Hair] }>()
</script>

<template>
  <div
    class="hair grid grid-cols-[auto_repeat(3,1fr)] items-center gap-10 text-xl max-md:grid-cols-3 max-md:gap-6 max-md:text-base"
    role="group"
    aria-label="What it brought out"
  >
    <span class="max-md:hidden"
      >It brought:<small v-if="last" class="block text-md"
        >{{ date(last.day) }}: {{ labelOf('HairOut', last.most) }}</small
      ></span
    >
    <KeyButton
      v-for="(one, i) in choices.HairOut"
      :key="one.value"
      :k="`${i + 1}`"
      :disabled="disabled"
      @press="$emit('hair', one.value)"
    >
      <HairHeap :of="one.value" /><b>{{ one.title }}</b>
    </KeyButton>
  </div>
</template>

<style scoped>
button {
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 8px;
  min-height: 64px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 12px 9px 13px 8px;
  background: rgb(var(--v-theme-surface));
}
button:hover {
  background: rgb(var(--v-theme-wool));
}
button :deep(.heap) {
  width: 56px;
}
@media (max-width: 899px) {
  button {
    min-height: 64px;
    gap: 4px;
  }
  button :deep(.heap) {
    width: 34px;
  }
}
</style>
