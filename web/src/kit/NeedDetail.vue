<script setup lang="ts">
import type { NeedView } from '@/api/types'
import WhyList from '@/shell/WhyList.vue'
import { useUnits } from '@/shell/useUnits'
import PinReach from './PinReach.vue'

/** What one section asks of the tools. */
defineProps<{ need: NeedView; name: string }>()
const { range, length, say } = useUnits()
</script>

<template>
  <article :aria-label="name">
    <h2 class="name">{{ name }}</h2>
    <div class="answer">
      <div>
        <p class="big slab">{{ need.lead.label }}</p>
        <p v-if="need.pins && need.pad">{{ need.lead.hasPins ? 'Pins' : 'Where pins are used:' }} <b>{{ range(need.pins.minMillimetres, need.pins.maxMillimetres) }}</b>, <b>{{ need.pad.words }}</b> pad</p>
        <p v-else>No pins here.</p>
        <p>Hair there: {{ length(need.hairMillimetres) }}</p>
        <p v-if="need.proof">Proof: <b>{{ need.proof.label }}</b></p>
      </div>
      <PinReach v-if="need.pins && need.lead.hasPins" :hair-mm="need.hairMillimetres" :pin-mm="(need.pins.minMillimetres + need.pins.maxMillimetres) / 2" />
    </div>
    <WhyList :reasons="need.reasons" />
    <h3>In this order</h3>
    <ol>
      <li v-for="(step, i) in need.order" :key="i"><b>{{ step.toolLabel }}</b>: {{ step.mannerLabel }}</li>
    </ol>
    <h3 class="never">Never here</h3>
    <ul class="nevers">
      <li v-for="never in need.never" :key="never.tool.kind" class="caution"><strong>{{ never.tool.label }}</strong> — {{ say(never.why.text) }}</li>
    </ul>
  </article>
</template>

<style scoped>
ol b, .nevers strong { display: inline-block; }
.name::first-letter, .big::first-letter, ol b::first-letter, .nevers strong::first-letter { text-transform: uppercase; }
.answer { display: grid; grid-template-columns: minmax(200px, 1fr) minmax(260px, 430px); gap: 20px; align-items: start; }
.big { font-size: 1.7rem; }
ol { padding-left: 22px; margin-bottom: 14px; }
.nevers { list-style: none; padding: 0; }
@media (max-width: 599px) { .answer { grid-template-columns: 1fr; } }
</style>
