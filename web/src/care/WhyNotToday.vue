<script setup lang="ts">
import { computed, ref } from 'vue'
import { useWaits } from '@/api/queries'
import type { CareJob } from '@/api/types'
import { useUnits } from '@/shell/useUnits'

/** Why a job that is due waits: what of today would have to go for it. */
const props = defineProps<{ dogId: number; job: CareJob; title: string; today: string }>()

const { date, say } = useUnits()
const open = ref(false)
const waits = useWaits(() => props.today, open)
const one = computed(() => waits.data.value?.find((each) => each.dogId === props.dogId && each.job === props.job))
</script>

<template>
  <div class="why pt-0 pr-0 pb-6 pl-54 max-w-[58ch]">
    <button
      type="button"
      class="link"
      :aria-label="`${title}: why not today?`"
      :aria-expanded="open"
      @click="open = !open"
    >
      Why not today?
    </button>
    <div v-if="open" role="status">
      <p v-if="one" :data-rule="one.why.rule">
        {{ say(one.why.text) }}{{ one.until ? ` It comes on ${date(one.until)}.` : '' }}
      </p>
      <p v-else-if="waits.isError.value">Nobody could be asked just now; try again in a moment.</p>
    </div>
  </div>
</template>
