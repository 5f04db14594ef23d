<script setup lang="ts">
import { useTimeoutFn } from '@vueuse/core'
import { watch } from 'vue'
import ActKey from './ActKey.vue'
import { useNotice } from './useNotice'

/** What was just done, and a way back from it; gone after a while, and never while a hand is on it. */
const { notice, hush } = useNotice()

const SHOWN_MS = 8000
const { start, stop } = useTimeoutFn(hush, SHOWN_MS, { immediate: false })
watch(
  () => [notice.open, notice.text, notice.undo],
  () => (notice.open ? start() : stop()),
)

function undo() {
  const takeBack = notice.undo
  hush()
  takeBack?.()
}
</script>

<template>
  <div
    class="no-print fixed bottom-14 left-0 right-0 z-3000 flex justify-center px-12 pointer-events-none max-sm:bottom-80"
    role="status"
  >
    <div
      v-if="notice.open"
      class="flex items-center gap-18 min-h-52 py-6 px-20 max-w-[72ch] rounded-cut bg-ink text-background pointer-events-auto"
      @pointerenter="stop"
      @pointerleave="start"
      @focusin="stop"
      @focusout="start"
    >
      <span>{{ notice.text }}</span>
      <ActKey v-if="notice.undo" class="flex-none" variant="outlined" @click="undo">Undo</ActKey>
    </div>
  </div>
</template>
