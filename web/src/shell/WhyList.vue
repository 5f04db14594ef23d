<script setup lang="ts">
import type { Reason } from '@/api/types'
import { useUnits } from './useUnits'

/** The reasons for a judgement, one tap away. */
withDefaults(defineProps<{ reasons: Reason[]; label?: string; open?: boolean }>(), { label: 'Why?', open: false })
const { say } = useUnits()
</script>

<template>
  <details class="why" :open="open">
    <summary class="cursor-pointer w-fit py-10 px-2 dotted">{{ label }}</summary>
    <ul class="mt-4 mx-0 mb-8 pl-18 max-w-[68ch]">
      <li v-for="reason in reasons" class="my-6 mx-0" :key="reason.rule + reason.text" :data-rule="reason.rule">
        {{ say(reason.text) }}
      </li>
    </ul>
  </details>
</template>

<style scoped>
.why li::marker {
  content: '– ';
}
</style>
