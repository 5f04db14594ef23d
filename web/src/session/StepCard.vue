<script setup lang="ts">
import { computed } from 'vue'
import type { Section } from '@/api/types'
import type { Heed } from './heeds'
import { mistNearTheFace, nameWithin, partings, toolLine, usualTools, type How } from './phrases'

/** The step in hand: its places from the first to the last, each a place to touch when something is the matter there. */
const props = defineProps<{
  names: Partial<Record<Section, string>>
  label: string
  places: readonly How[]
  heeds: readonly Heed[]
  /** Where the voice is; absent: it does not lead. */
  now?: { place?: Section; layer?: number }
}>()
defineEmits<{ place: [section: Section] }>()

const tools = computed(() => usualTools(props.places))
const mist = computed(() => mistNearTheFace(props.places))
/** As few as any of them allows. */
const strokes = computed(() => Math.min(...props.places.map((place) => place.strokesAtMost)))
</script>

<template>
  <div class="step text-[clamp(1.5rem,2.1vw,1.75rem)] leading-tight" :class="{ led: now }">
    <p class="tools mt-0 mx-0 mb-10 max-w-none text-primary font-bold">
      {{ tools }}
      <span class="whitespace-nowrap md:hidden"
        >At most {{ strokes }} {{ strokes === 1 ? 'stroke' : 'strokes' }} on a spot.</span
      >
    </p>
    <p v-if="mist" class="mist -mt-6 mx-0 mb-10 text-xl" data-rule="routine.mist-face">{{ mist }}</p>
    <ol class="list-none p-0 grid gap-8 max-md:gap-4 lying:grid-cols-[repeat(auto-fit,minmax(200px,1fr))]">
      <li v-for="(place, i) in places" :key="place.section" :class="{ now: now?.place === place.section }">
        <button
          class="hover:bg-wool"
          type="button"
          :aria-label="`Something at ${names[place.section]}`"
          @click="$emit('place', place.section)"
        >
          <span v-if="places.length > 1" class="name font-bold">{{
            nameWithin(names[place.section] ?? '', label)
          }}</span>
          <span v-if="place.parted" class="count slab text-primary"
            ><template v-if="now?.place === place.section && now.layer">{{ now.layer }} of </template
            >{{ place.layers.count }}
            <small class="font-sans font-normal text-lg leading-plain text-ink">{{ partings(place) }}</small></span
          >
          <span
            v-if="places.findIndex((other) => other.hold === place.hold) === i"
            class="hold col-span-full text-[0.92em] max-md:text-xl"
            >{{ place.hold }}</span
          >
          <span
            v-if="toolLine(place) !== tools"
            class="hold own col-span-full text-[0.92em] text-primary max-md:text-xl"
            :class="{ beside: !place.parted }"
            >{{ toolLine(place) }}</span
          >
          <span
            v-if="heeds.some((heed) => heed.section === place.section)"
            class="heed col-span-full text-[0.92em] font-bold text-primary max-md:text-xl lying:hidden"
            >Look here first.</span
          >
        </button>
      </li>
    </ol>
  </div>
</template>

<style scoped>
li button {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 16px;
  width: 100%;
  min-height: 64px;
  text-align: left;
  padding: 4px 14px 6px;
  border-left: 6px solid rgb(var(--v-theme-seam));
  border-radius: 4px 12px 12px 4px;
}
li.now button {
  border-left-color: rgb(var(--v-theme-primary));
  background: rgb(var(--v-theme-wool));
}
.name::first-letter {
  text-transform: uppercase;
}
/* It stands beside the drawing there. */
/* Where no layers are counted there is room beside the name. */
.own.beside {
  grid-area: 1 / 2;
}
/* The voice says it, and its words stand below. */
.led .hold {
  display: none;
}
@media (max-width: 899px) {
  .own.beside {
    grid-area: auto / 1 / auto / -1;
  }
  .step {
    font-size: 1.35rem;
    line-height: 1.2;
  }
  .tools {
    margin-bottom: 4px;
    font-size: 1.2rem;
  }
  li button {
    padding: 2px 10px 4px;
  }
}
@media (max-height: 700px) and (max-width: 559px) {
  .tools,
  .hold,
  .heed {
    font-size: 1.1rem;
  }
}
@media (max-height: 520px) and (min-width: 560px) and (max-width: 1023px) {
  .step {
    font-size: 1.2rem;
  }
  .tools,
  .hold,
  .heed {
    font-size: 1.1rem;
  }
  .tools {
    margin-bottom: 2px;
  }
  li button {
    min-height: 64px;
    align-content: start;
    height: 100%;
  }
}
</style>
