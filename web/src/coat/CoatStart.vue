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
  <div class="start">
    <section aria-labelledby="by-breed">
      <h2 id="by-breed">What grows on {{ name }}?</h2>
      <BreedField v-model="called" />
      <ChoiceRow v-if="guess?.keptLong && !young" v-model="trim" label="Its hair" :choices="TRIMS" />
      <div v-if="guess" class="guess">
        <CoatSide side="LEFT" :names="{}" :dog="drawnDog(guess.coat, guess.looks)" still />
        <div>
          <h3>The usual {{ guess.name }}</h3>
          <p>{{ kindOf(guess) }}</p>
          <p class="quiet">{{ say(guess.why.text) }}</p>
          <v-btn color="primary" size="large" @click="$emit('guess', guess)">Start from this guess</v-btn>
        </div>
      </div>
    </section>
    <section class="ways" aria-labelledby="by-looking">
      <h2 id="by-looking">Not sure, or a mixture?</h2>
      <v-btn variant="outlined" size="large" :to="`/dogs/${dogId}/dog/coat/finder`"
        >Find out by looking and feeling</v-btn
      >
      <h2>You know it? Say what it is all over</h2>
      <KindPick :kinds="kinds" @choose="$emit('say', $event)" />
    </section>
  </div>
</template>

<style scoped>
.start {
  display: grid;
  grid-template-columns: 1fr 1.15fr;
  gap: 28px 48px;
  align-items: start;
}
.start > * {
  min-width: 0;
}
.guess {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 20px;
  align-items: center;
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding-top: 12px;
}
.ways h2:not(:first-child) {
  margin-top: 24px;
}
@media (max-width: 899px) {
  .start {
    grid-template-columns: 1fr;
  }
}
</style>
