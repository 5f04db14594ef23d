<script setup lang="ts">
import type { Section } from '@/api/types'
import type { Heed } from './heeds'
import { capital, nameWithin } from './phrases'

/** What hands must know before they go on, above everything else; each place to touch when something is the matter. */
defineProps<{ heeds: readonly Heed[]; names: Partial<Record<Section, string>>; label: string }>()
defineEmits<{ place: [section: Section] }>()
</script>

<template>
  <ul
    v-if="heeds.length"
    class="heeds list-none p-0 mt-0 mx-0 mb-10 border-3 border-primary rounded-cut bg-primary/9 text-[clamp(1.3rem,2vw,1.5rem)] leading-tight"
    aria-label="Heed first"
  >
    <li v-for="heed in heeds" :key="heed.section" :class="{ shut: heed.what === 'CLOSED' }">
      <button
        class="w-full min-h-48 py-6 px-16 text-left hover:bg-primary/12"
        type="button"
        @click="$emit('place', heed.section)"
      >
        <b>{{ capital(nameWithin(names[heed.section] ?? '', label)) }}:</b> {{ heed.says }}
      </button>
    </li>
  </ul>
</template>

<style scoped>
li + li {
  border-top: 1.5px dashed rgb(var(--v-theme-primary));
}
.shut {
  background: rgba(var(--v-theme-error), 0.12);
}
@media (max-width: 899px) {
  .heeds {
    margin-bottom: 6px;
    font-size: 1.1rem;
    line-height: 1.2;
  }
  button {
    padding: 4px 10px;
  }
}
@media (max-height: 520px) and (min-width: 560px) and (max-width: 1023px) {
  .heeds {
    margin-bottom: 3px;
    border-width: 2px;
  }
  button {
    min-height: 34px;
    padding: 2px 10px;
  }
}
</style>
