<script setup lang="ts">
import choices from '@/api/choices'
import type { DrawnLength, FirstLook, LifeStage } from '@/api/types'
import CoatSide from '@/bodymap/CoatSide.vue'
import { drawnDog } from '@/bodymap/dog'

/** Three lengths on this very dog; the one that most have stands out. */
const props = defineProps<{ look: FirstLook; chosen?: DrawnLength; lifeStage: LifeStage }>()
defineEmits<{ choose: [length: DrawnLength] }>()

const dogOf = (length: DrawnLength) =>
  drawnDog(props.look.coats[length], { ...props.look.looks, lifeStage: props.lifeStage })
</script>

<template>
  <div class="grid gap-10">
    <button
      v-for="one in choices.DrawnLength"
      class="grid grid-cols-[150px_1fr] gap-y-0 gap-x-18 items-center text-left pt-6 pr-16 pb-6 pl-8 border-2 border-seam rounded-cut bg-surface hover:bg-wool aria-pressed:bg-wool aria-pressed:border-ink max-md:grid-cols-[128px_1fr]"
      :key="one.value"
      type="button"
      :aria-pressed="(chosen ?? look.usual) === one.value"
      @click="$emit('choose', one.value)"
    >
      <span aria-hidden="true" inert><CoatSide side="LEFT" :names="{}" :dog="dogOf(one.value)" still /></span>
      <b class="slab self-end text-xl">{{ one.title }}</b>
      <small class="self-start text-base">{{ one.hint }}</small>
    </button>
  </div>
</template>

<style scoped>
span {
  grid-row: 1 / 3;
}
</style>
