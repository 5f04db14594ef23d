<script setup lang="ts">
import type { SessionView } from '@/api/types'
import { labelOf } from '@/api/words'
import { useUnits } from '@/shell/useUnits'
import HairHeap from './HairHeap.vue'

/** What brushing brought out over the last weeks, and what it means. */
const props = defineProps<{ hair: SessionView['hair'] }>()

const { date, say } = useUnits()
/** More of them do not fit side by side. */
const SHOWN = 6
const days = () => props.hair.days.slice(-SHOWN)
</script>

<template>
  <div v-if="hair.days.length" class="trail">
    <ol class="list-none p-0 flex flex-wrap gap-y-6 gap-x-20" aria-label="Hair that came out">
      <li v-for="one in days()" class="grid justify-items-center leading-tight text-center" :key="one.day">
        <HairHeap :of="one.most" />
        <span
          >{{ labelOf('HairOut', one.most) }}<small class="block text-sm">{{ date(one.day) }}</small></span
        >
      </li>
    </ol>
    <p v-if="hair.meaning" class="mt-6" :data-rule="hair.meaning.rule">{{ say(hair.meaning.text) }}</p>
  </div>
</template>

<style scoped>
li :deep(.heap) {
  width: 72px;
}
</style>
