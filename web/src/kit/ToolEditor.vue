<script setup lang="ts">
import facts from '@/api/facts'
import { computed } from 'vue'
import { ApiProblem, messageOf } from '@/api/client'
import type { ToolForm, ToolKindInfo, ToolView } from '@/api/types'
import ChoiceRow from '@/shell/ChoiceRow.vue'
import LengthField from '@/shell/LengthField.vue'
import { useDraft } from '@/shell/useDraft'
import { useNotice } from '@/shell/useNotice'
import PinRuler from './PinRuler.vue'
import ToolShape from './ToolShape.vue'
import { useToolActions } from './useDrawer'
import choices from '@/api/choices'
import { choiceOf } from '@/api/words'
import { newTool } from './words'
import ActKey from '@/shell/ActKey.vue'

/** Describes one tool by what can be measured and seen of it; only what its kind has is asked. */
const props = defineProps<{
  kind: ToolKindInfo
  tool?: ToolView
  /** The brush whose other face it is. */
  back?: ToolView
}>()
const emit = defineEmits<{ kept: [toolId: number]; leave: [] }>()

const { tell } = useNotice()
const { save, remove } = useToolActions()

const { draft, start, clear } = useDraft<ToolForm>(
  `tool-${props.tool?.id ?? props.kind.kind}${props.back ? `-of-${props.back.id}` : ''}`,
)
start(props.tool?.form ?? newTool(props.kind.kind, props.back?.id))
const form = computed(() => draft.value!)

const has = (property: ToolKindInfo['properties'][number]) => props.kind.properties.includes(property)
const words = computed(() => choiceOf('ToolKind', props.kind.kind))
const slicker = computed(() => props.kind.kind === 'SLICKER')
const tips = computed(() => choices.Tips.filter((tip) => props.kind.tips.includes(tip.value)))
const problems = computed(() => (save.error.value instanceof ApiProblem ? save.error.value.fields : []))

function leave() {
  clear()
  emit('leave')
}

async function keep() {
  const kept = await save.mutateAsync({ toolId: props.tool?.id, form: form.value }).catch(() => undefined)
  if (!kept) return
  clear()
  if (props.tool) tell('What you changed is kept.')
  else tell(`In the drawer: ${kept.shownName}.`, () => remove.mutate(kept.id))
  emit('kept', kept.id)
}
</script>

<template>
  <form class="tool-form" :aria-label="tool ? tool.shownName : `A new ${words.label}`" @submit.prevent="keep">
    <div class="head flex gap-16 items-start mb-10">
      <ToolShape class="w-58 flex-none" :kind="kind.kind" :aside="tool?.putAside" />
      <div>
        <h2>{{ tool ? tool.shownName : words.label }}</h2>
        <p class="quiet">For {{ words.hint }}. Not for {{ kind.notFor }}.</p>
        <p v-if="back">The other face of “{{ back.shownName }}”: one brush, two tools for your dog.</p>
      </div>
    </div>
    <p v-if="kind.blade" class="caution">
      <strong>Left to a professional.</strong> It can lie in your drawer; it is never matched to your dog.
    </p>
    <div v-if="has('LENGTH')" class="grid grid-cols-[230px_1fr] gap-18 items-start my-12 mx-0 max-sm:grid-cols-1">
      <LengthField
        v-model="form.pinMillimetres"
        :label="slicker ? 'Wire length' : 'Pin length'"
        placeholder="not measured"
      />
      <PinRuler :mm="form.pinMillimetres" :wires="slicker" />
    </div>
    <ChoiceRow v-if="has('PAD')" v-model="form.pad" label="Pad" :choices="choices.PadKind" optional />
    <ChoiceRow v-if="has('TIPS')" v-model="form.tips" label="Tips" :choices="tips" optional />
    <v-checkbox-btn v-if="has('FLEXIBLE')" v-model="form.flexible" label="The head gives way when pressed" />
    <ChoiceRow v-if="has('SPACING')" v-model="form.spacing" label="Teeth" :choices="choices.Spacing" optional />
    <LengthField
      v-if="has('TEETH')"
      v-model="form.pinMillimetres"
      class="max-w-340 my-12 mx-0"
      label="Length of its teeth"
      placeholder="not measured"
    />
    <ChoiceRow v-if="has('HEAD')" v-model="form.head" label="Head" :choices="choices.HeadShape" optional />
    <LengthField
      v-if="has('WIDTH')"
      v-model="form.headMillimetres"
      class="max-w-340 my-12 mx-0"
      label="Width across the stroke"
      placeholder="not measured"
    />
    <ChoiceRow v-if="kind.properties.length" v-model="form.handle" label="Handle" :choices="choices.Handle" optional />
    <v-text-field
      v-model="form.name"
      class="max-w-340 my-12 mx-0"
      label="What you call it (optional)"
      :maxlength="facts.longestToolName"
      autocomplete="off"
      hide-details
    />
    <div v-if="save.error.value" class="caution" role="alert">
      <strong>{{ messageOf(save.error.value) }}</strong>
      <div v-for="problem in problems" :key="problem.field">{{ problem.message }}</div>
    </div>
    <div class="acts flex gap-10 mt-14">
      <ActKey type="submit" color="primary" size="large" :loading="save.isPending.value">{{
        tool ? 'Keep' : 'Put it in the drawer'
      }}</ActKey>
      <ActKey variant="text" size="large" @click="leave">{{ tool ? 'Close' : 'Not this one' }}</ActKey>
    </div>
  </form>
</template>

<style scoped>
h2::first-letter {
  text-transform: uppercase;
}
</style>
