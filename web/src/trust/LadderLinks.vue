<script setup lang="ts">
import type { StandingView } from '@/api/types'
import { subjectLabel } from '@/api/words'
import { practicePath } from './pages'

/** Ladders that are learned once, each with its rung, to be practised. */
defineProps<{ dogId: number; ladders: readonly StandingView[] }>()
</script>

<template>
  <ul class="ladders">
    <li v-for="one in ladders" :key="one.subject">
      <router-link :to="practicePath(dogId, one)"
        ><b>{{ subjectLabel(one.subject) }}</b
        ><span>rung {{ one.rungNumber }} of 10: {{ one.rungLabel }}</span></router-link
      >
    </li>
  </ul>
</template>

<style scoped>
.ladders {
  list-style: none;
  padding: 0;
}
.ladders a {
  display: flex;
  justify-content: space-between;
  gap: 16px;
  align-items: center;
  min-height: 54px;
  color: inherit;
  text-decoration: none;
  border-bottom: 1px dashed rgb(var(--v-theme-seam));
  border-left: 5px solid rgb(var(--v-theme-heather));
  padding: 4px 0 4px 12px;
}
.ladders a:hover b {
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
b {
  display: inline-block;
}
b::first-letter {
  text-transform: uppercase;
}
@media (max-width: 899px) {
  .ladders a {
    flex-direction: column;
    align-items: flex-start;
    gap: 0;
  }
}
</style>
