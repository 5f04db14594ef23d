<script setup lang="ts">
import { computed } from 'vue'
import type { SessionView } from '@/api/types'
import KeyButton from '@/shell/KeyButton.vue'
import { minutes } from '@/shell/useUnits'
import { secondsToGo } from './inHand'

/** How far it has come: places, time gone and to go, and what of the treats is left. */
const props = defineProps<{
  view: SessionView
  elapsedSeconds: number
  dogName: string
  saving: boolean
  voice: boolean
  still: string
}>()
const emit = defineEmits<{ leave: []; growl: []; voice: [] }>()

/** How many steps are answered as a whole; steps put off come last. */
const passes = computed(() => props.view.passes.length)
const waiting = computed(
  () => new Set(props.view.places.filter((s) => s.outcome === 'WAITING').map((s) => s.how.section)),
)
const answered = computed(
  () => props.view.steps.filter((step) => !step.sections.some((section) => waiting.value.has(section))).length,
)
/** Each tool that goes over the whole dog is a step, too. */
const position = computed(() => (props.view.pass ? props.view.pass - 1 : passes.value + answered.value))
const steps = computed(() => passes.value + props.view.steps.length)
const toGo = computed(() => secondsToGo(props.view))
</script>

<template>
  <header class="col-span-full flex items-center gap-20">
    <router-link to="/" class="text-inherit min-h-64 flex items-center max-md:text-sm" @click="$emit('leave')"
      >Pause and leave</router-link
    >
    <span
      ><span class="who max-md:hidden">{{ dogName }}: </span>{{ Math.min(position + 1, steps) }} of {{ steps }}</span
    >
    <span class="time opacity-88 max-md:text-sm"
      ><template v-if="elapsedSeconds >= 60">{{ minutes(elapsedSeconds) }} gone, </template>about {{ minutes(toGo) }} to
      go</span
    >
    <span class="treats opacity-88 max-md:hidden"
      >{{ view.treats.piecesLeft }} {{ view.treats.piecesLeft === 1 ? 'treat' : 'treats' }} left today</span
    >
    <progress
      class="flex-1 h-12 accent-secondary"
      :value="position"
      :max="steps"
      :aria-label="`${position} of ${steps} steps answered`"
    />
    <KeyButton
      v-if="!view.preparation"
      k="v"
      class="voice min-h-64 min-w-84 border-2 border-heather rounded-pill"
      :aria-pressed="voice"
      :title="still || 'Walk me through it: the session speaks, and waits for one press at each step'"
      :disabled="!!still"
      @press="emit('voice')"
      >{{ still ? 'No voice' : voice ? 'Silent' : 'Voice' }}</KeyButton
    >
    <KeyButton
      k="g"
      class="growl py-2 px-14 min-h-64 min-w-96 border-2 border-error rounded-cut font-bold"
      title="It growls, stiffens, shows its teeth, snaps or bites: hands off, and it ends"
      :disabled="saving"
      @press="emit('growl')"
      >Growl or bite</KeyButton
    >
  </header>
</template>

<style scoped>
.voice[aria-pressed='true'] {
  background: rgba(var(--v-theme-heather), 0.2);
}
.voice:hover,
.growl:hover {
  background: rgb(var(--v-theme-wool));
}
@media (max-width: 899px) {
  .time {
    order: 3;
    flex: 1 1 100%;
  }
  .growl,
  .voice {
    min-width: 72px;
    padding: 2px 8px;
  }
  .growl {
    max-width: 84px;
    min-width: 0;
    line-height: 1.2;
  }
  .voice {
    min-width: 64px;
  }
  header {
    gap: 0 6px;
    flex-wrap: wrap;
    justify-content: space-between;
  }
  progress {
    flex: 1 1 100%;
    order: 1;
  }
}
/* A phone that lies on its side: all in one line. */
@media (max-height: 520px) and (min-width: 560px) and (max-width: 1023px) {
  header {
    flex-wrap: nowrap;
  }
  header > * {
    order: 0;
  }
  .time {
    flex: none;
  }
  progress {
    flex: 1;
    min-width: 40px;
  }
  .growl {
    max-width: none;
  }
}
</style>
