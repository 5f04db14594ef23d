<script setup lang="ts">
import facts from '@/api/facts'
import { ref } from 'vue'
import { detailsOf } from '@/api/client'
import { useSections } from '@/api/queries'
import type { ClosedView } from '@/api/types'
import { labelOf } from '@/api/words'
import { useNotice } from '@/shell/useNotice'
import { useUnits } from '@/shell/useUnits'
import { useSeen } from './useWhen'

/** Places that a vet or a groomer must see: nothing is brushed there until somebody says that they did. */
const props = defineProps<{ dogId: number; closed: readonly ClosedView[] }>()

const { names } = useSections()
const { say } = useUnits()
const { tell } = useNotice()
const { seen, notSeen } = useSeen(() => props.dogId)
const words = ref<Record<string, string>>({})

async function open(one: ClosedView) {
  const told = { section: one.section, who: one.who, words: words.value[one.section] ?? '' }
  if (await seen.mutateAsync(told).catch(() => undefined))
    tell(`Open again: ${names.value[one.section]}.`, () => notSeen.mutate(one.section))
}
</script>

<template>
  <section v-if="closed.length" class="closed" aria-labelledby="closed">
    <h3 id="closed">Closed for brushing</h3>
    <article v-for="one in closed" :key="one.section + one.who">
      <p>
        <b>{{ names[one.section] }}.</b> {{ say(one.why.text) }}
      </p>
      <form class="no-print" @submit.prevent="open(one)">
        <input
          v-model="words[one.section]"
          :maxlength="facts.longestText"
          :aria-label="`What ${labelOf('SeenByWho', one.who)} said of it`"
          :placeholder="
            one.who === 'ADULT' ? 'What you found, if anything' : `What ${labelOf('SeenByWho', one.who)} said`
          "
        />
        <button type="submit" :disabled="seen.isPending.value">
          {{ one.who === 'ADULT' ? 'Open it again' : `${labelOf('SeenByWho', one.who)} has seen it` }}
        </button>
      </form>
    </article>
    <p v-if="seen.error.value" class="caution" role="alert">
      <strong>{{ detailsOf(seen.error.value) }}</strong>
    </p>
  </section>
</template>

<style scoped>
.closed {
  border: 2px solid rgb(var(--v-theme-primary));
  border-radius: 12px 9px 14px 8px;
  padding: 10px 16px;
  margin: 0 0 18px;
}
b::first-letter,
button::first-letter {
  text-transform: uppercase;
}
form {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 6px 0 4px;
}
input {
  flex: 1 1 220px;
  min-height: 44px;
  padding: 4px 12px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 8px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  font: inherit;
}
button {
  min-height: 44px;
  padding: 4px 16px;
  font-weight: 700;
  border: 1.5px solid rgb(var(--v-theme-ink));
  border-radius: 9px 8px 10px 7px;
}
</style>
