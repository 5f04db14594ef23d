<script setup lang="ts">
import { computed } from 'vue'
import { FOR_GOOD, useView } from '@/api/queries'
import MethodDrawing from './MethodDrawing.vue'
import { type Method } from './useMethods'

/** One card: what the hands do, drawn and in words. */
const props = defineProps<{ method: Method }>()

const methods = useView('methods', FOR_GOOD)
const card = computed(() => methods.data.value?.find((card) => card.method === props.method))
</script>

<template>
  <article
    v-if="card"
    class="card grid grid-cols-[minmax(180px,38%)_1fr] gap-22 items-start break-inside-avoid max-sm:grid-cols-1 max-sm:gap-10"
    :aria-label="card.title"
  >
    <div class="bg-wool rounded-cut overflow-hidden max-sm:max-w-300"><MethodDrawing :method="method" /></div>
    <div>
      <h2 class="text-xl mb-4">{{ card.title }}</h2>
      <p class="why italic">{{ card.why }}</p>
      <ol class="pl-22 mt-6">
        <li v-for="step in card.steps" class="my-3 mx-0" :key="step">{{ step }}</li>
      </ol>
    </div>
  </article>
</template>
