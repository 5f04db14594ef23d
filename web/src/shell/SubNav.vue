<script setup lang="ts">
/** The pages of one room, beneath the dog's own. */
defineProps<{ label: string; pages: readonly (readonly [path: string, title: string])[] }>()
</script>

<template>
  <nav class="no-print flex flex-wrap gap-y-4 gap-x-18 -mt-8 mx-0 mb-14" :aria-label="label">
    <router-link
      v-for="[path, title] in pages"
      class="text-inherit no-underline py-9 px-2 min-w-44 min-h-44 text-center border-b-2 border-b-transparent hover:border-b-seam"
      :key="path"
      :to="path"
      exact-active-class="here"
      >{{ title }}</router-link
    >
  </nav>
</template>

<style scoped>
.here {
  border-bottom-color: rgb(var(--v-theme-ink));
  font-weight: 700;
}
</style>
