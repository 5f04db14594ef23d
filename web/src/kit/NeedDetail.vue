<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { FitView, NeedView } from '@/api/types'
import { labelOf, toolName } from '@/api/words'
import WhyList from '@/shell/WhyList.vue'
import { useUnits } from '@/shell/useUnits'
import ComparePanel from './ComparePanel.vue'
import FitMark from './FitMark.vue'
import PinReach from './PinReach.vue'
import ToolShape from './ToolShape.vue'

/** What one section asks of the tools, and what the drawer answers. */
const props = defineProps<{ dogId: number; need: NeedView; name: string }>()
const { range, length, say } = useUnits()

/** The two tools compared: at first the one that leads here, against one that the owner asks about. */
const one = ref<number>()
const other = ref<number>()
watch(
  () => props.need.section,
  () => {
    one.value = (props.need.own ?? props.need.fits[0])?.toolId
    other.value = undefined
  },
  { immediate: true },
)
const asked = (fit: FitView) => {
  other.value = other.value === fit.toolId ? undefined : fit.toolId
}
const choosable = (taken: number | undefined) =>
  props.need.fits.map((fit) => ({
    title: fit.shownName,
    value: fit.toolId,
    props: { disabled: fit.toolId === taken },
  }))
const reach = computed(() =>
  props.need.pinned && props.need.reachMillimetres !== undefined
    ? [{ mm: props.need.reachMillimetres, name: props.need.own?.shownName }]
    : [],
)
/** What has its turn here needs no excuse. */
const rest = computed(() =>
  props.need.fits.filter((fit) => !props.need.order.some((step) => step.own?.toolId === fit.toolId)),
)
</script>

<template>
  <article :aria-label="name">
    <h2 class="name">{{ name }}</h2>
    <div class="answer grid grid-cols-[minmax(220px,1fr)_minmax(240px,400px)] gap-20 items-start max-sm:grid-cols-1">
      <div class="tool flex gap-16">
        <ToolShape class="w-52 flex-none" :kind="need.own?.kind ?? need.lead" />
        <div>
          <p class="big slab text-3xl leading-tight">{{ toolName(need.lead, need.own) }}</p>
          <p v-if="need.own"><FitMark :fit="need.own" /></p>
          <p v-else-if="need.brushed"><strong>Nothing in your drawer will do yet.</strong></p>
          <p v-if="need.pins && need.pad">
            {{ need.pinned ? 'Asked for: pins' : 'Where pins are used:' }}
            <b>{{ range(need.pins.minMillimetres, need.pins.maxMillimetres) }}</b>, <b>{{ need.pad.words }}</b> pad
          </p>
          <p class="hair">{{ need.hairKind }} hair of {{ length(need.hairMillimetres) }}, {{ need.state }}</p>
          <p v-if="need.proof">
            Proof: <b>{{ labelOf('ToolKind', need.proof) }}</b>
          </p>
        </div>
      </div>
      <PinReach v-if="reach.length" :hair-mm="need.hairMillimetres" :pins="reach" />
    </div>
    <WhyList :reasons="need.reasons" />
    <h3>In this order</h3>
    <ol class="order pl-22 mb-14">
      <li v-for="(step, i) in need.order" class="my-4 mx-0" :key="i">
        <b class="inline-block">{{ toolName(step.tool, step.own) }}</b>: {{ step.mannerLabel }}
        <FitMark v-if="step.own" :fit="step.own" /><em
          v-else-if="step.missing"
          class="not-italic font-bold text-primary"
          >not in your drawer</em
        >
      </li>
    </ol>
    <template v-if="need.fits.length > 1">
      <h3>Why not that one?</h3>
      <ul class="rest list-none p-0 mb-14">
        <li v-for="fit in rest" class="seam-t py-2 px-0" :key="fit.toolId">
          <button
            class="min-h-44 inline-flex gap-12 items-center text-left disabled:opacity-100"
            type="button"
            :aria-expanded="other === fit.toolId"
            :disabled="one === fit.toolId"
            @click="asked(fit)"
          >
            <b class="inline-block">{{ fit.shownName }}</b> <FitMark :fit="fit" />
          </button>
          <span class="block text-md pb-4">{{ say(fit.reasons[0]!.text) }}</span>
        </li>
      </ul>
      <div class="flex flex-wrap gap-y-12 gap-x-14 mt-12 mx-0 mb-10">
        <v-select v-model="one" class="min-w-220 flex-1" label="Compare" :items="choosable(other)" />
        <v-select v-model="other" class="min-w-220 flex-1" label="with" :items="choosable(one)" />
      </div>
      <ComparePanel
        v-if="one !== undefined && other !== undefined"
        :dog-id="dogId"
        :section="need.section"
        :first="one"
        :second="other"
      />
    </template>
    <h3 class="never">Never here</h3>
    <ul class="nevers list-none p-0">
      <li v-for="never in need.never" :key="never.why.rule" class="caution">
        <strong class="inline-block">{{ never.label }}</strong> — {{ say(never.why.text) }}
      </li>
    </ul>
  </article>
</template>

<style scoped>
.hair::first-letter,
.name::first-letter,
.big::first-letter,
.order b::first-letter,
.nevers strong::first-letter,
.rest b::first-letter {
  text-transform: uppercase;
}
.rest button:not(:disabled) b {
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
</style>
