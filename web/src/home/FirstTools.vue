<script setup lang="ts">
import { computed, ref } from 'vue'
import { FOR_GOOD, useView } from '@/api/queries'
import type { ToolKind } from '@/api/types'
import { choiceOf, labelOf } from '@/api/words'
import ToolShape from '@/kit/ToolShape.vue'
import type { FirstAnswers } from './first'
import ActKey from '@/shell/ActKey.vue'

/** What lies in the drawer, touched and not measured. */
const said = defineModel<FirstAnswers>({ required: true })
const emit = defineEmits<{ on: [] }>()

const USUAL: ToolKind[] = ['COMB', 'SLICKER', 'PIN_BRUSH', 'BRISTLE_BRUSH']
const kinds = useView('tools/kinds', FOR_GOOD)
const drawer = useView('tools')
const all = ref(said.value.tools.some((kind) => !USUAL.includes(kind)))
const there = computed(() => new Set((drawer.data.value ?? []).map((tool) => tool.form.kind)))
const shown = computed(() => {
  const others = (kinds.data.value ?? []).map((kind) => kind.kind).filter((kind) => !USUAL.includes(kind))
  return [...USUAL, ...others.filter((kind) => all.value || there.value.has(kind))]
})
const has = (kind: ToolKind) => there.value.has(kind) || said.value.tools.includes(kind)
function toggle(kind: ToolKind) {
  said.value.tools = said.value.tools.includes(kind)
    ? said.value.tools.filter((other) => other !== kind)
    : [...said.value.tools, kind]
}
const nothing = computed(() => !said.value.tools.length && !there.value.size)
</script>

<template>
  <div class="tools grid grid-cols-[repeat(auto-fill,minmax(130px,1fr))] gap-8 mb-14" role="group" aria-label="Tools">
    <button
      v-for="kind in shown"
      class="disabled:opacity-100"
      :key="kind"
      type="button"
      :aria-pressed="has(kind)"
      :disabled="there.has(kind)"
      @click="toggle(kind)"
    >
      <ToolShape :kind="kind" />
      <b class="font-normal text-center">{{ labelOf('ToolKind', kind) }}</b>
      <small v-if="there.has(kind)" class="text-xs">in the drawer</small>
    </button>
    <button v-if="!all" type="button" class="more disabled:opacity-100 dotted" @click="all = true">
      Something else
    </button>
  </div>
  <p v-if="has('COMB')" class="quiet">
    {{ choiceOf('ToolKind', 'COMB').title }}: {{ choiceOf('ToolKind', 'COMB').hint }}.
  </p>
  <ActKey color="primary" size="large" @click="emit('on')">{{ nothing ? 'I have nothing yet' : 'Go on' }}</ActKey>
</template>

<style scoped>
button {
  display: grid;
  justify-items: center;
  align-content: center;
  gap: 4px;
  min-height: 104px;
  padding: 8px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 12px 9px 13px 8px;
  background: rgb(var(--v-theme-surface));
}
.tools button[aria-pressed='true'] {
  background: rgb(var(--v-theme-wool));
  border-color: rgb(var(--v-theme-ink));
  box-shadow: inset 0 -4px rgb(var(--v-theme-secondary));
}
.tools :deep(svg) {
  height: 84px;
}
b::first-letter {
  text-transform: uppercase;
}
[aria-pressed='true'] b {
  font-weight: 700;
}
</style>
