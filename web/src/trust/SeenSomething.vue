<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import choices from '@/api/choices'
import { choiceOf } from '@/api/words'
import { useSections } from '@/api/queries'
import type { BodyFinding, Section } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import type { Paint } from '@/bodymap/paints'
import { useDrawnDog } from '@/coat/useCoat'
import PhotoButton from '@/shell/PhotoButton.vue'
import { useLooks } from './useLooks'

/** Hands or eyes found something, whatever was being done: one touch on the drawn dog keeps it, for a vet or the sheet. */
const props = defineProps<{ dogId: number; near: readonly Section[] }>()
const emit = defineEmits<{ close: [] }>()

const { names } = useSections()
const drawn = useDrawnDog(() => props.dogId)
const looks = useLooks(props.dogId)
const dialog = ref<HTMLDialogElement>()
onMounted(() => dialog.value?.showModal())
onBeforeUnmount(() => dialog.value?.close())

const what = ref<BodyFinding>('SOMETHING')
const kept = ref<Section>()
const trouble = ref('')
const kinds = choices.BodyFinding.filter((one) => one.value !== 'GONE' && one.value !== 'CRIED_AGAIN')
const hint = computed(() => choiceOf('BodyFinding', what.value).hint)
const paint = computed<Partial<Record<Section, Paint>>>(() =>
  kept.value ? { [kept.value]: { fill: 'rgba(var(--v-theme-heather), 0.7)', says: 'noted' } } : {},
)

/** What was kept here, and the photo of it: said more closely, it takes the place of what was said before. */
let entry = ''
let photo: string | undefined
function keep(section: Section) {
  if (entry) looks.takeBack(entry)
  if (section !== kept.value) photo = undefined
  kept.value = section
  entry = looks.say(section, '', photo, what.value)
}
function choose(kind: BodyFinding) {
  what.value = kind
  if (kept.value) keep(kept.value)
}
function taken(jpeg: string) {
  photo = jpeg
  keep(kept.value!)
}
</script>

<template>
  <!-- eslint-disable vuejs-accessibility/no-static-element-interactions -- a dialog is left by its keys -->
  <dialog ref="dialog" aria-label="Something seen or felt" @cancel.prevent="emit('close')" @keydown.stop>
    <div class="head">
      <h1 aria-live="polite">
        {{ kept ? `Noted: ${names[kept]}` : 'Touch the place' }}
      </h1>
      <button type="button" class="close" @click="emit('close')">{{ kept ? 'Go on' : 'Nothing after all' }}</button>
    </div>
    <div class="kinds" role="group" aria-label="What it is">
      <button
        v-for="one in kinds"
        :key="one.value"
        type="button"
        :aria-pressed="one.value === what"
        @click="choose(one.value)"
      >
        {{ one.title }}
      </button>
    </div>
    <p class="hint">{{ hint }}</p>
    <div v-if="near.length && !kept" class="near" role="group" aria-label="Where your hands are">
      <button v-for="one in near" :key="one" type="button" @click="keep(one)">{{ names[one] }}</button>
    </div>
    <p v-if="looks.refused.value || trouble" class="caution" role="alert">
      <strong>{{ looks.refused.value || trouble }}</strong>
    </p>
    <div class="two">
      <CoatMap
        :names="names"
        :dog="drawn"
        :paint="paint"
        :selected="kept ? [kept] : []"
        single
        @choose="keep($event)"
      />
      <div v-if="kept" class="then">
        <PhotoButton @taken="taken" @trouble="trouble = $event">A photo of it</PhotoButton>
        <p>It stands on the sheet for a groomer or a vet until it is gone, or a vet has seen it.</p>
        <router-link :to="`/dogs/${dogId}/care/look-over`">Words, and all photos of a place</router-link>
      </div>
    </div>
  </dialog>
</template>

<style scoped>
dialog {
  width: min(900px, 96vw);
  max-height: 96dvh;
  margin: auto;
  padding: 16px 22px 20px;
  border: 3px solid rgb(var(--v-theme-ink));
  border-radius: 18px 13px 20px 12px;
  background: rgb(var(--v-theme-background));
  color: inherit;
  overflow: auto;
  font-size: 1.15rem;
}
dialog::backdrop {
  background: rgba(30, 22, 16, 0.55);
}
.head {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 14px;
}
h1 {
  font-size: clamp(1.4rem, 3vw, 2.1rem);
  margin: 0;
}
button {
  min-height: 52px;
  padding: 4px 16px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 14px 10px 15px 9px;
  background: rgb(var(--v-theme-surface));
}
button:hover {
  background: rgb(var(--v-theme-wool));
}
.kinds,
.near {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 10px 0 4px;
}
.kinds [aria-pressed='true'] {
  border-color: rgb(var(--v-theme-ink));
  background: rgb(var(--v-theme-wool));
  font-weight: 700;
}
.near button {
  border-radius: 26px;
}
.hint {
  margin: 2px 0;
  min-height: 1.4em;
}
.hint::first-letter {
  text-transform: uppercase;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 18px;
  align-items: center;
}
.then {
  max-width: 260px;
}
@media (max-width: 599px) {
  dialog {
    padding: 10px 12px 14px;
    font-size: 1.05rem;
  }
  button {
    padding: 4px 12px;
  }
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .then {
    max-width: none;
  }
}
</style>
