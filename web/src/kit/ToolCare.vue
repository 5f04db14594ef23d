<script setup lang="ts">
import { computed } from 'vue'
import { messageOf } from '@/api/client'
import type { ToolView } from '@/api/types'
import { useNotice } from '@/shell/useNotice'
import { daysAgo, useUnits } from '@/shell/useUnits'
import { useToolActions } from './useDrawer'
import ActKey from '@/shell/ActKey.vue'

/** Clearing and washing of one tool, with the day of the last time. */
const props = defineProps<{ tool: ToolView; today?: string }>()

const { date, say } = useUnits()
const { tell } = useNotice()
const { cleaned, notCleaned } = useToolActions()
const care = computed(() => props.tool.care!)
const due = computed(() => !!care.value.due && !!props.today && care.value.due <= props.today)

async function clean() {
  const after = await cleaned.mutateAsync(props.tool.id).catch(() => undefined)
  if (after)
    tell(`${after.shownName}: cleaned today.`, () =>
      notCleaned.mutate({ toolId: after.id, entryId: after.care!.entryId! }),
    )
}
</script>

<template>
  <section class="seam-t mt-14 pt-10" aria-labelledby="care-title">
    <h3 id="care-title">Kept clean</h3>
    <p>{{ say(care.how.text) }}</p>
    <p>
      <template v-if="care.cleaned"
        >Last {{ daysAgo(today ?? care.cleaned, care.cleaned) }};
        <b v-if="due">due again.</b>
        <template v-else>again about {{ date(care.due!) }}.</template></template
      >
      <template v-else>Nobody has said when it was last cleaned.</template>
    </p>
    <p v-if="cleaned.error.value" class="caution" role="alert">
      <strong>{{ messageOf(cleaned.error.value) }}</strong>
    </p>
    <ActKey variant="outlined" :loading="cleaned.isPending.value" @click="clean">Cleaned today</ActKey>
  </section>
</template>
