<script setup lang="ts">
import { detailsOf } from '@/api/client'
import choices from '@/api/choices'
import PageState from '@/shell/PageState.vue'
import { vShown } from '@/shell/shown'
import { useSupplies } from './useCare'

/** What lies ready for bath, teeth, nails: kinds only. */
const { supplies, put } = useSupplies()
const wordsOf = (kind: string) => choices.Supply.find((supply) => supply.value === kind)!

function dilute(typed: string) {
  const parts = typed.trim() === '' ? undefined : Number(typed)
  put.mutate({ kind: 'SHAMPOO', have: true, parts })
}
</script>

<template>
  <PageState :pending="!supplies.data.value" :error="supplies.error.value" @retry="supplies.refetch()">
    <h1>What lies ready</h1>
    <p class="quiet">
      For bath, teeth, ears and nails. Kinds only; brushes and combs stand in
      <router-link to="/drawer">the drawer</router-link>.
    </p>
    <ul>
      <li v-for="one in supplies.data.value" :key="one.kind">
        <label>
          <input
            type="checkbox"
            :checked="one.have"
            :disabled="put.isPending.value"
            @change="put.mutate({ kind: one.kind, have: !one.have })"
          />
          <span
            ><b>{{ wordsOf(one.kind).title }}</b> <small>{{ wordsOf(one.kind).hint }}</small></span
          >
        </label>
        <label v-if="one.kind === 'SHAMPOO' && one.have" class="parts">
          Its label says 1 :
          <input
            type="number"
            min="1"
            max="100"
            v-shown="one.parts"
            placeholder="as it is"
            aria-label="Parts of water to one of shampoo; empty: it is used as it is"
            @change="dilute(($event.target as HTMLInputElement).value)"
          />
        </label>
      </li>
    </ul>
    <p v-if="put.error.value" class="caution" role="alert">
      <strong>{{ detailsOf(put.error.value) }}</strong>
    </p>
  </PageState>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin-top: 16px;
  columns: 2;
  column-gap: 48px;
}
li {
  break-inside: avoid;
  border-bottom: 1px dashed rgb(var(--v-theme-seam));
}
label {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 56px;
}
input[type='checkbox'] {
  width: 26px;
  height: 26px;
  accent-color: rgb(var(--v-theme-secondary));
}
small {
  display: block;
}
.parts {
  padding-left: 40px;
  gap: 8px;
}
.parts input {
  width: 110px;
  min-height: 44px;
  padding: 4px 10px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 9px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  font: inherit;
}
@media (max-width: 899px) {
  ul {
    columns: 1;
  }
}
</style>
