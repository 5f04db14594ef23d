<script setup lang="ts">
import type { Section } from '@/api/types'
import type { Heed } from './heeds'
import { capital, nameWithin } from './phrases'

/** What hands must know before they go on, above everything else; each place to touch when something is the matter. */
defineProps<{ heeds: readonly Heed[]; names: Partial<Record<Section, string>>; label: string }>()
defineEmits<{ place: [section: Section] }>()
</script>

<template>
  <ul v-if="heeds.length" class="heeds" aria-label="Heed first">
    <li v-for="heed in heeds" :key="heed.section" :class="{ shut: heed.what === 'CLOSED' }">
      <button type="button" @click="$emit('place', heed.section)">
        <b>{{ capital(nameWithin(names[heed.section] ?? '', label)) }}:</b> {{ heed.says }}
      </button>
    </li>
  </ul>
</template>

<style scoped>
.heeds {
  list-style: none;
  padding: 0;
  margin: 0 0 10px;
  border: 3px solid rgb(var(--v-theme-primary));
  border-radius: 14px 10px 15px 9px;
  background: rgba(var(--v-theme-primary), 0.09);
  font-size: clamp(1.3rem, 2vw, 1.5rem);
  line-height: 1.22;
}
li + li {
  border-top: 1px dashed rgb(var(--v-theme-primary));
}
.shut {
  background: rgba(var(--v-theme-error), 0.12);
}
button {
  width: 100%;
  min-height: 48px;
  padding: 6px 16px;
  text-align: left;
}
button:hover {
  background: rgba(var(--v-theme-primary), 0.12);
}
@media (max-width: 899px) {
  .heeds {
    margin-bottom: 6px;
    font-size: 1.12rem;
    line-height: 1.16;
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
