<script setup lang="ts">
import { computed } from 'vue'
import type { ClawView, Paw } from '@/api/types'
import { choiceOf } from '@/api/words'

/** One paw from above, toes up, with each of its claws; the inner side is where the dew claw is. */
const props = defineProps<{ paw: Paw; claws: readonly ClawView[]; now?: ClawView }>()
defineEmits<{ choose: [claw: ClawView] }>()

/** From the inside outward, the dew claw first; the inner side to the right, as on a left paw. */
const TOES = [
  { x: 178, y: 178, turn: 64, size: 0.66 },
  { x: 172, y: 104, turn: 22, size: 0.94 },
  { x: 137, y: 76, turn: 5, size: 1 },
  { x: 93, y: 76, turn: -5, size: 1 },
  { x: 58, y: 104, turn: -22, size: 0.94 },
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
  <figure class="text-center">
    <figcaption class="font-bold">{{ title.replace(' paw', '') }}</figcaption>
    <svg class="w-full max-w-280" viewBox="0 8 240 228" :class="{ mirrored: !left }" role="group" :aria-label="title">
      <path class="fur" d="M72 236Q78 200 64 168Q40 138 52 108L116 60L180 108Q190 138 168 168Q152 200 158 236" />
      <g
        v-for="claw in claws"
        :key="claw.toe"
        :transform="`translate(${TOES[claw.toe]!.x} ${TOES[claw.toe]!.y})`"
        :class="state(claw)"
        class="claw cursor-pointer"
        role="button"
        tabindex="0"
        :aria-label="says(claw)"
        :aria-pressed="claw === now"
        @click="$emit('choose', claw)"
        @keydown.enter.prevent="$emit('choose', claw)"
        @keydown.space.prevent="$emit('choose', claw)"
      >
        <circle class="touch" r="28" cy="-12" />
        <g :transform="`rotate(${TOES[claw.toe]!.turn}) scale(${TOES[claw.toe]!.size})`">
          <path class="nail" d="M-9-28Q-9-50 4-62Q10-48 9-28Z" />
          <ellipse class="toe" rx="23" ry="35" />
        </g>
        <g :class="{ mirrored: !left }">
          <path v-if="claw.last === 'DONE'" class="mark" d="M-9 1l7 7 12-15" />
          <path v-else-if="claw.last === 'LEFT'" class="mark" d="M-9 0h18" />
          <path v-else-if="claw.last === 'TOO_SHORT'" class="mark drop" d="M0-12q10 13 0 22q-10-9 0-22Z" />
        </g>
      </g>
      <path class="crease" d="M84 150q4 16 2 30M146 150q-4 16-2 30" />
    </svg>
  </figure>
</template>

<style scoped>
.mirrored {
  transform: scaleX(-1);
}
.fur {
  fill: rgb(var(--v-theme-fur));
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 2.4;
}
.crease {
  fill: none;
  stroke: rgba(var(--v-theme-ink), 0.4);
  stroke-width: 2.4;
  stroke-linecap: round;
}
.touch {
  fill: transparent;
}
.toe {
  fill: rgb(var(--v-theme-fur));
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 2.4;
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
  fill: rgb(var(--v-theme-surface));
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 6;
}
.due:not(.now) .nail {
  stroke-dasharray: 3 3;
}
.mark {
  fill: none;
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 4;
  stroke-linecap: round;
}
.drop {
  fill: rgb(var(--v-theme-error));
  stroke: none;
}
.claw:focus {
  outline: none;
}
.claw:focus-visible .toe {
  stroke: rgb(var(--v-theme-focus));
  stroke-width: 6;
}
</style>
