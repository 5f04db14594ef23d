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
  <div class="step" :class="{ led: now }">
    <p class="tools">
      {{ tools }}
      <span class="strokes">At most {{ strokes }} {{ strokes === 1 ? 'stroke' : 'strokes' }} on a spot.</span>
    </p>
    <p v-if="mist" class="mist" data-rule="routine.mist-face">{{ mist }}</p>
    <ol>
      <li v-for="(place, i) in places" :key="place.section" :class="{ now: now?.place === place.section }">
        <button
          type="button"
          :aria-label="`Something at ${names[place.section]}`"
          @click="$emit('place', place.section)"
        >
          <span v-if="places.length > 1" class="name">{{ nameWithin(names[place.section] ?? '', label) }}</span>
          <span v-if="place.parted" class="count slab"
            ><template v-if="now?.place === place.section && now.layer">{{ now.layer }} of </template
            >{{ place.layers.count }} <small>{{ partings(place) }}</small></span
          >
          <span v-if="places.findIndex((other) => other.hold === place.hold) === i" class="hold">{{ place.hold }}</span>
          <span v-if="toolLine(place) !== tools" class="hold own" :class="{ beside: !place.parted }">{{
            toolLine(place)
          }}</span>
          <span v-if="heeds.some((heed) => heed.section === place.section)" class="heed">Look here first.</span>
        </button>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.step {
  font-size: clamp(1.5rem, 2.1vw, 1.75rem);
  line-height: 1.22;
}
.mist {
  margin: -6px 0 10px;
  font-size: 1.15rem;
}
.tools {
  margin: 0 0 10px;
  max-width: none;
  color: rgb(var(--v-theme-primary));
  font-weight: 700;
}
ol {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 8px;
}
li button {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 16px;
  width: 100%;
  min-height: 48px;
  text-align: left;
  padding: 4px 14px 6px;
  border-left: 6px solid rgb(var(--v-theme-seam));
  border-radius: 4px 12px 12px 4px;
}
li button:hover {
  background: rgb(var(--v-theme-wool));
}
li.now button {
  border-left-color: rgb(var(--v-theme-primary));
  background: rgb(var(--v-theme-wool));
}
.name {
  font-weight: 700;
}
.name::first-letter {
  text-transform: uppercase;
}
.count {
  color: rgb(var(--v-theme-primary));
}
.count small {
  font: 400 1.1rem var(--sans);
  color: rgb(var(--v-theme-ink));
}
.hold,
.heed {
  grid-column: 1 / -1;
  font-size: 0.92em;
}
.heed {
  font-weight: 700;
  color: rgb(var(--v-theme-primary));
}
.own {
  color: rgb(var(--v-theme-primary));
}
.strokes {
  white-space: nowrap;
}
/* It stands beside the drawing there. */
@media (min-width: 900px) {
  .strokes {
    display: none;
  }
}
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
    font-size: 1.4rem;
    line-height: 1.15;
  }
  .tools {
    margin-bottom: 4px;
    font-size: 1.25rem;
  }
  ol {
    gap: 4px;
  }
  li button {
    padding: 2px 10px 4px;
  }
  .hold,
  .heed {
    font-size: 1.15rem;
  }
}
@media (max-height: 700px) and (max-width: 559px) {
  .tools,
  .hold,
  .heed {
    font-size: 1.05rem;
  }
}
@media (max-height: 520px) and (min-width: 560px) and (max-width: 1023px) {
  ol {
    grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  }
  .step {
    font-size: 1.15rem;
  }
  .tools,
  .hold,
  .heed {
    font-size: 1.05rem;
  }
  .heed {
    display: none;
  }
  .tools {
    margin-bottom: 2px;
  }
  li button {
    min-height: 48px;
    align-content: start;
    height: 100%;
  }
}
</style>
