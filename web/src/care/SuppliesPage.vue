<script setup lang="ts">
import { detailsOf } from '@/api/client'
import choices from '@/api/choices'
import PageState from '@/shell/PageState.vue'
import KeptField from '@/shell/KeptField.vue'
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
    <ul class="list-none p-0 mt-16 columns-2 gap-x-48 max-md:columns-1">
      <li v-for="one in supplies.data.value" class="break-inside-avoid seam-b" :key="one.kind">
        <v-checkbox-btn
          class="min-h-56"
          :model-value="one.have"
          :disabled="put.isPending.value"
          @update:model-value="put.mutate({ kind: one.kind, have: !one.have })"
        >
          <template #label
            ><span
              ><b>{{ wordsOf(one.kind).title }}</b> <small class="block">{{ wordsOf(one.kind).hint }}</small></span
            ></template
          >
        </v-checkbox-btn>
        <KeptField
          v-if="one.kind === 'SHAMPOO' && one.have"
          class="max-w-300 ml-40 mt-6 mb-12"
          label="Parts of water to one of shampoo"
          :told="one.parts"
          placeholder="as it is"
          inputmode="numeric"
          @keep="dilute"
        />
      </li>
    </ul>
    <p v-if="put.error.value" class="caution" role="alert">
      <strong>{{ detailsOf(put.error.value) }}</strong>
    </p>
  </PageState>
</template>
