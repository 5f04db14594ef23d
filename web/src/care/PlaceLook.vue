<script setup lang="ts">
import facts from '@/api/facts'
import { ref } from 'vue'
import choices from '@/api/choices'
import type { BodyFinding, Look, Section } from '@/api/types'
import { daysAgo, useUnits } from '@/shell/useUnits'
import PhotoButton from '@/shell/PhotoButton.vue'
import { photoPath } from '@/trust/useLooks'
import { lookWords } from '@/api/words'
import ChoiceKey from '@/shell/ChoiceKey.vue'

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
  <section class="place flex flex-col gap-12" :aria-label="name">
    <h1>{{ name }}</h1>
    <div class="beside grid grid-cols-[repeat(auto-fit,minmax(200px,1fr))] gap-20 items-start">
      <figure v-for="look in before" :key="look.entry">
        <img
          v-if="look.photo"
          class="w-full max-h-280 object-contain bg-wool rounded-cut"
          :src="photoPath(dogId, look.photo)"
          :alt="`${name}, ${date(look.day)}`"
        />
        <figcaption>
          <b class="inline-block">{{ look.day === today ? 'Today' : daysAgo(today, look.day) }}.</b>
          {{ lookWords(look) }}
          <button type="button" class="link" :disabled="saving" @click="emit('takeBack', look.entry)">
            Take it back
          </button>
        </figcaption>
      </figure>
      <div>
        <img
          v-if="photo"
          class="w-full max-h-280 object-contain bg-wool rounded-cut"
          :src="`data:image/jpeg;base64,${photo}`"
          :alt="`${name}, now`"
        />
        <PhotoButton :disabled="saving" @taken="photo = $event" @trouble="trouble = $event">{{
          photo ? 'Another photo' : 'A photo'
        }}</PhotoButton>
        <div class="what flex flex-wrap gap-6 mt-8" role="group" aria-label="What it is">
          <ChoiceKey
            v-for="one in choices.BodyFinding.filter((kind) => kind.value !== 'CRIED_AGAIN')"
            :key="one.value"
            :on="what === one.value"
            @click="what = what === one.value ? undefined : one.value"
          >
            {{ one.title }}
          </ChoiceKey>
        </div>
        <v-textarea
          v-model="words"
          class="mt-14"
          label="What you see and feel"
          :rows="3"
          :maxlength="facts.longestText"
        />
        <p v-if="trouble" class="caution" role="alert">
          <strong>{{ trouble }}</strong>
        </p>
      </div>
    </div>
    <div v-if="open" class="border-l-5 border-l-heather pl-12">
      <p><b>Open:</b> it stands on the sheet until it is gone, or a vet has seen it.</p>
      <button type="button" class="other" :disabled="saving" @click="emit('seen', words.trim())">
        A vet has seen it
      </button>
    </div>
    <div class="grid grid-cols-[1.4fr_1fr] gap-12">
      <button type="button" class="big" :disabled="saving || (!words.trim() && !photo && !what)" @click="keep">
        Keep it
      </button>
      <button type="button" class="other" @click="emit('close')">Back to the dog</button>
    </div>
  </section>
</template>

<style scoped>
h1::first-letter {
  text-transform: uppercase;
}
figcaption b::first-letter {
  text-transform: uppercase;
}
</style>
