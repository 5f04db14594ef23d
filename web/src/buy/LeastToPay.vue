<script setup lang="ts">
import { computed } from 'vue'
import { detailsOf } from '@/api/client'
import type { ToolKind, ToPay } from '@/api/types'
import { labelOf } from '@/api/words'
import { money } from '@/shell/numbers'
import { useUnits } from '@/shell/useUnits'
import KeptField from '@/shell/KeptField.vue'
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

function keep(kind: ToolKind, typed: string) {
  save.mutate({ kind, price: typed ? Number(typed.replace(',', '.')) : undefined })
}
</script>

<template>
  <details class="seam-t py-8 px-0">
    <summary class="cursor-pointer min-h-44 flex items-center font-bold dotted">What would it cost?</summary>
    <p class="quiet">Your own figures, in {{ pay.currency }}; nothing is looked up anywhere.</p>
    <div class="flex flex-wrap gap-y-8 gap-x-20 mb-8">
      <KeptField
        v-for="one in pay.kinds"
        :key="one.kind"
        class="max-w-220"
        :label="labelOf('ToolKind', one.kind)"
        :told="one.price"
        :suffix="pay.currency"
        inputmode="decimal"
        @keep="keep(one.kind, $event)"
      />
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
