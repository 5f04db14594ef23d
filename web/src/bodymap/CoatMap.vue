<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Section } from '@/api/types'
import CoatSide from './CoatSide.vue'
import type { Paint } from './paints'
import type { DrawnDog } from './dog'
import { sideOf } from './sides'

/** The dog from both sides, every section a place to point at, tab to and name. */
const props = defineProps<{
  names: Partial<Record<Section, string>>
  dog?: DrawnDog
  paint?: Partial<Record<Section, Paint>>
  selected?: readonly Section[]
  /** Only one side at a time, with a switch. */
  single?: boolean
  /** Only to look at: nothing can be chosen. */
  still?: boolean
}>()
defineEmits<{ choose: [section: Section] }>()

const side = ref<'LEFT' | 'RIGHT'>('LEFT')
const wanted = computed(() => (props.selected?.length === 1 ? props.selected[0] : undefined))
watch(
  wanted,
  (section) => {
    side.value = (section && sideOf(section)) ?? side.value
  },
  { immediate: true },
)
</script>

<template>
  <div class="map" :class="{ single }">
    <div class="switch hidden justify-center gap-6 mb-6 max-md:flex" role="group" aria-label="Side of the dog">
      <button
        v-for="one in ['LEFT', 'RIGHT'] as const"
        class="border-[1.5px] border-seam rounded-plain py-10 px-16 min-h-44 aria-pressed:bg-wool aria-pressed:border-ink aria-pressed:font-bold"
        :key="one"
        type="button"
        :aria-pressed="side === one"
        @click="side = one"
      >
        {{ one === 'LEFT' ? 'Left side' : 'Right side' }}
      </button>
    </div>
    <figure v-for="one in ['LEFT', 'RIGHT'] as const" :key="one" :class="{ away: side !== one }">
      <CoatSide
        :side="one"
        :names="names"
        :dog="dog"
        :paint="paint"
        :selected="selected"
        :still="still"
        @choose="$emit('choose', $event)"
      />
      <figcaption class="max-md:hidden" :class="one.toLowerCase()">
        {{ one === 'LEFT' ? 'left side' : 'right side' }}
      </figcaption>
    </figure>
  </div>
</template>

<style scoped>
figure {
  margin: 0;
  position: relative;
  container-type: inline-size;
}
/* Below the head, where there are no legs. */
figcaption {
  position: absolute;
  left: 0;
  bottom: 2px;
  font-size: 0.9rem;
  opacity: 0.88;
}
.right {
  left: auto;
  right: 0;
}
/* In a small drawing the legs stand where the words would. */
@container (max-width: 480px) {
  figcaption {
    position: static;
  }
}
.single .switch {
  display: flex;
}
.single .away {
  display: none;
}
.single figcaption {
  display: none;
}
@media (max-width: 899px) {
  .away {
    display: none;
  }
}
@media print {
  .switch {
    display: none !important;
  }
  .away {
    display: block;
  }
  figcaption {
    display: block !important;
  }
}
</style>
