<script setup lang="ts">
import { computed, ref } from 'vue'
import { FOR_GOOD, useView } from '@/api/queries'
import type { ToolKind } from '@/api/types'
import { choiceOf, labelOf } from '@/api/words'
import ToolShape from '@/kit/ToolShape.vue'
import type { FirstAnswers } from './first'

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
  <div class="tools" role="group" aria-label="Tools">
    <button
      v-for="kind in shown"
      :key="kind"
      type="button"
      :aria-pressed="has(kind)"
      :disabled="there.has(kind)"
      @click="toggle(kind)"
    >
      <ToolShape :kind="kind" />
      <b>{{ labelOf('ToolKind', kind) }}</b>
      <small v-if="there.has(kind)">in the drawer</small>
    </button>
    <button v-if="!all" type="button" class="more" @click="all = true">Something else</button>
  </div>
  <p v-if="has('COMB')" class="quiet">
    {{ choiceOf('ToolKind', 'COMB').title }}: {{ choiceOf('ToolKind', 'COMB').hint }}.
  </p>
  <v-btn color="primary" size="large" @click="emit('on')">{{ nothing ? 'I have nothing yet' : 'Go on' }}</v-btn>
</template>

<style scoped>
.tools {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
  gap: 8px;
  margin-bottom: 14px;
}
button {
  display: grid;
  justify-items: center;
  align-content: center;
  gap: 4px;
  min-height: 104px;
  padding: 8px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 14px 11px 15px 10px;
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
.tools button:disabled {
  opacity: 1;
}
b {
  font-weight: 400;
  text-align: center;
}
b::first-letter {
  text-transform: uppercase;
}
[aria-pressed='true'] b {
  font-weight: 700;
}
small {
  font-size: 0.85rem;
}
.more {
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
</style>
