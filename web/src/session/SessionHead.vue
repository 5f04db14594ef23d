<script setup lang="ts">
import { computed } from 'vue'
import type { SessionView } from '@/api/types'
import { minutes } from '@/shell/useUnits'

/** How far it has come: places, time gone and to go, and what of the treats is left. */
const props = defineProps<{ view: SessionView; elapsedSeconds: number; dogName: string }>()
defineEmits<{ leave: [] }>()

/** How many places are answered; places put off come last. */
const position = computed(() => props.view.steps.filter((s) => s.outcome !== 'WAITING').length)
const toGo = computed(() =>
  props.view.steps.filter((s) => s.outcome === 'WAITING').reduce((sum, s) => sum + s.how.seconds, 0),
)
</script>

<template>
  <header>
    <router-link to="/" class="out" @click="$emit('leave')">Pause and leave</router-link>
    <span
      ><span class="who">{{ dogName }}: </span>{{ Math.min(position + 1, view.steps.length) }} of
      {{ view.steps.length }}</span
    >
    <span class="time"
      ><template v-if="elapsedSeconds >= 60">{{ minutes(elapsedSeconds) }} gone, </template>about {{ minutes(toGo) }} to
      go</span
    >
    <span class="treats"
      >{{ view.treats.piecesLeft }} {{ view.treats.piecesLeft === 1 ? 'treat' : 'treats' }} left today</span
    >
    <progress
      :value="position"
      :max="view.steps.length"
      :aria-label="`${position} of ${view.steps.length} places answered`"
    />
  </header>
</template>

<style scoped>
header {
  grid-column: 1 / -1;
  display: flex;
  align-items: center;
  gap: 20px;
}
.out {
  color: inherit;
  min-height: 44px;
  padding-top: 10px;
}
.time,
.treats {
  opacity: 0.9;
}
progress {
  flex: 1;
  height: 12px;
  accent-color: rgb(var(--v-theme-secondary));
}
@media (max-width: 899px) {
  .out,
  .time,
  .treats {
    font-size: 0.88rem;
  }
  .who {
    display: none;
  }
  header {
    gap: 0 12px;
    flex-wrap: wrap;
    justify-content: space-between;
  }
  progress {
    flex: 1 1 100%;
    order: 1;
  }
}
</style>
