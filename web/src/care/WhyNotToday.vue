<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, ask } from '@/api/client'
import type { CareJob } from '@/api/types'
import { useUnits } from '@/shell/useUnits'

/** Why a job that is due waits: what of today would have to go for it. */
const props = defineProps<{ dogId: number; job: CareJob; title: string }>()

const { say } = useUnits()
const open = ref(false)
const asked = useQuery({
  queryKey: ['why-not', () => props.dogId, () => props.job],
  queryFn: () =>
    ask(api.GET('/api/dogs/{dogId}/why-not/{job}', { params: { path: { dogId: props.dogId, job: props.job } } })),
  enabled: open,
})
</script>

<template>
  <div class="why">
    <button v-if="!open" type="button" class="link" :aria-label="`${title}: why not today?`" @click="open = true">
      Why not today?
    </button>
    <p v-else-if="asked.data.value" :data-rule="asked.data.value.why?.rule" role="status">
      {{
        asked.data.value.why
          ? say(asked.data.value.why.text)
          : 'Today’s minutes are taken by what cannot wait as long. Whoever has more time may do it all the same.'
      }}
    </p>
  </div>
</template>

<style scoped>
.why {
  padding: 0 0 6px 54px;
  max-width: 58ch;
}
</style>
