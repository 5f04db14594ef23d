<script setup lang="ts">
import type { BathView, Section } from '@/api/types'
import KeyButton from '@/shell/KeyButton.vue'
import { minutes, useUnits } from '@/shell/useUnits'
import { millilitres } from './words'

/** Whether it may be bathed now, and how much of what; else the way forward. */
defineProps<{ dogId: number; view: BathView; busy: boolean }>()
defineEmits<{ begin: []; brush: [sections: Section[]] }>()

const { say } = useUnits()
const TITLES = { BATHE: 'It may be bathed', BRUSH_FIRST: 'Brush first', GROOMER: 'No bath over this' }
const DRYERS = {
  FORCED_AIR: 'forced air, cool',
  TOWEL: 'with a towel',
  HOUSEHOLD_DRYER: 'household dryer, cool setting',
}
</script>

<template>
  <h1>{{ TITLES[view.gate.way] }}</h1>
  <p :class="{ caution: view.gate.way !== 'BATHE' }" :data-rule="view.gate.why.rule">{{ say(view.gate.why.text) }}</p>
  <template v-if="view.gate.way === 'BATHE'">
    <dl>
      <dt>In the tub</dt>
      <dd>{{ minutes(60 * view.tubMinutes) }}</dd>
      <dt>Drying to the skin</dt>
      <dd>{{ minutes(60 * view.dryMinutes) }}, {{ DRYERS[view.dryer] }}</dd>
      <dt>Shampoo</dt>
      <dd v-if="view.mix?.parts">
        {{ millilitres(view.mix.shampoo) }} in {{ millilitres(view.mix.water) }} of water (1 : {{ view.mix.parts }})
      </dd>
      <dd v-else-if="view.mix">{{ millilitres(view.mix.millilitres) }}, as it is</dd>
      <dd v-else><router-link to="/drawer/supplies">What does its label say?</router-link></dd>
    </dl>
    <KeyButton k="space" pedal="on" class="big" @press="$emit('begin')">Begin</KeyButton>
  </template>
  <KeyButton
    v-else-if="view.gate.way === 'BRUSH_FIRST'"
    k="space"
    pedal="on"
    class="big"
    :disabled="busy"
    @press="$emit('brush', view.gate.first)"
    >Brush {{ view.gate.first.length === 1 ? 'this place' : `these ${view.gate.first.length} places` }} now</KeyButton
  >
  <template v-else>
    <router-link class="big" :to="`/dogs/${dogId}/groom`">To the groomer</router-link>
    <KeyButton v-if="view.gate.mats.length" k="t" class="other" :disabled="busy" @press="$emit('brush', view.gate.mats)"
      >See whether it teases out</KeyButton
    >
  </template>
</template>

<style scoped>
h1 {
  font-size: clamp(1.8rem, 3.2vw, 2.7rem);
}
p,
dl {
  font-size: 1.2rem;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 22px;
  margin: 0;
}
dt {
  font-weight: 700;
}
dd {
  margin: 0;
}
</style>
