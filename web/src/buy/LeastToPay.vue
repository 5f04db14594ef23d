<script setup lang="ts">
import { computed } from 'vue'
import { detailsOf } from '@/api/client'
import type { ToolKind, ToPay } from '@/api/types'
import { labelOf } from '@/api/words'
import { money } from '@/shell/numbers'
import { useUnits } from '@/shell/useUnits'
import { vShown } from '@/shell/shown'
import { useToolPrice } from './useBuy'

/** From what the household says each kind costs: the cheapest set. Without all the prices nobody can say. */
const props = defineProps<{ dogId: number; pay: ToPay; fewest: ToolKind[] }>()

const { say } = useUnits()
const save = useToolPrice(() => props.dogId)
const pays = computed(() => money(props.pay.currency, 2))
const missing = computed(() => props.pay.kinds.filter((kind) => kind.price === undefined))
const same = computed(
  () =>
    props.pay.buy
      .map((kind) => kind.kind)
      .sort()
      .join() === [...props.fewest].sort().join(),
)

function keep(kind: ToolKind, event: Event) {
  const text = (event.target as HTMLInputElement).value.replace(',', '.').trim()
  save.mutate({ kind, price: text ? Number(text) : undefined })
}
</script>

<template>
  <details class="pay">
    <summary>What would it cost?</summary>
    <p class="quiet">Your own figures, in {{ pay.currency }}; nothing is looked up anywhere.</p>
    <div class="prices">
      <label v-for="one in pay.kinds" :key="one.kind">
        <span>{{ labelOf('ToolKind', one.kind) }}</span>
        <input
          type="text"
          inputmode="decimal"
          v-shown="one.price"
          :aria-label="`${labelOf('ToolKind', one.kind)}, price in ${pay.currency}`"
          @change="keep(one.kind, $event)"
        />
      </label>
    </div>
    <p v-if="save.error.value" class="caution" role="alert">
      <strong>{{ detailsOf(save.error.value) }}</strong>
    </p>
    <p v-if="pay.total === undefined" role="status">
      The least to pay is worked out once every kind has a price: still missing
      {{ missing.map((one) => labelOf('ToolKind', one.kind)).join(', ') }}.
    </p>
    <p v-else role="status">
      <b>The least to pay is {{ pays(pay.total) }}</b
      ><template v-if="same">, with just these.</template
      ><template v-else
        >:
        {{
          pay.buy.map((one) => [labelOf('ToolKind', one.kind), ...one.lookFor.map(say)].join(', ')).join('; ')
        }}.</template
      >
    </p>
  </details>
</template>

<style scoped>
.pay {
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding: 8px 0;
}
summary {
  cursor: pointer;
  min-height: 44px;
  display: flex;
  align-items: center;
  font-weight: 700;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
.prices {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  margin-bottom: 8px;
}
.prices label {
  display: flex;
  gap: 8px;
  align-items: center;
}
input {
  width: 84px;
  min-height: 44px;
  padding: 4px 10px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 8px 7px 9px 6px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  font: inherit;
}
</style>
