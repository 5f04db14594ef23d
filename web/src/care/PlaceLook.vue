<script setup lang="ts">
import facts from '@/api/facts'
import { ref } from 'vue'
import choices from '@/api/choices'
import type { BodyFinding, Look, Section } from '@/api/types'
import { daysAgo, useUnits } from '@/shell/useUnits'
import PhotoButton from '@/shell/PhotoButton.vue'
import { photoPath } from '@/trust/useLooks'
import { lookWords } from '@/api/words'

/** One place: what was seen last time, and beside it what is seen now. */
defineProps<{
  dogId: number
  section: Section
  name: string
  today: string
  /** Of this place, the newest first. */
  before: readonly Look[]
  saving: boolean
  /** Whether somebody has still to look at it. */
  open: boolean
}>()
const emit = defineEmits<{
  keep: [words: string, photo?: string, what?: BodyFinding]
  seen: [words: string]
  takeBack: [entry: string]
  close: []
}>()

const { date } = useUnits()
const words = ref('')
const photo = ref<string>()
const trouble = ref('')
const what = ref<BodyFinding>()

function keep() {
  emit('keep', words.value.trim(), photo.value, what.value)
  words.value = ''
  what.value = undefined
  photo.value = undefined
}
</script>

<template>
  <section class="place" :aria-label="name">
    <h1>{{ name }}</h1>
    <div class="beside">
      <figure v-for="look in before" :key="look.entry">
        <img v-if="look.photo" :src="photoPath(dogId, look.photo)" :alt="`${name}, ${date(look.day)}`" />
        <figcaption>
          <b>{{ look.day === today ? 'Today' : daysAgo(today, look.day) }}.</b> {{ lookWords(look) }}
          <button type="button" class="link" :disabled="saving" @click="emit('takeBack', look.entry)">
            Take it back
          </button>
        </figcaption>
      </figure>
      <div>
        <img v-if="photo" :src="`data:image/jpeg;base64,${photo}`" :alt="`${name}, now`" />
        <PhotoButton :disabled="saving" @taken="photo = $event" @trouble="trouble = $event">{{
          photo ? 'Another photo' : 'A photo'
        }}</PhotoButton>
        <div class="what" role="group" aria-label="What it is">
          <button
            v-for="one in choices.BodyFinding.filter((kind) => kind.value !== 'CRIED_AGAIN')"
            :key="one.value"
            type="button"
            :aria-pressed="what === one.value"
            @click="what = what === one.value ? undefined : one.value"
          >
            {{ one.title }}
          </button>
        </div>
        <label class="words"
          >What you see and feel
          <textarea v-model="words" rows="3" :maxlength="facts.longestText" />
        </label>
        <p v-if="trouble" class="caution" role="alert">
          <strong>{{ trouble }}</strong>
        </p>
      </div>
    </div>
    <div v-if="open" class="open">
      <p><b>Open:</b> it stands on the sheet until it is gone, or a vet has seen it.</p>
      <button type="button" class="other" :disabled="saving" @click="emit('seen', words.trim())">
        A vet has seen it
      </button>
    </div>
    <div class="two">
      <button type="button" class="big" :disabled="saving || (!words.trim() && !photo && !what)" @click="keep">
        Keep it
      </button>
      <button type="button" class="other" @click="emit('close')">Back to the dog</button>
    </div>
  </section>
</template>

<style scoped>
.place {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
h1::first-letter {
  text-transform: uppercase;
}
figcaption b {
  display: inline-block;
}
figcaption b::first-letter {
  text-transform: uppercase;
}
.what {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 8px;
}
.what button {
  min-height: 44px;
  padding: 2px 12px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 22px;
}
.what [aria-pressed='true'] {
  border-color: rgb(var(--v-theme-ink));
  background: rgb(var(--v-theme-wool));
  font-weight: 700;
}
.open {
  border-left: 5px solid rgb(var(--v-theme-heather));
  padding-left: 12px;
}
.beside {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 20px;
  align-items: start;
}
img {
  width: 100%;
  max-height: 280px;
  object-fit: contain;
  background: rgb(var(--v-theme-wool));
  border-radius: 12px 9px 14px 8px;
}
.words {
  display: block;
  margin-top: 10px;
}
textarea {
  display: block;
  width: 100%;
  padding: 8px 12px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 9px 7px 10px 6px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  font: inherit;
}
.two {
  display: grid;
  grid-template-columns: 1.4fr 1fr;
  gap: 12px;
}
</style>
