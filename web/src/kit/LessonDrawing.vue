<script setup lang="ts">
import { HAND } from '@/bodymap/hand'
import type choices from '@/api/choices'

/** What the hand does in one step of its lesson, moving where motion is welcome, right beside wrong where both matter. */
defineProps<{ step: (typeof choices.LessonStep)[number]['value'] }>()

/** A brush from the side, its pins down, the middle of its pad at 0 0. */
const BACK = 'M-46-10h92q7 0 7 7v5h-106v-5q0-7 7-7Z'
const HANDLE = 'M50-9l62-5q11 0 11 8t-11 7l-62-1Z'
const PINS = 'M-40 2v20M-28 2v20M-16 2v20M-4 2v20M8 2v20M20 2v20M32 2v20M44 2v20'
const HAIR =
  'M14 170Q30 132 74 122M40 170Q58 134 100 124M66 170Q84 136 128 126M92 170Q112 138 154 128M118 170Q140 140 178 132'
</script>

<template>
  <svg
    viewBox="0 0 420 220"
    class="lesson block w-full max-h-340 bg-wool rounded-cut-lg"
    :class="step.toLowerCase()"
    aria-hidden="true"
  >
    <template v-if="step === 'GRIP'">
      <g class="moves" style="transform-origin: 236px 96px">
        <g transform="translate(150 96)">
          <path class="tool" :d="BACK" />
          <path class="pins" :d="PINS" />
          <path class="tool" :d="HANDLE" />
        </g>
      </g>
      <g transform="translate(322 116) rotate(186) scale(1.9)"><path class="hand" :d="HAND" /></g>
      <path class="soft" d="M96 62q-16-10-18-26M120 50q-10-12-8-26M204 132q16 12 16 26M184 140q8 12 6 24" />
    </template>
    <template v-else-if="step === 'FLAT'">
      <path class="skin" d="M12 162h176M232 162h176" />
      <g transform="translate(88 140)">
        <path class="tool" :d="BACK" />
        <path class="pins" :d="PINS" />
        <path class="tool" :d="HANDLE" />
      </g>
      <path class="stroke-secondary stroke-[6]" d="M78 192l12 12 24-28" />
      <g class="moves" style="transform-origin: 268px 160px">
        <g transform="translate(300 124) rotate(-24)">
          <path class="tool" :d="BACK" />
          <path class="pins" :d="PINS" />
          <path class="tool" :d="HANDLE" />
        </g>
      </g>
      <path class="stroke-error stroke-[6]" d="M300 180l24 24m0-24l-24 24" />
    </template>
    <template v-else-if="step === 'STROKE'">
      <path class="skin" d="M8 172h186M226 172h186" />
      <path class="hair stroke-pen stroke-[2] opacity-70" :d="HAIR" />
      <path class="hair stroke-pen stroke-[2] opacity-70" :d="HAIR" transform="translate(218 0)" />
      <path class="way" d="M40 96v40q60 8 96-6q16-8 26-46m-10 8l11-11 6 14" />
      <g class="moves good">
        <g transform="translate(52 138) scale(0.62)">
          <path class="tool" :d="BACK" />
          <path class="pins" :d="PINS" />
          <path class="tool" :d="HANDLE" />
        </g>
      </g>
      <path class="stroke-secondary stroke-[6]" d="M78 196l10 10 20-24" />
      <g class="moves bad">
        <g transform="translate(272 156) scale(0.62)">
          <path class="tool" :d="BACK" />
          <path class="pins" :d="PINS" />
          <path class="tool" :d="HANDLE" />
        </g>
      </g>
      <path class="stroke-error stroke-[4]" d="M252 176q30 5 60 0t60 0" />
      <path class="stroke-error stroke-[6]" d="M300 190l20 20m0-20l-20 20" />
    </template>
    <template v-else-if="step === 'FOREARM'">
      <path
        class="arm"
        d="M6 138Q120 112 240 128Q300 132 330 120Q392 104 406 118Q414 130 396 138Q414 140 410 152Q402 160 384 156Q394 168 382 174Q360 180 330 176Q220 196 6 198Z"
      />
      <g class="moves good">
        <g transform="translate(84 108) scale(0.8)">
          <path class="tool" :d="BACK" />
          <path class="pins" :d="PINS" />
          <path class="tool" :d="HANDLE" />
        </g>
      </g>
      <path class="way" d="M56 74h150m-12-8l13 8-13 8" />
    </template>
    <template v-else-if="step === 'TOWEL'">
      <path
        class="cloth"
        d="M20 160q12-10 24 0t24 0 24 0 24 0 24 0 24 0 24 0 24 0 24 0 24 0 24 0 24 0 24 0 24 0 24 0v40h-360Z"
      />
      <g class="moves good">
        <g transform="translate(84 132) scale(0.8)">
          <path class="tool" :d="BACK" />
          <path class="pins" :d="PINS" />
          <path class="tool" :d="HANDLE" />
        </g>
      </g>
      <path class="way" d="M56 92h150m-12-8l13 8-13 8" />
    </template>
    <template v-else>
      <path
        class="scale"
        d="M118 132h184l16 66q2 10-8 10h-200q-10 0-8-10ZM104 120h212q8 0 8 7t-8 7h-212q-8 0-8-7t8-7Z"
      />
      <path class="dial" d="M166 196a44 44 0 0 1 88 0Z" />
      <path class="needle" d="M210 196v-36" style="transform-origin: 210px 196px" />
      <text class="font-sans font-bold text-[11px] leading-plain fill-ink" x="176" y="190">50</text>
      <text class="font-sans font-bold text-[11px] leading-plain fill-ink" x="238" y="190">200</text>
      <g class="moves press">
        <g transform="translate(196 92)">
          <path class="tool" :d="BACK" />
          <path class="pins" :d="PINS" />
          <path class="tool" :d="HANDLE" />
        </g>
        <g transform="translate(346 112) rotate(186) scale(1.5)"><path class="hand" :d="HAND" /></g>
      </g>
    </template>
  </svg>
</template>

<style scoped>
path {
  fill: none;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.tool {
  fill: rgb(var(--v-theme-surface));
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 2.4;
}
.pins {
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 2;
}
.hand,
.arm {
  fill: #e7c3a2;
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 1.8;
}
.skin {
  stroke: #c98f74;
  stroke-width: 5;
}
.cloth {
  fill: rgb(var(--v-theme-surface));
  stroke: rgb(var(--v-theme-slate));
  stroke-width: 2;
}
.scale,
.dial {
  fill: rgb(var(--v-theme-surface));
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 2.4;
}
.needle {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 4;
  transform: rotate(-28deg);
}
.way,
.soft {
  stroke: rgb(var(--v-theme-slate));
  stroke-width: 3;
  stroke-dasharray: 6 7;
}
@media (prefers-reduced-motion: no-preference) {
  .grip .moves {
    animation: dangle 2.6s ease-in-out infinite alternate;
  }
  .flat .moves {
    animation: flick 1.8s ease-in infinite;
  }
  .good {
    animation: draw 3.2s ease-in-out infinite;
  }
  .bad {
    animation: scrape 1.6s linear infinite;
  }
  .press {
    animation: press 4s ease-in-out infinite;
  }
  .needle {
    animation: weigh 4s ease-in-out infinite;
  }
}
@keyframes dangle {
  from {
    transform: rotate(-4deg);
  }
  to {
    transform: rotate(5deg);
  }
}
@keyframes flick {
  60% {
    transform: rotate(0);
  }
  100% {
    transform: rotate(-26deg);
  }
}
@keyframes draw {
  0% {
    transform: translate(0, -34px);
  }
  22% {
    transform: translate(0, 0);
  }
  66% {
    transform: translate(84px, -4px);
  }
  86%,
  100% {
    transform: translate(104px, -52px);
  }
}
@keyframes scrape {
  0% {
    transform: translate(0, 0);
  }
  80% {
    transform: translate(54px, 4px);
  }
  100% {
    transform: translate(62px, 2px) rotate(-9deg);
  }
}
@keyframes press {
  0%,
  100% {
    transform: translateY(-8px);
  }
  40%,
  60% {
    transform: translateY(5px);
  }
}
@keyframes weigh {
  0%,
  100% {
    transform: rotate(-62deg);
  }
  40%,
  60% {
    transform: rotate(-28deg);
  }
}
</style>
