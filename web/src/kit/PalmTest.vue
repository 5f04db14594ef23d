<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { messageOf } from '@/api/client'
import type { Fault, ToolKindInfo, ToolView } from '@/api/types'
import { useNotice } from '@/shell/useNotice'
import { useUnits } from '@/shell/useUnits'
import { useToolActions } from './useDrawer'
import choices from '@/api/choices'
import ActKey from '@/shell/ActKey.vue'

/** The look-over of one tool: pressed and drawn over one's own palm. A tool that fails is put aside. */
const props = defineProps<{ tool: ToolView; kind: ToolKindInfo }>()

const { date } = useUnits()
const { tell } = useNotice()
const { check, replaced, takeBack } = useToolActions()

const found = ref<Fault[]>([])
watch(
  () => props.tool.id,
  () => {
    found.value = []
  },
)
const faults = computed(() => choices.ToolFault.filter((fault) => props.kind.faults.includes(fault.value)))
const error = computed(() => check.error.value ?? replaced.error.value)

const undo = (tool: ToolView) => () => takeBack.mutate({ toolId: tool.id, checkId: tool.checkId! })

async function look() {
  const after = await check.mutateAsync({ toolId: props.tool.id, faults: found.value }).catch(() => undefined)
  if (!after) return
  found.value = []
  tell(
    after.putAside
      ? `Put aside: ${after.shownName} is not matched until it is replaced.`
      : `Looked over: ${after.shownName} is fine.`,
    undo(after),
  )
}
async function replace() {
  const after = await replaced.mutateAsync(props.tool.id).catch(() => undefined)
  if (after) tell(`A new ${after.shownName} lies in its place. Measure it if it differs.`, undo(after))
}
</script>

<template>
  <section class="seam-t mt-18 pt-14" aria-labelledby="palm-title">
    <h3 id="palm-title">Palm test</h3>
    <template v-if="tool.putAside">
      <p class="caution">
        <strong>Put aside since {{ date(tool.check!.day) }}:</strong> {{ tool.check!.faults.join(', ') }}. If it
        scratches you it scratches the dog.
      </p>
      <ActKey color="secondary" :loading="replaced.isPending.value" @click="replace">I have replaced it</ActKey>
    </template>
    <template v-else>
      <p>
        Press it on your own palm or inner arm and draw it over, as hard as you would brush. Clear it of hair first: a
        full brush stops working. <span v-if="tool.check">Last looked over on {{ date(tool.check.day) }}.</span
        ><span v-else>Not looked over yet.</span>
      </p>
      <v-checkbox-btn
        v-for="fault in faults"
        :key="fault.value"
        v-model="found"
        color="error"
        :value="fault.value"
        :label="fault.title"
      />
      <ActKey :color="found.length ? 'error' : 'secondary'" :loading="check.isPending.value" @click="look">{{
        found.length ? 'Put it aside' : 'It passed today'
      }}</ActKey>
    </template>
    <p v-if="error" class="caution" role="alert"><strong>Not kept.</strong> {{ messageOf(error) }}</p>
  </section>
</template>

<style scoped>
.act {
  margin-top: 6px;
}
</style>
