<script setup lang="ts">
import { computed, ref } from 'vue'
import choices from '@/api/choices'
import { choiceOf } from '@/api/words'
import { useSections } from '@/api/queries'
import type { BodyFinding, Section } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import type { Paint } from '@/bodymap/paints'
import { useDrawnDog } from '@/coat/useCoat'
import SheetFrame from '@/shell/SheetFrame.vue'
import PhotoButton from '@/shell/PhotoButton.vue'
import { useLooks } from './useLooks'
import ChoiceKey from '@/shell/ChoiceKey.vue'

/** Hands or eyes found something, whatever was being done: one touch on the drawn dog keeps it, for a vet or the sheet. */
const props = defineProps<{ dogId: number; near: readonly Section[] }>()
const emit = defineEmits<{ close: [] }>()

const { names } = useSections()
const drawn = useDrawnDog(() => props.dogId)
const looks = useLooks(props.dogId)

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
  <SheetFrame label="Something seen or felt" :width="900" class="text-xl max-sm:text-lg" @close="emit('close')">
    <div class="head flex items-center justify-between gap-14">
      <h1 class="text-[clamp(1.4rem,3vw,2.1rem)] m-0" aria-live="polite">
        {{ kept ? `Noted: ${names[kept]}` : 'Touch the place' }}
      </h1>
      <button
        type="button"
        class="close min-h-64 py-4 px-16 border-2 border-seam rounded-cut bg-surface max-sm:py-4 max-sm:px-12"
        @click="emit('close')"
      >
        {{ kept ? 'Go on' : 'Nothing after all' }}
      </button>
    </div>
    <div class="kinds flex flex-wrap gap-8 mt-10 mx-0 mb-4" role="group" aria-label="What it is">
      <ChoiceKey
        v-for="one in kinds"
        class="min-h-64"
        :key="one.value"
        :on="one.value === what"
        @click="choose(one.value)"
      >
        {{ one.title }}
      </ChoiceKey>
    </div>
    <p class="hint my-2 mx-0 min-h-[1.4em]">{{ hint }}</p>
    <div
      v-if="near.length && !kept"
      class="flex flex-wrap gap-8 mt-10 mx-0 mb-4"
      role="group"
      aria-label="Where your hands are"
    >
      <button
        v-for="one in near"
        class="min-h-64 py-4 px-16 border-2 border-seam bg-surface rounded-pill max-sm:py-4 max-sm:px-12"
        :key="one"
        type="button"
        @click="keep(one)"
      >
        {{ names[one] }}
      </button>
    </div>
    <p v-if="looks.refused.value || trouble" class="caution" role="alert">
      <strong>{{ looks.refused.value || trouble }}</strong>
    </p>
    <div class="grid grid-cols-[minmax(0,1fr)_auto] gap-18 items-center max-sm:grid-cols-1">
      <CoatMap
        :names="names"
        :dog="drawn"
        :paint="paint"
        :selected="kept ? [kept] : []"
        single
        @choose="keep($event)"
      />
      <div v-if="kept" class="then max-w-260 max-sm:max-w-none">
        <PhotoButton @taken="taken" @trouble="trouble = $event">A photo of it</PhotoButton>
        <p>It stands on the sheet for a groomer or a vet until it is gone, or a vet has seen it.</p>
        <router-link :to="`/dogs/${dogId}/care/look-over`">Words, and all photos of a place</router-link>
      </div>
    </div>
  </SheetFrame>
</template>

<style scoped>
button:hover {
  background: rgb(var(--v-theme-wool));
}
.hint::first-letter {
  text-transform: uppercase;
}
</style>
