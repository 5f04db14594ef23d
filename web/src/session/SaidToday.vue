<script setup lang="ts">
import { computed } from 'vue'
import { api, messageOf } from '@/api/client'
import { useChange, useDogView } from '@/api/queries'
import KeyButton from '@/shell/KeyButton.vue'
import { useUnits } from '@/shell/useUnits'
import { capital } from './phrases'

/** All that was said of the dog today; as long as it is of today, everything can be taken back. */
const props = defineProps<{ dogId: number }>()

const { say, timeOfDay } = useUnits()
const today = useDogView('today', () => props.dogId)
const said = computed(() => today.data.value?.said ?? [])
const back = useChange(
  (entryId: string) =>
    api.DELETE('/api/dogs/{dogId}/today/{entryId}', { params: { path: { dogId: props.dogId, entryId } } }),
  () => ['today', props.dogId],
)
</script>

<template>
  <section v-if="said.length" class="today" aria-label="Said today">
    <div class="head flex flex-wrap items-center justify-between gap-y-4 gap-x-16">
      <h2>Said today</h2>
      <KeyButton k="u" :disabled="back.isPending.value" @press="back.mutate(said[0]!.id)">Take back the last</KeyButton>
    </div>
    <p v-if="back.error.value" class="caution" role="alert">{{ messageOf(back.error.value) }}</p>
    <ol class="list-none p-0 m-0">
      <li
        v-for="one in said"
        class="grid grid-cols-[4.2em_1fr_auto] gap-y-4 gap-x-10 items-center seam-b"
        :key="one.id"
      >
        <span class="at tabular-nums">{{ timeOfDay(one.at) }}</span>
        <span class="what leading-tight wrap-anywhere"
          ><router-link v-if="one.session" :to="`/dogs/${dogId}/sessions/${one.id}`">{{
            capital(say(one.words))
          }}</router-link
          ><template v-else>{{ capital(say(one.words)) }}</template></span
        >
        <button
          class="min-h-44 py-4 px-6 dotted"
          type="button"
          :aria-label="`Take back: ${say(one.words)}`"
          :disabled="back.isPending.value"
          @click="back.mutate(one.id)"
        >
          Take back
        </button>
      </li>
    </ol>
    <hr class="seam" />
  </section>
</template>

<style scoped>
.head :deep(button) {
  min-height: 48px;
  padding: 4px 16px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 12px 9px 13px 8px;
}
li button:hover,
.head :deep(button:hover) {
  background: rgb(var(--v-theme-wool));
}
</style>
