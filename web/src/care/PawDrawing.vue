<script setup lang="ts">
import { computed } from 'vue'
import type { ClawView, Paw } from '@/api/types'
import { choiceOf } from '@/api/words'

/** One paw from above, toes up, with each of its claws; the inner side is where the dew claw is. */
const props = defineProps<{ paw: Paw; claws: readonly ClawView[]; now?: ClawView }>()
defineEmits<{ choose: [claw: ClawView] }>()

/** From the inside outward, the dew claw first; the inner side to the right, as on a left paw. */
const TOES = [
  { x: 196, y: 152, turn: 62 },
  { x: 168, y: 88, turn: 20 },
  { x: 130, y: 58, turn: 6 },
  { x: 86, y: 58, turn: -6 },
  { x: 48, y: 90, turn: -22 },
] as const
const left = computed(() => props.paw.endsWith('LEFT'))
const title = computed(() => choiceOf('Paw', props.paw).title)
const nameOf = (claw: ClawView) => (claw.toe ? `toe ${claw.toe}` : 'dew claw')
const says = (claw: ClawView) =>
  `${title.value}, ${nameOf(claw)}: ${claw.last ? choiceOf('ClawResult', claw.last).label : 'nothing said'}${claw.due ? ', its turn' : ''}`
const state = (claw: ClawView) => [
  claw.last?.toLowerCase().replace('_', '-'),
  { due: claw.due, now: claw === props.now },
]
</script>

<template>
  <figure>
    <figcaption>{{ title }}</figcaption>
    <svg viewBox="0 0 232 226" :class="{ mirrored: !left }" role="group" :aria-label="title">
      <path
        class="fur"
        d="M40 118Q28 66 60 52Q92 28 130 32Q176 40 188 84Q200 120 184 150Q190 190 176 222H62Q48 186 52 158Q40 140 40 118Z"
      />
      <path class="pad" d="M82 176q-6-36 32-42q38 6 34 42q-12 18-34 16q-22 2-32-16Z" />
      <g
        v-for="claw in claws"
        :key="claw.toe"
        :transform="`translate(${TOES[claw.toe]!.x} ${TOES[claw.toe]!.y}) rotate(${TOES[claw.toe]!.turn})`"
        :class="state(claw)"
        class="claw"
        role="button"
        tabindex="0"
        :aria-label="says(claw)"
        :aria-pressed="claw === now"
        @click="$emit('choose', claw)"
        @keydown.enter.prevent="$emit('choose', claw)"
      >
        <circle class="touch" r="26" cy="-14" />
        <ellipse class="toe" rx="19" ry="24" cy="4" />
        <path class="nail" d="M-10-16Q-9-42 5-50Q9-34 10-16Q0-10-10-16Z" />
        <path v-if="claw.last === 'DONE'" class="mark" d="M-8 4l6 6 11-13" />
        <path v-else-if="claw.last === 'LEFT'" class="mark" d="M-8 4h16" />
        <path v-else-if="claw.last === 'TOO_SHORT'" class="mark drop" d="M0-6q8 10 0 16q-8-6 0-16Z" />
      </g>
    </svg>
  </figure>
</template>

<style scoped>
figure {
  text-align: center;
}
figcaption {
  font-weight: 700;
}
svg {
  width: 100%;
  max-width: 280px;
}
.mirrored {
  transform: scaleX(-1);
}
.fur {
  fill: rgb(var(--v-theme-fur));
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 2.4;
}
.pad {
  fill: rgba(var(--v-theme-ink), 0.14);
}
.claw {
  cursor: pointer;
}
.touch {
  fill: transparent;
}
.toe {
  fill: rgb(var(--v-theme-surface));
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.8;
}
.nail {
  fill: rgb(var(--v-theme-background));
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 2;
  stroke-linejoin: round;
}
.done .nail {
  fill: rgb(var(--v-theme-secondary));
}
.too-short .nail {
  fill: rgb(var(--v-theme-error));
}
.now .toe {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 5;
}
.due:not(.now) .nail {
  stroke-dasharray: 3 3;
}
.mark {
  fill: none;
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 3;
  stroke-linecap: round;
}
.drop {
  fill: rgb(var(--v-theme-error));
  stroke: none;
}
.claw:focus-visible {
  outline: none;
}
.claw:focus-visible .toe {
  stroke: rgb(var(--v-theme-focus));
  stroke-width: 6;
}
</style>
