<script setup lang="ts">
import { computed } from 'vue'
import type { Section, Signal } from '@/api/types'
import choices from '@/api/choices'
import KeyButton from '@/shell/KeyButton.vue'
import WhenTheDog from '@/trust/WhenTheDog.vue'
import { COUNTS } from './words'
import ChoiceKey from '@/shell/ChoiceKey.vue'

/** Something at one place of the step: what the comb met there, or how the dog takes it. */
const props = defineProps<{
  places: readonly Section[]
  names: Partial<Record<Section, string>>
  section: Section
  about: 'comb' | 'dog' | 'all'
  saving: boolean
}>()
const emit = defineEmits<{
  other: [section: Section]
  tangles: [count: number]
  look: []
  mat: []
  signal: [signal: Signal]
  cries: []
  later: []
  skip: []
  back: []
}>()

/** Of a tool that goes over the whole dog there are too many places to stand side by side. */
const MOST_KEYS = 7

const SIGNAL_KEYS: Record<Signal, string> = { RELAXED: 'r', UNEASY: 'n', OPTED_OUT: 'o', AFRAID: 'f' }
const signals = computed(() => choices.Signal.filter((choice) => choice.value !== 'RELAXED' || props.about === 'dog'))
</script>

<template>
  <div class="flex flex-col flex-1 gap-10 max-md:gap-6">
    <v-select
      v-if="places.length > MOST_KEYS"
      class="flex-none text-xl"
      label="Where"
      :model-value="section"
      :items="places.map((one) => ({ title: names[one], value: one }))"
      @update:model-value="emit('other', $event)"
    />
    <div v-else-if="places.length > 1" class="which flex flex-wrap gap-8" role="group" aria-label="Which place">
      <ChoiceKey
        v-for="one in places"
        class="text-xl min-h-64 px-18"
        :key="one"
        :on="one === section"
        @click="emit('other', one)"
      >
        {{ names[one] }}
      </ChoiceKey>
    </div>
    <template v-if="about !== 'dog'">
      <h2 class="text-2xl m-0">Tangles, now out</h2>
      <div class="counts">
        <KeyButton
          v-for="one in COUNTS"
          :key="one.value"
          :k="one.value"
          :disabled="saving"
          @press="emit('tangles', +one.value)"
        >
          <b>{{ one.title }}</b>
          <small v-if="one.hint">{{ one.hint }}</small>
        </KeyButton>
      </div>
      <div class="two">
        <KeyButton k="k" :disabled="saving" @press="emit('look')"
          ><b>It still holds</b><small>look at it with me</small></KeyButton
        >
        <KeyButton k="m" :disabled="saving" @press="emit('mat')"
          ><b>A mat stays in</b><small>left in peace for now</small></KeyButton
        >
      </div>
    </template>
    <template v-if="about !== 'comb'">
      <h2 class="text-2xl m-0">The dog</h2>
      <div class="dog">
        <KeyButton
          v-for="one in signals"
          :key="one.value"
          :k="SIGNAL_KEYS[one.value]"
          :disabled="saving"
          @press="emit('signal', one.value)"
        >
          <b>{{ one.title }}</b>
          <small>{{ one.hint }}</small>
        </KeyButton>
        <KeyButton k="y" :disabled="saving" @press="emit('cries')"
          ><b>It cries</b><small>at a touch, where no lump is: the place rests</small></KeyButton
        >
      </div>
      <details v-if="about === 'dog'" class="text-xl">
        <summary class="cursor-pointer min-h-64 pt-16 text-xl dotted">
          When the dog dips its head, sits down, pulls a leg away …
        </summary>
        <WhenTheDog />
      </details>
    </template>
    <div v-if="about === 'all'" class="small">
      <KeyButton k="l" :disabled="saving" @press="emit('later')">Other places first</KeyButton>
      <KeyButton k="s" :disabled="saving" @press="emit('skip')">Leave this place today</KeyButton>
    </div>
    <KeyButton
      k="b"
      class="on font-slab font-bold text-2xl leading-plain"
      pedal="back"
      :disabled="saving"
      @press="emit('back')"
      >Nothing: go on</KeyButton
    >
  </div>
</template>

<style scoped>
.counts,
.two,
.dog,
.small {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 10px;
  flex: 1;
}
.two,
.small {
  grid-template-columns: 1fr 1fr;
}
.dog {
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
}
.small {
  flex: 0;
  font-size: 1.2rem;
}
.counts > button,
.two > button,
.dog > button,
.small > button,
.on {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  align-content: center;
  border: 3px solid rgb(var(--v-theme-primary));
  border-radius: 16px 12px 18px 11px;
  background: rgb(var(--v-theme-surface));
  min-height: 80px;
  padding: 8px 16px;
  text-align: left;
}
.dog > button {
  border-color: rgb(var(--v-theme-heather));
}
.small > button,
.on {
  border-width: 2px;
  border-color: rgb(var(--v-theme-seam));
  min-height: 64px;
}
.counts small,
.two small,
.dog small {
  grid-column: 1 / -1;
  line-height: 1.2;
}
.counts :deep(kbd),
.two :deep(kbd),
.dog :deep(kbd) {
  grid-area: 1 / 2;
}
button:hover {
  background: rgb(var(--v-theme-wool));
}
b {
  font: 700 1.5rem var(--slab);
  margin-right: 8px;
}
small {
  font-size: 1.1rem;
}
@media (max-width: 899px) {
  .counts,
  .two,
  .dog,
  .small {
    gap: 6px;
  }
  .dog {
    grid-template-columns: 1fr;
  }
  .counts > button,
  .two > button,
  .dog > button,
  .small > button {
    min-height: 66px;
    padding: 4px 12px;
  }
  b {
    font-size: 1.35rem;
  }
  small {
    font-size: 1rem;
    line-height: 1.2;
  }
}
</style>
