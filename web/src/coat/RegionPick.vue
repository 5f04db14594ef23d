<script setup lang="ts">
import type { Region } from '@/api/types'
import { REGIONS } from './words'
import ChoiceKey from '@/shell/ChoiceKey.vue'

/** One region, or the whole coat at once. */
defineProps<{
  /** Chosen; all of them: all over. */
  chosen: Region[]
  /** Named for all at once; absent: only one at a time. */
  allOver?: string
  says?: (region: Region) => string
}>()
defineEmits<{ choose: [regions: Region[]] }>()
const EVERY = REGIONS.map((region) => region.value)
</script>

<template>
  <div class="regions flex flex-wrap gap-8 mt-10 mx-0 mb-14" :class="{ short: !says }" role="group" aria-label="Region">
    <ChoiceKey v-if="allOver" :on="chosen.length === EVERY.length" @click="$emit('choose', [...EVERY])">
      <component :is="says ? 'b' : 'span'">{{ allOver }}</component>
    </ChoiceKey>
    <ChoiceKey
      v-for="region in REGIONS"
      :key="region.value"
      :on="chosen.length < EVERY.length && chosen.includes(region.value)"
      @click="$emit('choose', [region.value])"
    >
      <component :is="says ? 'b' : 'span'">{{ region.title }}</component>
      <small v-if="says">{{ says(region.value) }}</small>
    </ChoiceKey>
  </div>
</template>

<style scoped>
.short {
  gap: 4px;
}
.short button {
  padding: 4px 11px;
  font-size: 0.9rem;
}
@media (max-width: 599px) {
  .regions:not(.short) button {
    flex: 1 1 44%;
  }
}
</style>
