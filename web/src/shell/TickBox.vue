<script setup lang="ts">
/** One thing of a list to tick, as wide as a thumb wants it. */
defineProps<{ on: boolean }>()
defineEmits<{ toggle: [] }>()
</script>

<template>
  <button type="button" role="checkbox" :aria-checked="on" @click="$emit('toggle')">
    <svg viewBox="0 0 28 28" aria-hidden="true">
      <circle cx="14" cy="14" r="11" />
      <path v-if="on" d="M8 14l5 5 8-10" />
    </svg>
    <span><slot /></span>
  </button>
</template>

<style scoped>
button {
  display: flex;
  gap: 13px;
  align-items: center;
  text-align: left;
  min-height: 48px;
  padding: 6px 0;
  width: 100%;
  line-height: 1.3;
}
svg {
  width: 28px;
  flex: none;
}
circle,
path {
  fill: none;
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 2;
}
path {
  stroke: rgb(var(--v-theme-secondary));
  stroke-width: 4;
  stroke-linecap: round;
  stroke-linejoin: round;
}
</style>
