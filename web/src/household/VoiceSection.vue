<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import SlideField from '@/shell/SlideField.vue'
import { letters } from '@/shell/useKeys'
import { FASTEST, SLOWEST, useVoice } from '@/shell/useVoice'
import ActKey from '@/shell/ActKey.vue'

/** How a session is spoken on this device: kept here, in this browser. */
const { settings, voices, speak, hush } = useVoice()
const found = ref<SpeechSynthesisVoice[]>([])
const look = () => (found.value = voices())
onMounted(() => {
  look()
  // Browsers find their voices a little later.
  if (typeof speechSynthesis !== 'undefined') speechSynthesis.onvoiceschanged = look
})
const pace = computed(() => `${Math.round(settings.value.pace * 100)} % of your own`)
const volume = computed(() => `${Math.round(settings.value.volume * 100)} %`)
const trying = () => speak('Left front leg. Two or three strokes, next layer.', hush)
</script>

<template>
  <section class="voice mt-36" aria-labelledby="voice">
    <h2 id="voice">Walk me through it</h2>
    <p>
      In a session this device can say what to do: place, hold, tool and layers, and then it waits for one press, a key
      or a pedal. Silent in the quiet hours, and at once when a dog is afraid.
    </p>
    <v-checkbox-btn v-model="settings.on"
      ><template #label
        ><span><b>Speak in sessions</b> on this device</span></template
      ></v-checkbox-btn
    >
    <div class="slide">
      <span>Pace</span>
      <SlideField v-model="settings.pace" label="Pace" :min="SLOWEST" :max="FASTEST" :step="0.05" :says="pace" />
      <span>{{ pace }}</span>
    </div>
    <div class="slide">
      <span>Volume</span>
      <SlideField v-model="settings.volume" label="Volume" :max="1" :step="0.05" :says="volume" />
      <span>{{ volume }}</span>
    </div>
    <v-select
      v-if="found.length"
      v-model="settings.voice"
      class="max-w-400 my-10"
      label="Voice"
      :items="[{ title: 'the usual one', value: '' }, ...found.map((one) => ({ title: one.name, value: one.name }))]"
    />
    <p v-else class="quiet">This browser has no voice of its own: a soft tone and large letters take its place.</p>
    <ActKey variant="outlined" @click="trying">Try it</ActKey>
    <v-checkbox-btn v-model="letters" class="mt-10"
      ><template #label
        ><span
          ><b>Single letters press buttons</b> in sessions and at the table, on this device. Space bar, Enter and a
          pedal do in any case.</span
        ></template
      ></v-checkbox-btn
    >
  </section>
</template>

<style scoped>
.slide {
  display: grid;
  grid-template-columns: 90px minmax(120px, 300px) auto;
  gap: 12px;
  align-items: center;
  min-height: 44px;
}
</style>
