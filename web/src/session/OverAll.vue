<script setup lang="ts">
import SheetFrame from '@/shell/SheetFrame.vue'
import { letters } from '@/shell/useKeys'

/** Something to read, over everything else until it is put away: by its button, by b, or by the key that opened it. */
const props = defineProps<{ label: string; k: string }>()
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <SheetFrame
    :label="label"
    :width="1000"
    class="text-xl max-sm:text-lg"
    @key="(key) => (key === props.k || key === 'b') && emit('close')"
    @close="emit('close')"
  >
    <button
      type="button"
      class="min-h-64 py-0 px-22 ml-auto block border-2 border-seam rounded-cut bg-surface"
      @click="emit('close')"
    >
      Put it away <kbd v-if="letters" aria-hidden="true">b</kbd>
    </button>
    <slot />
  </SheetFrame>
</template>
