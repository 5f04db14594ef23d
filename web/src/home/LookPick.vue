<script setup lang="ts">
import { useView, FOR_GOOD } from '@/api/queries'
import type { CoatKind } from '@/api/types'
import { labelOf, choiceOf } from '@/api/words'
import CoatSide from '@/bodymap/CoatSide.vue'
import { drawnDog } from '@/bodymap/dog'
import ChoiceKey from '@/shell/ChoiceKey.vue'

/** What coat it has, by pictures; none chosen: a mixture. */
const kind = defineModel<CoatKind | undefined>({ required: true })

const looks = useView('first-dogs/kinds', FOR_GOOD)
</script>

<template>
  <div class="grid grid-cols-[repeat(auto-fill,minmax(96px,1fr))] gap-6 mb-10" role="group" aria-label="Its look">
    <ChoiceKey
      v-for="look in looks.data.value ?? []"
      class="text-center"
      :key="look.kind"
      :on="kind === look.kind"
      :title="choiceOf('CoatKind', look.kind).hint"
      @click="kind = kind === look.kind ? undefined : look.kind"
    >
      <span class="block" aria-hidden="true" inert
        ><CoatSide side="LEFT" :names="{}" :dog="drawnDog(look.coat)" still
      /></span>
      {{ labelOf('CoatKind', look.kind) }}
    </ChoiceKey>
  </div>
</template>
