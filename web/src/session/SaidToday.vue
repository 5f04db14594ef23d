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
    <div class="head">
      <h2>Said today</h2>
      <KeyButton k="u" :disabled="back.isPending.value" @press="back.mutate(said[0]!.id)">Take back the last</KeyButton>
    </div>
    <p v-if="back.error.value" class="caution" role="alert">{{ messageOf(back.error.value) }}</p>
    <ol>
      <li v-for="one in said" :key="one.id">
        <span class="at">{{ timeOfDay(one.at) }}</span>
        <span class="what"
          ><router-link v-if="one.session" :to="`/dogs/${dogId}/sessions/${one.id}`">{{
            capital(say(one.words))
          }}</router-link
          ><template v-else>{{ capital(say(one.words)) }}</template></span
        >
        <button
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
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 4px 16px;
}
.head :deep(button) {
  min-height: 48px;
  padding: 4px 16px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 12px 9px 13px 8px;
}
ol {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  display: grid;
  grid-template-columns: 4.2em 1fr auto;
  gap: 4px 10px;
  align-items: center;
  border-bottom: 1px dashed rgb(var(--v-theme-seam));
}
.at {
  font-variant-numeric: tabular-nums;
}
.what {
  line-height: 1.25;
  overflow-wrap: anywhere;
}
li button {
  min-height: 44px;
  padding: 4px 6px;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
li button:hover,
.head :deep(button:hover) {
  background: rgb(var(--v-theme-wool));
}
</style>
