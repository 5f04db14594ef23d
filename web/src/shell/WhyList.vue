<script setup lang="ts">
import type { Reason } from '@/api/types'
import { useUnits } from './useUnits'

/** The reasons for a judgement, one tap away. */
withDefaults(defineProps<{ reasons: Reason[]; label?: string; open?: boolean }>(), { label: 'Why?', open: false })
const { say } = useUnits()
</script>

<template>
  <details class="why" :open="open">
    <summary>{{ label }}</summary>
    <ul>
      <li v-for="reason in reasons" :key="reason.rule + reason.text" :data-rule="reason.rule">
        {{ say(reason.text) }}
      </li>
    </ul>
  </details>
</template>

<style scoped>
.why summary {
  cursor: pointer;
  width: fit-content;
  padding: 10px 2px;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
.why ul {
  margin: 4px 0 8px;
  padding-left: 18px;
  max-width: 68ch;
}
.why li {
  margin: 6px 0;
}
.why li::marker {
  content: '– ';
}
</style>
