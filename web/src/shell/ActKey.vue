<script setup lang="ts">
/** A key that does something or leads somewhere; while it is at work it cannot be touched again. */
defineProps<{
  to?: string
  /** Filled so; none: its words alone say what it is. */
  color?: 'primary' | 'secondary' | 'heather' | 'error'
  /** Edged, or a word only. */
  variant?: 'outlined' | 'text'
  size?: 'large' | 'x-large'
  loading?: boolean
  disabled?: boolean
  type?: 'submit'
}>()
</script>

<template>
  <router-link v-if="to" :to="to" class="act" :class="[variant ?? color, size]"><slot /></router-link>
  <button
    v-else
    class="act"
    :class="[variant ?? color, size, { loading }]"
    :type="type ?? 'button'"
    :disabled="disabled"
    :aria-busy="loading || undefined"
  >
    <slot />
  </button>
</template>

<style scoped>
.act {
  display: inline-flex;
  align-items: center;
  justify-content: center;
  min-height: 44px;
  padding: 6px 16px;
  border: 1.5px solid transparent;
  border-radius: 8px;
  font: 700 1rem / 1.2 var(--sans);
  text-align: center;
  text-decoration: none;
}
.large {
  padding-inline: 20px;
}
.x-large {
  min-height: 52px;
  padding-inline: 24px;
  font-size: 1.1rem;
}
.primary {
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
.secondary {
  background: rgb(var(--v-theme-secondary));
  color: rgb(var(--v-theme-background));
}
.heather {
  background: rgb(var(--v-theme-heather));
  color: rgb(var(--v-theme-background));
}
.error {
  background: rgb(var(--v-theme-error));
  color: rgb(var(--v-theme-background));
}
.outlined {
  border-color: currentcolor;
}
.act:hover {
  filter: brightness(1.08);
}
.outlined:hover,
.text:hover {
  background: rgb(var(--v-theme-wool));
  filter: none;
}
.loading {
  pointer-events: none;
  text-decoration: underline dashed 2px;
  text-underline-offset: 5px;
}
</style>
