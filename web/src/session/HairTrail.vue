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
    <ol aria-label="Hair that came out">
      <li v-for="one in days()" :key="one.day">
        <HairHeap :of="one.most" />
        <span
          >{{ labelOf('HairOut', one.most) }}<small>{{ date(one.day) }}</small></span
        >
      </li>
    </ol>
    <p v-if="hair.meaning" :data-rule="hair.meaning.rule">{{ say(hair.meaning.text) }}</p>
  </div>
</template>

<style scoped>
ol {
  list-style: none;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 20px;
}
li {
  display: grid;
  justify-items: center;
  line-height: 1.2;
  text-align: center;
}
li :deep(.heap) {
  width: 72px;
}
small {
  display: block;
  font-size: 0.9rem;
}
p {
  margin-top: 6px;
}
</style>
