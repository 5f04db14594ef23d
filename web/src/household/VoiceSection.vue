<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { letters } from '@/shell/useKeys'
import { FASTEST, SLOWEST, useVoice } from '@/shell/useVoice'

/** How a session is spoken on this device: kept here, in this browser. */
const { settings, voices, speak, hush } = useVoice()
const found = ref<SpeechSynthesisVoice[]>([])
const look = () => (found.value = voices())
onMounted(() => {
  look()
  // Browsers find their voices a little later.
  if (typeof speechSynthesis !== 'undefined') speechSynthesis.onvoiceschanged = look
})
const trying = () => speak('Left front leg. Two or three strokes, next layer.', hush)
</script>

<template>
  <section class="voice" aria-labelledby="voice">
    <h2 id="voice">Walk me through it</h2>
    <p>
      In a session this device can say what to do: place, hold, tool and layers, and then it waits for one press, a key
      or a pedal. Silent in the quiet hours, and at once when a dog is afraid.
    </p>
    <label class="switch"
      ><input v-model="settings.on" type="checkbox" /> <b>Speak in sessions</b> on this device</label
    >
    <label
      ><span>Pace</span>
      <input v-model.number="settings.pace" type="range" :min="SLOWEST" :max="FASTEST" step="0.05" />
      <output>{{ Math.round(settings.pace * 100) }} % of your own</output></label
    >
    <label
      ><span>Volume</span> <input v-model.number="settings.volume" type="range" min="0" max="1" step="0.05" />
      <output>{{ Math.round(settings.volume * 100) }} %</output></label
    >
    <label v-if="found.length"
      ><span>Voice</span>
      <select v-model="settings.voice">
        <option value="">the usual one</option>
        <option v-for="one in found" :key="one.name" :value="one.name">{{ one.name }}</option>
      </select></label
    >
    <p v-else class="quiet">This browser has no voice of its own: a soft tone and large letters take its place.</p>
    <v-btn variant="outlined" @click="trying">Try it</v-btn>
    <label class="switch"
      ><input v-model="letters" type="checkbox" /> <b>Single letters press buttons</b> in sessions and at the table, on
      this device. Space bar, Enter and a pedal do in any case.</label
    >
  </section>
</template>

<style scoped>
.voice {
  margin-top: 36px;
}
label {
  display: grid;
  grid-template-columns: 90px minmax(120px, 300px) auto;
  gap: 12px;
  align-items: center;
  min-height: 44px;
}
.switch {
  display: block;
  padding: 10px 0;
}
select {
  min-height: 44px;
  padding: 4px 12px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 8px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  font: inherit;
}
input[type='range'],
input[type='checkbox'] {
  accent-color: rgb(var(--v-theme-primary));
}
</style>
