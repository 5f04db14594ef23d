<script setup lang="ts">
import type { StandingView } from '@/api/types'
import { subjectLabel } from '@/api/words'
import { practicePath } from './pages'

/** Ladders that are learned once, each with its rung, to be practised. */
defineProps<{ dogId: number; ladders: readonly StandingView[] }>()
</script>

<template>
  <ul class="ladders list-none p-0">
    <li v-for="one in ladders" :key="one.subject">
      <router-link
        class="flex justify-between gap-16 items-center min-h-54 text-inherit no-underline seam-b border-l-5 border-l-heather pt-4 pr-0 pb-4 pl-12 max-md:flex-col max-md:items-start max-md:gap-0"
        :to="practicePath(dogId, one)"
        ><b class="inline-block">{{ subjectLabel(one.subject) }}</b
        ><span>rung {{ one.rungNumber }} of 10: {{ one.rungLabel }}</span></router-link
      >
    </li>
  </ul>
</template>

<style scoped>
.ladders a:hover b {
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
b::first-letter {
  text-transform: uppercase;
}
</style>
