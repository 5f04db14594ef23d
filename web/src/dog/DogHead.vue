<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import type { DogForm } from '@/api/types'
import { labelOf } from '@/api/words'
import { useUnits } from '@/shell/useUnits'
import PlaceSign from './PlaceSign.vue'

/** A dog's name and its four places: today, its days, its kit, and itself. On a phone they lie under the thumb. */
const props = defineProps<{ dogId: number; dog: DogForm }>()

const route = useRoute()
const { weighed } = useUnits()
const places = computed(
  () =>
    [
      ['today', 'Today'],
      ['days', 'Days'],
      ['kit', 'Kit'],
      ['dog', props.dog.name],
    ] as const,
)
const here = (place: string) =>
  route.path.startsWith(`/dogs/${props.dogId}/${place}`) || (place === 'today' && route.path === '/')
const facts = computed(() => [weighed(props.dog), labelOf('LifeStage', props.dog.lifeStage)].filter(Boolean).join(', '))
</script>

<template>
  <div class="head flex flex-wrap items-baseline gap-y-4 gap-x-14 seam-b mb-20 max-sm:mb-12 max-sm:pb-6">
    <h1 class="max-sm:text-4xl">{{ dog.name }}</h1>
    <span class="opacity-88">{{ facts }}</span>
    <nav class="places no-print ml-auto flex" :aria-label="dog.name">
      <router-link
        v-for="[place, name] in places"
        class="hover:bg-wool/60"
        :key="place"
        :to="`/dogs/${dogId}/${place}`"
        :class="{ here: here(place) }"
        :aria-current="here(place) ? 'true' : undefined"
        ><PlaceSign :place="place" /><span
          class="max-sm:max-w-full max-sm:overflow-hidden max-sm:text-ellipsis max-sm:whitespace-nowrap"
          >{{ name }}</span
        ></router-link
      >
    </nav>
  </div>
</template>

<style scoped>
nav a {
  display: flex;
  align-items: center;
  gap: 8px;
  color: inherit;
  text-decoration: none;
  padding: 10px 18px;
  min-height: 48px;
  border-radius: 10px 10px 0 0;
}
nav a.here {
  background: rgb(var(--v-theme-wool));
  font-weight: 700;
  box-shadow: inset 0 -3px rgb(var(--v-theme-primary));
}
@media (max-width: 599px) {
  nav {
    position: fixed;
    inset: auto 0 0;
    z-index: 8;
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    background: rgb(var(--v-theme-surface));
    border-top: 1.5px dashed rgb(var(--v-theme-seam));
    padding-bottom: env(safe-area-inset-bottom);
  }
  nav a {
    flex-direction: column;
    gap: 1px;
    min-width: 0;
    min-height: 58px;
    padding: 7px 4px 5px;
    border-radius: 0;
    font-size: 0.84rem;
  }
  nav a.here {
    box-shadow: inset 0 3px rgb(var(--v-theme-primary));
  }
}
</style>
