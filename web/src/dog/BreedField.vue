<script setup lang="ts">
import facts from '@/api/facts'
import { computed, ref, watch } from 'vue'
import type { Breed } from '@/api/types'
import { FOR_GOOD, useView } from '@/api/queries'
import { breedNamed, breedSearch } from './breedSearch'
import { kindOf } from './words'

/** The breed as its owner calls it; what is in the table is found as it is typed, and what is not stays as written. */
const breed = defineModel<string>({ required: true })
defineProps<{ error?: string }>()
const emit = defineEmits<{ known: [breed: Breed] }>()

const breeds = useView('breeds', FOR_GOOD)
const find = computed(() => breedSearch(breeds.data.value ?? []))
const typed = ref(breed.value)
watch(breed, (now) => (typed.value = now))
const found = computed(() => find.value(typed.value))

function choose(name: string | null) {
  breed.value = name ?? ''
  const known = breedNamed(breeds.data.value ?? [], name ?? undefined)
  if (known) emit('known', known)
}
</script>

<template>
  <div>
    <v-combobox
      v-model:search="typed"
      :model-value="breed"
      :items="found.breeds"
      item-title="name"
      item-value="name"
      :return-object="false"
      no-filter
      hide-no-data
      auto-select-first="exact"
      menu-icon=""
      label="Breed or cross, if known"
      :maxlength="facts.longestBreed"
      :error-messages="error"
      autocomplete="off"
      @update:model-value="choose"
    >
      <template #item="{ props: row, item }">
        <v-list-item v-bind="row" :subtitle="kindOf(item)" />
      </template>
    </v-combobox>
    <p v-if="typed.trim() && breeds.data.value && !found.breeds.length" class="-mt-8 mx-0 mb-10 text-md" role="status">
      <template v-if="found.nobodyKnows">
        It stays as you wrote it. Nobody can guess the coat of one that may be anything: the coat finder asks what you
        see and feel.
      </template>
      <template v-else>Not in the table. It stays as you wrote it, and nothing is guessed from it.</template>
      <template v-if="found.nearest.length">
        Nearest:
        <button
          v-for="one in found.nearest"
          class="dotted min-h-44 mr-12"
          :key="one.name"
          type="button"
          @click="choose(one.name)"
        >
          {{ one.name }}
        </button>
      </template>
    </p>
  </div>
</template>
