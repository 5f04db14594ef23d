<script setup lang="ts">
import { useHousehold } from '@/api/queries'

defineEmits<{ search: [] }>()

const { data: household } = useHousehold()
</script>

<template>
  <header>
    <router-link to="/" class="brand slab">
      <svg viewBox="-14 -14 28 28" aria-hidden="true">
        <path d="M0-12V12M-12 0H12M-8.5-8.5 8.5 8.5M-8.5 8.5 8.5-8.5" />
        <circle r="6.5" />
      </svg>
      <span>Rustic Tangle</span>
    </router-link>
    <span v-if="household?.name" class="house">{{ household.name }}</span>
    <nav aria-label="Main">
      <router-link to="/" class="home">Today</router-link>
      <router-link to="/week">Week</router-link>
      <router-link to="/drawer">Drawer</router-link>
      <router-link to="/settings">Settings</router-link>
      <button type="button" aria-label="Search" aria-keyshortcuts="/" @click="$emit('search')">
        <svg viewBox="0 0 24 24" aria-hidden="true"><path d="M10 3a7 7 0 1 0 .01 0ZM15.5 15.5 22 22" /></svg>
      </button>
    </nav>
  </header>
</template>

<style scoped>
header {
  display: flex;
  align-items: center;
  gap: 18px;
  max-width: 1240px;
  width: 100%;
  margin: 0 auto;
  padding: 14px 24px 8px;
}
.brand {
  display: flex;
  align-items: center;
  gap: 8px;
  font-size: 1.15rem;
  color: inherit;
  text-decoration: none;
  min-width: 44px;
  min-height: 44px;
}
.brand svg {
  width: 26px;
  fill: rgb(var(--v-theme-primary));
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 2.2;
  stroke-linecap: round;
}
.house {
  opacity: 0.86;
  border-left: 1.5px dashed rgb(var(--v-theme-seam));
  padding-left: 16px;
}
nav {
  margin-left: auto;
  display: flex;
  gap: 4px;
}
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
nav button {
  min-width: 44px;
  min-height: 44px;
  padding: 10px;
}
nav svg {
  display: block;
  width: 24px;
  fill: none;
  stroke: currentColor;
  stroke-width: 2.2;
  stroke-linecap: round;
}
@media (max-width: 599px) {
  header {
    padding: 8px 16px 0;
    gap: 8px;
  }
  .brand {
    font-size: 1rem;
    gap: 6px;
  }
  .house {
    display: none;
  }
  .brand span {
    position: absolute;
    clip-path: inset(50%);
  }
  nav {
    flex: 1;
    justify-content: space-between;
  }
  nav {
    gap: 0;
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
    font-size: 0.94rem;
  }
}
</style>
