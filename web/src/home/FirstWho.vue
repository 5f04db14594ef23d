<script setup lang="ts">
import facts from '@/api/facts'
import choices from '@/api/choices'
import { computed, ref } from 'vue'
import { useView } from '@/api/queries'
import { FOR_GOOD } from '@/api/queries'
import type { Breed, Size } from '@/api/types'
import BreedField from '@/dog/BreedField.vue'
import { breedNamed } from '@/dog/breedSearch'
import ChoiceRow from '@/shell/ChoiceRow.vue'
import LookPick from './LookPick.vue'
import type { FirstAnswers } from './first'
import ActKey from '@/shell/ActKey.vue'

/** Name, and breed or look; it is drawn as it is said. */
const said = defineModel<FirstAnswers>({ required: true })
defineProps<{ usualSize: Size }>()
const emit = defineEmits<{ on: [] }>()

const breeds = useView('breeds', FOR_GOOD)
const tried = ref(false)
const byLook = ref(!!said.value.kind)
const STAGES = choices.LifeStage.filter((stage) => stage.value !== 'CHANGING_COAT').map(({ value, title }) => ({
  value,
  title,
}))
const problem = computed(() => (tried.value && !said.value.name.trim() ? 'Your dog needs a name.' : undefined))

/** What grows on it, and how long, follows from the breed until its owner says otherwise. */
function called(breed: string) {
  const known = breedNamed(breeds.data.value ?? [], breed)
  Object.assign(said.value, { breed, like: known && tableName(known), kind: undefined, length: undefined })
}
/** A cross that is in no table looks like the parent that is. */
function tableName(breed: Breed): string | undefined {
  const all = breeds.data.value ?? []
  return [breed.name, ...breed.parents].find((name) => all.some((known) => known.name === name))
}
function next() {
  tried.value = true
  if (said.value.name.trim()) emit('on')
}
</script>

<template>
  <form novalidate @submit.prevent="next">
    <v-text-field
      v-model="said.name"
      class="mb-14"
      label="Name"
      :maxlength="facts.longestDogName"
      :error-messages="problem"
      autocomplete="off"
    />
    <BreedField :model-value="said.breed" @update:model-value="called" />
    <p v-if="!said.like" class="mb-8">
      <button v-if="!byLook" type="button" class="link min-h-44 dotted" @click="byLook = true">
        No breed? Choose by its look
      </button>
    </p>
    <LookPick v-if="byLook && !said.like" v-model="said.kind" @update:model-value="said.length = undefined" />
    <ChoiceRow
      :model-value="said.size ?? usualSize"
      label="It stands"
      :choices="choices.Size"
      @update:model-value="said.size = $event"
    />
    <ChoiceRow v-model="said.lifeStage" label="It is" :choices="STAGES" @update:model-value="said.length = undefined" />
    <ActKey type="submit" color="primary" size="large">Go on</ActKey>
  </form>
</template>

<style scoped>
.act {
  margin-top: 14px;
}
</style>
