<script setup lang="ts">
import facts from '@/api/facts'
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import { onMounted } from 'vue'
import { api, ask, messageOf } from '@/api/client'
import type { SessionView } from '@/api/types'
import { useDraft } from '@/shell/useDraft'
import ActKey from '@/shell/ActKey.vue'

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
  <form
    v-if="draft"
    class="no-print grid grid-cols-[1fr_auto] gap-y-4 gap-x-12 items-end mt-12 mx-0 mb-16"
    @submit.prevent="keep.mutate()"
  >
    <v-textarea
      v-model="draft.note"
      label="A note"
      :maxlength="facts.longestText"
      placeholder="what to remember of it"
      persistent-placeholder
    />
    <ActKey type="submit" variant="outlined" :loading="keep.isPending.value" :disabled="draft.note.trim() === note">{{
      note && draft.note.trim() === note ? 'Kept' : 'Keep'
    }}</ActKey>
    <p v-if="keep.error.value" class="caution col-span-full" role="alert">
      <strong>{{ messageOf(keep.error.value) }}</strong>
    </p>
  </form>
</template>
