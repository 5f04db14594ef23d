<script setup lang="ts">
import { computed, watch } from 'vue'
import choices from '@/api/choices'
import { ApiProblem, messageOf } from '@/api/client'
import facts from '@/api/facts'
import type { AgreedForm, AgreedView, Subject } from '@/api/types'
import { choiceOf, subjectLabel } from '@/api/words'
import ChoiceRow from '@/shell/ChoiceRow.vue'
import { useDraft } from '@/shell/useDraft'
import { useUnits } from '@/shell/useUnits'
import { useSaveAgreed } from './useTrust'

/** The words that the dog knows, and where it is brushed. */
const props = defineProps<{ dogId: number; agreed: AgreedView; positions: readonly Subject[] }>()

const { say } = useUnits()
const save = useSaveAgreed(() => props.dogId)
type Word = { key: string; label: string; hint: string }
const words = computed<Word[]>(() => [
  { key: 'marker', label: 'Marker: that was it', hint: 'yes' },
  { key: 'release', label: 'Release: you may go', hint: 'free' },
  ...props.positions.map((position) => ({ key: position, label: subjectLabel(position), hint: '' })),
])

const { draft, start, clear } = useDraft<{ words: Record<string, string>; station?: AgreedForm['station'] }>(
  `agreed:${props.dogId}`,
)
watch(
  () => props.agreed.form,
  ({ marker = '', release = '', cues, station }) => start({ words: { ...cues, marker, release }, station }),
  { immediate: true },
)
const fields = computed(() => (save.error.value instanceof ApiProblem ? save.error.value.fields : []))
function keep() {
  const said = Object.fromEntries(
    Object.entries(draft.value!.words)
      .map(([key, word]) => [key, word.trim()] as const)
      .filter(([, word]) => word),
  )
  const { marker, release, ...cues } = said
  save.mutate({ marker, release, cues, station: draft.value!.station }, { onSuccess: clear })
}
</script>

<template>
  <form v-if="draft" class="agreed" @submit.prevent="keep">
    <h2>In your words</h2>
    <p :data-rule="agreed.how.rule">{{ say(agreed.how.text) }}</p>
    <div class="words">
      <label v-for="word in words" :key="word.key">
        <span>{{ word.label }}</span>
        <input
          v-model="draft.words[word.key]"
          :maxlength="facts.longestWord"
          :placeholder="word.hint"
          autocomplete="off"
        />
      </label>
    </div>
    <ChoiceRow v-model="draft.station" label="Brushed" :choices="choices.Station" optional />
    <p v-if="agreed.notYet" class="caution" :data-rule="agreed.notYet.rule">{{ say(agreed.notYet.text) }}</p>
    <p v-else class="quiet">
      Today {{ choiceOf('Station', agreed.today).label }}. What it has not learned is never preset.
    </p>
    <div class="keep">
      <v-btn type="submit" color="primary" :loading="save.isPending.value">Keep these</v-btn>
      <span v-if="save.isSuccess.value" role="status">Kept.</span>
    </div>
    <p v-if="save.error.value" class="caution" role="alert">
      <strong>{{
        fields.length ? fields.map((field) => field.message).join(' ') : messageOf(save.error.value)
      }}</strong>
    </p>
  </form>
</template>

<style scoped>
.agreed {
  margin-top: 26px;
}
.words {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 10px 18px;
  align-items: end;
  margin: 12px 0;
}
label span {
  display: block;
  font-weight: 700;
}
label span::first-letter {
  text-transform: uppercase;
}
input {
  width: 100%;
  min-height: 48px;
  padding: 4px 12px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 10px 8px 11px 7px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
}
input::placeholder {
  color: rgba(var(--v-theme-ink), 0.62);
  font-style: italic;
}
.keep {
  display: flex;
  align-items: center;
  gap: 16px;
  margin-top: 12px;
}
@media (max-width: 599px) {
  .words {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
