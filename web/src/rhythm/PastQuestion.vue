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
  <section class="border-l-5 border-l-primary pt-4 pr-0 pb-4 pl-16 mt-0 mx-0 mb-18" aria-labelledby="past">
    <h2 id="past" class="text-lg mb-4">When did a comb last go to {{ dogName }}’s skin everywhere?</h2>
    <div class="answers flex flex-wrap gap-8 mt-8 mx-0 mb-6">
      <button
        v-for="one in choices.LastCombed"
        class="border-[1.5px] border-seam rounded-cut-sm bg-surface min-h-52 py-6 px-16 text-left font-bold"
        :key="one.value"
        type="button"
        :disabled="say.isPending.value"
        @click="answer(one)"
      >
        {{ one.title }}<small class="block font-normal text-sm">{{ one.hint }}</small>
      </button>
    </div>
    <p class="quiet">Until a place has met the comb, it is only known as well as that.</p>
    <p v-if="say.error.value" class="caution" role="alert">
      <strong>{{ detailsOf(say.error.value) }}</strong>
    </p>
  </section>
</template>
