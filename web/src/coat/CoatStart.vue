<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Breed, CoatKindInfo } from '@/api/types'
import { FOR_GOOD, useView } from '@/api/queries'
import CoatSide from '@/bodymap/CoatSide.vue'
import { drawnDog } from '@/bodymap/dog'
import BreedField from '@/dog/BreedField.vue'
import { breedNamed } from '@/dog/breedSearch'
import { kindOf } from '@/dog/words'
import ChoiceRow from '@/shell/ChoiceRow.vue'
import { useUnits } from '@/shell/useUnits'
import KindPick from './KindPick.vue'
import ActKey from '@/shell/ActKey.vue'

/** Three ways into a coat of which nothing is known: the breed's as a guess, looking and feeling, or saying it. */
const props = defineProps<{ dogId: number; name: string; breed: string; kinds: CoatKindInfo[]; young: boolean }>()
defineEmits<{ guess: [breed: Breed]; say: [kind: CoatKindInfo] }>()

const { say } = useUnits()
const breeds = useView('breeds', FOR_GOOD)
const called = ref(props.breed)
const known = computed(() => breedNamed(breeds.data.value ?? [], called.value))
const TRIMS = [
  { value: 'TRIM', title: 'In a pet trim', hint: 'a groomer clips it every few weeks' },
  { value: 'LONG', title: 'Kept long' },
] as const
const trim = ref<(typeof TRIMS)[number]['value']>('TRIM')
const guess = computed(() => {
  const long = known.value?.keptLong
  return known.value && long && trim.value === 'LONG' ? { ...known.value, coat: long } : known.value
})
</script>

<template>
  <div class="start grid grid-cols-[1fr_1.15fr] gap-y-28 gap-x-48 items-start max-md:grid-cols-1">
    <section aria-labelledby="by-breed">
      <h2 id="by-breed">What grows on {{ name }}?</h2>
      <BreedField v-model="called" />
      <ChoiceRow v-if="guess?.keptLong && !young" v-model="trim" label="Its hair" :choices="TRIMS" />
      <div v-if="guess" class="grid grid-cols-2 gap-20 items-center seam-t pt-12">
        <CoatSide side="LEFT" :names="{}" :dog="drawnDog(guess.coat, guess.looks)" still />
        <div>
          <h3>The usual {{ guess.name }}</h3>
          <p>{{ kindOf(guess) }}</p>
          <p class="quiet">{{ say(guess.why.text) }}</p>
          <ActKey color="primary" size="large" @click="$emit('guess', guess)">Start from this guess</ActKey>
        </div>
      </div>
    </section>
    <section class="ways" aria-labelledby="by-looking">
      <h2 id="by-looking">Not sure, or a mixture?</h2>
      <ActKey variant="outlined" size="large" :to="`/dogs/${dogId}/dog/coat/finder`"
        >Find out by looking and feeling</ActKey
      >
      <h2>You know it? Say what it is all over</h2>
      <KindPick :kinds="kinds" @choose="$emit('say', $event)" />
    </section>
  </div>
</template>

<style scoped>
.start > * {
  min-width: 0;
}
.ways h2:not(:first-child) {
  margin-top: 24px;
}
</style>
