<script setup lang="ts">
import { computed } from 'vue'
import choices from '@/api/choices'
import type { Breed, DogForm } from '@/api/types'
import CoatSide from '@/bodymap/CoatSide.vue'
import { drawnDog } from '@/bodymap/dog'

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
  <div class="looks">
    <figure>
      <CoatSide side="LEFT" :names="{}" :dog="drawn" still />
      <figcaption v-if="like">with the coat most have that are called {{ like.name }}; change what differs</figcaption>
    </figure>
    <div>
      <fieldset v-for="group in groups" :key="group.key">
        <legend class="slab">{{ group.legend }}</legend>
        <div class="chips">
          <label v-for="choice in group.choices" :key="choice.value" class="chip" :title="choice.hint">
            <!-- eslint-disable-next-line vue/no-mutating-props -- the form is one object that the page owns -->
            <input v-model="dog[group.key]" type="radio" :name="group.key" :value="choice.value" />
            <span>{{ choice.title }}</span>
          </label>
        </div>
      </fieldset>
    </div>
  </div>
</template>

<style scoped>
.looks {
  display: grid;
  grid-template-columns: minmax(240px, 34%) 1fr;
  gap: 8px 32px;
  align-items: center;
  margin-bottom: 12px;
}
figure {
  margin: 0;
}
figcaption {
  text-align: center;
  font-size: 0.92rem;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0 0 10px;
}
.chips {
  margin-left: 76px;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
legend {
  float: left;
  width: 70px;
  padding-top: 10px;
}
.chip {
  position: relative;
  display: flex;
  align-items: center;
  min-height: 44px;
  padding: 2px 14px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 10px 8px 11px 7px;
  background: rgb(var(--v-theme-surface));
  cursor: pointer;
}
.chip input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}
.chip:has(:checked) {
  background: rgb(var(--v-theme-wool));
  border-color: rgb(var(--v-theme-ink));
  box-shadow: inset 0 -3px rgb(var(--v-theme-secondary));
  font-weight: 700;
}
.chip:has(:focus-visible) {
  outline: 3px solid rgb(var(--v-theme-focus));
  outline-offset: 2px;
}
@media (max-width: 599px) {
  .looks {
    grid-template-columns: 1fr;
  }
  legend {
    float: none;
    width: 100%;
    padding: 4px 0;
  }
  .chips {
    margin-left: 0;
  }
  figure {
    max-width: 280px;
    margin: 0 auto;
  }
}
</style>
