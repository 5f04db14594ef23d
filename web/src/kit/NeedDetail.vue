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
    <div class="answer">
      <div class="tool">
        <ToolShape class="shape" :kind="need.own?.kind ?? need.lead" />
        <div>
          <p class="big slab">{{ toolName(need.lead, need.own) }}</p>
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
    <ol class="order">
      <li v-for="(step, i) in need.order" :key="i">
        <b>{{ toolName(step.tool, step.own) }}</b>: {{ step.mannerLabel }}
        <FitMark v-if="step.own" :fit="step.own" /><em v-else-if="step.missing">not in your drawer</em>
      </li>
    </ol>
    <template v-if="need.fits.length > 1">
      <h3>Why not that one?</h3>
      <ul class="rest">
        <li v-for="fit in rest" :key="fit.toolId">
          <button
            type="button"
            :aria-expanded="other === fit.toolId"
            :disabled="one === fit.toolId"
            @click="asked(fit)"
          >
            <b>{{ fit.shownName }}</b> <FitMark :fit="fit" />
          </button>
          <span class="because">{{ say(fit.reasons[0]!.text) }}</span>
        </li>
      </ul>
      <p class="two">
        <label
          >Compare
          <select v-model="one">
            <option v-for="fit in need.fits" :key="fit.toolId" :value="fit.toolId" :disabled="fit.toolId === other">
              {{ fit.shownName }}
            </option>
          </select></label
        >
        <label
          >with
          <select v-model="other">
            <option :value="undefined">…</option>
            <option v-for="fit in need.fits" :key="fit.toolId" :value="fit.toolId" :disabled="fit.toolId === one">
              {{ fit.shownName }}
            </option>
          </select></label
        >
      </p>
      <ComparePanel
        v-if="one !== undefined && other !== undefined"
        :dog-id="dogId"
        :section="need.section"
        :first="one"
        :second="other"
      />
    </template>
    <h3 class="never">Never here</h3>
    <ul class="nevers">
      <li v-for="never in need.never" :key="never.why.rule" class="caution">
        <strong>{{ never.label }}</strong> — {{ say(never.why.text) }}
      </li>
    </ul>
  </article>
</template>

<style scoped>
.order b,
.nevers strong,
.rest b {
  display: inline-block;
}
.hair::first-letter,
.name::first-letter,
.big::first-letter,
.order b::first-letter,
.nevers strong::first-letter,
.rest b::first-letter {
  text-transform: uppercase;
}
.answer {
  display: grid;
  grid-template-columns: minmax(220px, 1fr) minmax(240px, 400px);
  gap: 20px;
  align-items: start;
}
.tool {
  display: flex;
  gap: 16px;
}
.shape {
  width: 52px;
  flex: none;
}
.big {
  font-size: 1.5rem;
  line-height: 1.15;
}
.order {
  padding-left: 22px;
  margin-bottom: 14px;
}
.order li {
  margin: 4px 0;
}
.order em {
  font-style: normal;
  font-weight: 700;
  color: rgb(var(--v-theme-primary));
}
.rest {
  list-style: none;
  padding: 0;
  margin-bottom: 14px;
}
.rest li {
  border-top: 1px dashed rgb(var(--v-theme-seam));
  padding: 2px 0;
}
.rest button {
  min-height: 44px;
  display: inline-flex;
  gap: 12px;
  align-items: center;
  text-align: left;
}
.rest button:not(:disabled) b {
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
.rest button:disabled {
  opacity: 1;
}
.because {
  display: block;
  font-size: 0.93rem;
  padding-bottom: 4px;
}
.two {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  margin: 6px 0 10px;
}
.two select {
  max-width: 100%;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 8px 7px 9px 6px;
  min-height: 44px;
  padding: 4px 10px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  font: inherit;
}
.nevers {
  list-style: none;
  padding: 0;
}
@media (max-width: 599px) {
  .answer {
    grid-template-columns: 1fr;
  }
}
</style>
