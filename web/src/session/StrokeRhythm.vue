<script setup lang="ts">
/** The calm rhythm of the strokes guard: so many strokes, then the hand moves on. Still where motion is unwelcome. */
defineProps<{ strokes: number }>()
</script>

<template>
  <span class="rhythm" role="img" :aria-label="`${strokes} strokes, then move on`">
    <i v-for="n in strokes" :key="n" :style="{ animationDelay: `${(n - 1) * 1.3}s` }" />
    <svg viewBox="0 0 34 20" aria-hidden="true"><path d="M3 10h24M20 3l8 7-8 7" :style="{ animationDelay: `${strokes * 1.3}s` }" /></svg>
  </span>
</template>

<style scoped>
.rhythm { display: inline-flex; align-items: center; gap: 9px; vertical-align: middle; margin-left: 8px; }
i { width: 17px; height: 17px; border-radius: 50%; border: 2.5px solid rgb(var(--v-theme-secondary)); animation: stroke 5.2s infinite; }
svg { width: 34px; }
path { fill: none; stroke: rgb(var(--v-theme-primary)); stroke-width: 3; stroke-linecap: round; stroke-linejoin: round; animation: move 5.2s infinite; }
@keyframes stroke { 0%, 24% { background: rgb(var(--v-theme-secondary)); } 30%, 100% { background: transparent; } }
@keyframes move { 0%, 24% { opacity: 1; } 30%, 100% { opacity: 0.3; } }
@media (prefers-reduced-motion: reduce) { i, path { animation: none; } i { background: rgb(var(--v-theme-secondary)); } }
</style>
