<script setup lang="ts">
import { computed } from 'vue'
import choices from '@/api/choices'
import type { Breed, DogForm } from '@/api/types'
import CoatSide from '@/bodymap/CoatSide.vue'
import { drawnDog } from '@/bodymap/dog'
import ChoiceKey from '@/shell/ChoiceKey.vue'

/** Build, ears and tail, each one tap, on a dog that changes as they do; they are written into the form. */
const props = defineProps<{
  dog: DogForm
  /** Whose usual looks and coat are drawn until the owner says otherwise. */
  like?: Breed
}>()

const drawn = computed(() => drawnDog(props.like?.coat, props.dog))
const groups = [
  { legend: 'Build', key: 'build' as const, choices: choices.Build },
  { legend: 'Ears', key: 'ears' as const, choices: choices.Ears },
  { legend: 'Tail', key: 'tail' as const, choices: choices.TailShape },
]
</script>

<template>
  <div class="grid grid-cols-[minmax(240px,34%)_1fr] gap-y-8 gap-x-32 items-center mb-12 max-sm:grid-cols-1">
    <figure class="m-0 max-sm:max-w-280 max-sm:my-0 max-sm:mx-auto">
      <CoatSide side="LEFT" :names="{}" :dog="drawn" still />
      <figcaption v-if="like" class="text-center text-sm">
        with the coat most have that are called {{ like.name }}; change what differs
      </figcaption>
    </figure>
    <div>
      <fieldset v-for="group in groups" :key="group.key" class="border-0 p-0 mt-0 mx-0 mb-10">
        <legend class="slab float-left w-70 pt-10 max-sm:float-none max-sm:w-full max-sm:py-4 max-sm:px-0">
          {{ group.legend }}
        </legend>
        <div class="ml-76 flex flex-wrap gap-6 max-sm:ml-0">
          <!-- eslint-disable vue/no-mutating-props -- the form is one object that the page owns -->
          <ChoiceKey
            v-for="choice in group.choices"
            :key="choice.value"
            :on="dog[group.key] === choice.value"
            :title="choice.hint"
            @click="Object.assign(dog, { [group.key]: choice.value })"
            >{{ choice.title }}</ChoiceKey
          >
          <!-- eslint-enable vue/no-mutating-props -->
        </div>
      </fieldset>
    </div>
  </div>
</template>
