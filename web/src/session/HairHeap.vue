<script setup lang="ts">
/** A pinch, a handful or a heap of hair, to the same scale. */
defineProps<{ of: string }>()

const PUFFS: Record<string, string> = {
  PINCH: 'M50 56q-2-12 8-10 8-4 10 4 8 6-2 10-14 4-16-4Z',
  HANDFUL: 'M34 58q-10-12 4-18 2-14 16-10 12-8 20 2 14 0 12 12 8 10-6 14-10 8-20 4-18 4-26-4Z',
  HEAP: 'M12 62q-10-14 6-20-4-16 14-18 6-18 24-12 14-12 28 0 18-4 18 14 14 4 8 18 8 10-6 16-14 8-26 4-14 6-28 2-22 6-38-4Z',
}
</script>

<template>
  <svg class="heap w-96 flex-none" viewBox="0 0 120 70" aria-hidden="true">
    <path class="stroke-ink round-joins stroke-[1.6] fill-none" d="M4 66h112" />
    <path class="fill-heather/22 stroke-ink stroke-[2.2] round-joins" :d="PUFFS[of]" />
  </svg>
</template>
