<script setup lang="ts">
import { computed } from 'vue'
import type { ToolKind } from '@/api/types'
import { TOOL_SHAPES } from './toolShapes'

/** A kind of tool, drawn; its name stands beside it. */
const props = defineProps<{ kind: ToolKind; aside?: boolean }>()
const parts = computed(() => TOOL_SHAPES[props.kind])
</script>

<template>
  <svg class="tool block overflow-visible" :class="{ aside }" viewBox="0 0 80 140" aria-hidden="true">
    <path
      v-for="(part, i) in parts"
      class="stroke-pen stroke-[2] round-joins round-ends"
      :key="i"
      :class="part.part"
      :d="part.d"
    />
    <path
      v-if="aside"
      class="cross round-joins round-ends stroke-error stroke-[5] fill-none"
      d="M12 24L68 116M68 24L12 116"
    />
  </svg>
</template>

<style scoped>
.wood {
  fill: #b98a5a;
}
.pad {
  fill: rgb(var(--v-theme-pale-fur));
}
.rubber {
  fill: #8b9a63;
}
.metal {
  fill: #c9cdce;
}
.wire {
  fill: none;
  stroke-width: 1.6;
}
.dots {
  fill: rgb(var(--v-theme-pen));
  stroke: none;
}
.line {
  fill: none;
}
.aside path:not(.cross) {
  opacity: 0.45;
}
</style>
