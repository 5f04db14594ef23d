<script setup lang="ts">
import { computed } from 'vue'
import type { BathView, Section } from '@/api/types'
import KeyButton from '@/shell/KeyButton.vue'
import { minutes, useUnits } from '@/shell/useUnits'
import { practicePath } from '@/trust/pages'
import { millilitres } from './words'

/** Whether it may be bathed now, and how much of what; else the way forward. */
const props = defineProps<{
  dogId: number
  view: BathView
  /** Where fingers felt a lump, so far. */
  lumps: readonly Section[]
  names: Partial<Record<Section, string>>
  busy: boolean
}>()
defineEmits<{ begin: []; brush: [sections: Section[]]; searched: []; rinse: [] }>()

const { say } = useUnits()
const TITLES = {
  BATHE: 'It may be bathed',
  BRUSH_FIRST: 'Brush first',
  SEARCH_FIRST: 'Fingers first',
  RINSE_ONLY: 'Rinsed, not bathed',
  GROOMER: 'No bath over this',
  VET: 'A vet looks first',
}
const DRYERS = {
  FORCED_AIR: 'forced air, cool',
  TOWEL: 'with a towel',
  AIR_FROM_AFAR: 'towel, warm room, cool air from afar',
  HOUSEHOLD_DRYER: 'household dryer, cool setting',
}
const way = computed(() => props.view.gate.way)
const title = computed(() =>
  way.value === 'BATHE' && props.view.kind === 'RINSE' ? 'It may be rinsed' : TITLES[way.value],
)
</script>

<template>
  <h1 class="text-[clamp(1.8rem,3.2vw,2.7rem)]">{{ title }}</h1>
  <p class="text-xl" :class="{ caution: way !== 'BATHE' }" :data-rule="view.gate.why.rule">
    {{ say(view.gate.why.text) }}
  </p>
  <template v-if="way === 'BATHE'">
    <dl class="text-xl grid grid-cols-[auto_1fr] gap-y-4 gap-x-22 m-0">
      <dt class="font-bold">In the water</dt>
      <dd>{{ minutes(60 * view.tubMinutes) }}</dd>
      <dt class="font-bold">Drying to the skin</dt>
      <dd>
        {{ minutes(60 * view.dryMinutes) }}, {{ DRYERS[view.dryer] }}
        <router-link
          v-if="view.dryer === 'AIR_FROM_AFAR'"
          class="inline-block min-h-44 pt-8"
          :to="practicePath(dogId, { subject: 'DRYER', section: 'BACK' })"
          >Practise the dryer</router-link
        >
      </dd>
      <template v-if="view.kind !== 'RINSE'">
        <dt class="font-bold">Shampoo</dt>
        <dd v-if="view.mix?.parts">
          {{ millilitres(view.mix.shampoo) }} in {{ millilitres(view.mix.water) }} of water (1 : {{ view.mix.parts }})
        </dd>
        <dd v-else-if="view.mix">{{ millilitres(view.mix.millilitres) }}, as it is</dd>
        <dd v-else><router-link to="/drawer/supplies">What does its label say?</router-link></dd>
      </template>
    </dl>
    <KeyButton k="space" pedal="on" class="big" :disabled="busy" @press="$emit('begin')">Begin</KeyButton>
  </template>
  <KeyButton
    v-else-if="way === 'BRUSH_FIRST'"
    k="space"
    pedal="on"
    class="big"
    :disabled="busy"
    @press="$emit('brush', view.gate.first)"
    >Brush {{ view.gate.first.length === 1 ? 'this place' : `these ${view.gate.first.length} places` }} now</KeyButton
  >
  <template v-else-if="way === 'SEARCH_FIRST'">
    <p class="text-xl">
      {{ lumps.length ? 'A lump at' : 'A lump somewhere? Touch that place on the drawn dog.' }}
      <b>{{ lumps.map((section) => names[section]).join(', ') }}</b>
    </p>
    <KeyButton k="space" pedal="on" class="big" :disabled="busy" @press="$emit('searched')">{{
      lumps.length ? 'That is all I felt' : 'No lump anywhere'
    }}</KeyButton>
  </template>
  <template v-else>
    <KeyButton v-if="way === 'RINSE_ONLY'" k="space" pedal="on" class="big" :disabled="busy" @press="$emit('rinse')"
      >Rinse what is dirty</KeyButton
    >
    <router-link :class="way === 'RINSE_ONLY' ? 'other' : 'big'" :to="`/dogs/${dogId}/days/groom`"
      >To the groomer</router-link
    >
    <KeyButton v-if="view.gate.mats.length" k="t" class="other" :disabled="busy" @press="$emit('brush', view.gate.mats)"
      >See whether it teases out</KeyButton
    >
  </template>
</template>

<style scoped>
dd {
  margin: 0;
}
</style>
