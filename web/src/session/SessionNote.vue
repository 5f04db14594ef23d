<script setup lang="ts">
import facts from '@/api/facts'
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import { onMounted } from 'vue'
import { api, ask, messageOf } from '@/api/client'
import type { SessionView } from '@/api/types'
import { useDraft } from '@/shell/useDraft'

/** A few words to remember the session by. */
const props = defineProps<{ dogId: number; sessionId: string; note: string }>()

const client = useQueryClient()
const { draft, start, clear } = useDraft<{ note: string }>(`note:${props.sessionId}`)
onMounted(() => start({ note: props.note }))

const keep = useMutation({
  mutationFn: () =>
    ask(
      api.PUT('/api/dogs/{dogId}/sessions/{sessionId}/note', {
        params: { path: { dogId: props.dogId, sessionId: props.sessionId } },
        body: { note: draft.value!.note },
      }),
    ),
  onSuccess: (view: SessionView) => {
    clear()
    client.setQueryData(['session', props.sessionId], view)
  },
})
</script>

<template>
  <form v-if="draft" class="note no-print" @submit.prevent="keep.mutate()">
    <label :for="`note-${sessionId}`">A note</label>
    <textarea
      :id="`note-${sessionId}`"
      v-model="draft.note"
      rows="2"
      :maxlength="facts.longestText"
      placeholder="what to remember of it"
    />
    <v-btn type="submit" variant="outlined" :loading="keep.isPending.value" :disabled="draft.note.trim() === note">{{
      note && draft.note.trim() === note ? 'Kept' : 'Keep'
    }}</v-btn>
    <p v-if="keep.error.value" class="caution" role="alert">
      <strong>{{ messageOf(keep.error.value) }}</strong>
    </p>
  </form>
</template>

<style scoped>
.note {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 12px;
  align-items: end;
  margin: 12px 0 16px;
}
label {
  grid-column: 1 / -1;
  font-weight: 700;
}
textarea {
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 9px 7px 10px 6px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  font: inherit;
  padding: 8px 12px;
  width: 100%;
}
textarea::placeholder {
  color: rgb(var(--v-theme-ink));
  opacity: 0.75;
}
.caution {
  grid-column: 1 / -1;
}
</style>
