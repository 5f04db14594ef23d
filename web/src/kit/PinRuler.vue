<script setup lang="ts">
import { computed } from 'vue'

/** How a pin is measured: from the pad to the tip, along the pin. */
const props = defineProps<{ mm: number | undefined; wires: boolean }>()
const SCALE = 3
const reach = computed(() => Math.min(60, Math.max(4, props.mm || 24)) * SCALE)
</script>

<template>
  <figure class="m-0 max-w-300">
    <svg class="w-full block" viewBox="0 0 260 96" aria-hidden="true">
      <rect class="back" x="6" y="8" width="16" height="66" rx="7" />
      <rect class="pad fill-pale-fur stroke-ink" x="22" y="10" width="12" height="62" rx="4" />
      <path
        v-for="y in [20, 34, 48, 62]"
        :key="y"
        class="stroke-ink stroke-[2.4] round-ends fill-none"
        :d="wires ? `M34 ${y}h${reach * 0.6}l${reach * 0.4} 6` : `M34 ${y}h${reach}`"
      />
      <path class="stroke-ink stroke-[1]" d="M34 86h190" />
      <path
        v-for="t in 62"
        :key="t"
        class="stroke-ink stroke-[1]"
        :d="`M${34 + (t - 1) * SCALE} 86v${(t - 1) % 10 ? ((t - 1) % 5 ? -3 : -5) : -9}`"
      />
      <path class="mark stroke-primary stroke-[2.4]" :d="`M34 72v12M${34 + reach} 66v18`" />
    </svg>
    <figcaption class="text-sm">
      Stand a ruler on the pad beside one {{ wires ? 'wire' : 'pin' }} in the middle and read at its tip{{
        wires ? ', along the bend' : ''
      }}.
    </figcaption>
  </figure>
</template>

<style scoped>
.back {
  fill: #b98a5a;
  stroke: rgb(var(--v-theme-ink));
}
</style>
