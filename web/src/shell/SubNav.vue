<script setup lang="ts">
/** The pages of one room, beneath the dog's own. */
defineProps<{ label: string; pages: readonly (readonly [path: string, title: string])[] }>()
</script>

<template>
  <nav class="sub no-print" :aria-label="label">
    <router-link v-for="[path, title] in pages" :key="path" :to="path" exact-active-class="here">{{
      title
    }}</router-link>
  </nav>
</template>

<style scoped>
.sub {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: -8px 0 14px;
}
a {
  color: inherit;
  text-decoration: none;
  padding: 9px 2px;
  min-width: 44px;
  min-height: 44px;
  text-align: center;
  border-bottom: 2px solid transparent;
}
a:hover {
  border-bottom-color: rgb(var(--v-theme-seam));
}
.here {
  border-bottom-color: rgb(var(--v-theme-ink));
  font-weight: 700;
}
</style>
