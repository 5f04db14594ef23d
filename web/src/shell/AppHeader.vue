<script setup lang="ts">
import { useHousehold } from '@/api/queries'
import { useMe } from './useMe'

defineEmits<{ search: [] }>()

const { data: household } = useHousehold()
const { owner } = useMe()
</script>

<template>
  <header class="flex items-center gap-18 max-w-1240 w-full my-0 mx-auto pt-14 px-24 pb-8">
    <router-link
      to="/"
      class="slab flex items-center gap-8 text-xl text-inherit no-underline min-w-44 min-h-44 max-sm:text-base max-sm:gap-6"
    >
      <svg class="w-26 fill-primary stroke-primary stroke-[2.2] round-ends" viewBox="-14 -14 28 28" aria-hidden="true">
        <path d="M0-12V12M-12 0H12M-8.5-8.5 8.5 8.5M-8.5 8.5 8.5-8.5" />
        <circle r="6.5" />
      </svg>
      <span class="max-sm:absolute max-sm:clipped">Rustic Tangle</span>
    </router-link>
    <span v-if="household?.name" class="opacity-88 seam-l pl-16 max-sm:hidden">{{ household.name }}</span>
    <nav class="ml-auto flex gap-4 max-sm:flex-1 max-sm:justify-between max-sm:gap-0" aria-label="Main">
      <router-link to="/" class="home">Today</router-link>
      <router-link to="/week">Week</router-link>
      <router-link to="/drawer">Drawer</router-link>
      <router-link v-if="owner" to="/settings">Settings</router-link>
      <button
        class="min-w-44 min-h-44 p-10"
        type="button"
        aria-label="Search"
        aria-keyshortcuts="/"
        @click="$emit('search')"
      >
        <svg class="block w-24 fill-none stroke-current stroke-[2.2] round-ends" viewBox="0 0 24 24" aria-hidden="true">
          <path d="M10 3a7 7 0 1 0 .01 0ZM15.5 15.5 22 22" />
        </svg>
      </button>
    </nav>
  </header>
</template>

<style scoped>
nav a {
  color: inherit;
  text-decoration: none;
  padding: 10px 12px;
  min-height: 44px;
}
nav a:hover,
nav a.router-link-exact-active {
  text-decoration: underline;
  text-decoration-thickness: 2px;
  text-underline-offset: 5px;
}
@media (max-width: 599px) {
  header {
    padding: 8px 16px 0;
    gap: 8px;
  }
  nav a {
    padding: 10px 7px;
  }
}
@media (max-width: 379px) {
  header {
    padding: 8px 10px 0;
    gap: 0;
  }
  nav a {
    padding: 10px 4px;
    font-size: 0.95rem;
  }
}
</style>
