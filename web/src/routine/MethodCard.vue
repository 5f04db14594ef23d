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
  <article v-if="card" class="card" :aria-label="card.title">
    <div class="picture"><MethodDrawing :method="method" /></div>
    <div>
      <h3>{{ card.title }}</h3>
      <p class="why">{{ card.why }}</p>
      <ol>
        <li v-for="step in card.steps" :key="step">{{ step }}</li>
      </ol>
    </div>
  </article>
</template>

<style scoped>
.card {
  display: grid;
  grid-template-columns: minmax(180px, 38%) 1fr;
  gap: 22px;
  align-items: start;
  break-inside: avoid;
}
.picture {
  background: rgb(var(--v-theme-wool));
  border-radius: 14px 10px 16px 9px;
  overflow: hidden;
}
h3 {
  font-size: 1.25rem;
}
.why {
  font-style: italic;
}
ol {
  padding-left: 22px;
  margin-top: 6px;
}
li {
  margin: 3px 0;
}
@media (max-width: 599px) {
  .card {
    grid-template-columns: 1fr;
    gap: 10px;
  }
  .picture {
    max-width: 300px;
  }
}
</style>
