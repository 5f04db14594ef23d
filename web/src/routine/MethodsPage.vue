<script setup lang="ts">
import { FOR_GOOD, useView } from '@/api/queries'
import CardTitle from '@/shell/CardTitle.vue'
import PageState from '@/shell/PageState.vue'
import MethodCard from './MethodCard.vue'

defineProps<{ dogId: number }>()

const methods = useView('methods', FOR_GOOD)
</script>

<template>
  <PageState :pending="!methods.data.value" :error="methods.error.value" @retry="methods.refetch()">
    <CardTitle>With your hands</CardTitle>
    <p class="no-print">
      <router-link class="text-inherit" :to="`/dogs/${dogId}/today/routine`">← to the routine</router-link>
    </p>
    <div class="cards grid grid-cols-2 gap-y-34 gap-x-40 mt-18 max-[1100px]:grid-cols-1">
      <MethodCard v-for="one in methods.data.value" :key="one.method" :method="one.method" />
    </div>
  </PageState>
</template>

<style scoped>
.cards :deep(.card) {
  grid-template-columns: minmax(150px, 42%) 1fr;
  gap: 18px;
  font-size: 0.95rem;
}
@media (max-width: 599px) {
  .cards :deep(.card) {
    grid-template-columns: 1fr;
  }
}
/* All of them on one sheet, for the wall beside the brush. */
@media print {
  .cards {
    display: block;
    columns: 4;
    column-gap: 4mm;
    margin-top: 1mm;
  }
  .cards :deep(.card) {
    display: block;
    margin-bottom: 2.4mm;
    font-size: 7.2pt;
    line-height: 1.18;
  }
  .cards :deep(h2) {
    font-size: 9pt;
    margin: 1mm 0 0;
  }
  .cards :deep(ol) {
    margin: 0;
    padding-left: 3.4mm;
  }
  .cards :deep(li) {
    margin: 0.2mm 0;
  }
  .cards :deep(svg) {
    height: 1.75cm;
  }
}
</style>
