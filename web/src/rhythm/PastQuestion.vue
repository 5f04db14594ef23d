<script setup lang="ts">
import { detailsOf } from '@/api/client'
import choices from '@/api/choices'
import { useNotice } from '@/shell/useNotice'
import { usePast } from './useWhen'

/** Asked once: what no record tells, and without which nobody knows what is in the coat. */
const props = defineProps<{ dogId: number; dogName: string }>()

const { tell } = useNotice()
const { say, forget } = usePast(() => props.dogId)

async function answer(last: (typeof choices.LastCombed)[number]) {
  if (await say.mutateAsync(last.value).catch(() => undefined)) tell(`${last.title}.`, () => forget.mutate())
}
</script>

<template>
  <section class="asked" aria-labelledby="past">
    <h3 id="past">When did a comb last go to {{ dogName }}’s skin everywhere?</h3>
    <div class="answers">
      <button
        v-for="one in choices.LastCombed"
        :key="one.value"
        type="button"
        :disabled="say.isPending.value"
        @click="answer(one)"
      >
        {{ one.title }}<small>{{ one.hint }}</small>
      </button>
    </div>
    <p class="quiet">Until a place has met the comb, it is only known as well as that.</p>
    <p v-if="say.error.value" class="caution" role="alert">
      <strong>{{ detailsOf(say.error.value) }}</strong>
    </p>
  </section>
</template>

<style scoped>
.asked {
  border-left: 5px solid rgb(var(--v-theme-primary));
  padding: 4px 0 4px 16px;
  margin: 0 0 18px;
}
.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 8px 0 6px;
}
button {
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 10px 8px 11px 7px;
  background: rgb(var(--v-theme-surface));
  min-height: 52px;
  padding: 6px 16px;
  text-align: left;
  font-weight: 700;
}
small {
  display: block;
  font-weight: 400;
  font-size: 0.88rem;
}
</style>
