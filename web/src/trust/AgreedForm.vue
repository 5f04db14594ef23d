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
import ActKey from '@/shell/ActKey.vue'

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
  <form v-if="draft" class="mt-26" @submit.prevent="keep">
    <h2>In your words</h2>
    <p :data-rule="agreed.how.rule">{{ say(agreed.how.text) }}</p>
    <div class="words grid grid-cols-3 gap-y-10 gap-x-18 items-end my-12 mx-0 max-sm:grid-cols-2">
      <v-text-field
        v-for="word in words"
        :key="word.key"
        v-model="draft.words[word.key]"
        :label="word.label"
        :maxlength="facts.longestWord"
        :placeholder="word.hint"
        persistent-placeholder
        autocomplete="off"
      />
    </div>
    <ChoiceRow v-model="draft.station" label="Brushed" :choices="choices.Station" optional />
    <p v-if="agreed.notYet" class="caution" :data-rule="agreed.notYet.rule">{{ say(agreed.notYet.text) }}</p>
    <p v-else class="quiet">
      Today {{ choiceOf('Station', agreed.today).label }}. What it has not learned is never preset.
    </p>
    <div class="flex items-center gap-16 mt-12">
      <ActKey type="submit" color="primary" :loading="save.isPending.value">Keep these</ActKey>
      <span v-if="save.isSuccess.value" role="status">Kept.</span>
    </div>
    <p v-if="save.error.value" class="caution" role="alert">
      <strong>{{
        fields.length ? fields.map((field) => field.message).join(' ') : messageOf(save.error.value)
      }}</strong>
    </p>
  </form>
</template>
