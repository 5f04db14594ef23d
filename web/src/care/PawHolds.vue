<script setup lang="ts">
import type { Reason } from '@/api/types'
import { HAND } from '@/bodymap/hand'
import { useUnits } from '@/shell/useUnits'

/** How a fore paw, a hind paw and a small dog are held, drawn, with the words beneath. */
defineProps<{ holds: readonly Reason[] }>()

const { say } = useUnits()
</script>

<template>
  <div class="grid grid-cols-3 gap-y-8 gap-x-28 max-md:grid-cols-1">
    <figure
      v-for="one in holds"
      class="max-md:grid max-md:grid-cols-[120px_1fr] max-md:gap-12 max-md:items-center"
      :key="one.rule"
      :data-rule="one.rule"
    >
      <svg class="block w-full max-w-220" viewBox="0 0 240 150" aria-hidden="true">
        <template v-if="one.rule === 'care.hold-fore'">
          <!-- Chest, upper arm and forearm; the wrist bent back, its pads to the sky. -->
          <path class="fur" d="M20 0Q30 34 64 48L70 64Q78 92 84 108L112 104Q104 78 108 52Q150 46 178 22L180 0" />
          <path class="fur" d="M84 106Q92 122 116 120L152 112Q170 106 168 94Q164 82 148 86L112 98Q108 104 112 104" />
          <path class="pad" d="M112 98q10-8 20-4M148 86q8-6 16 0M154 88l-2 10M162 88l2 9" />
          <path class="nail" d="M166 90q12-4 16 4q-8 2-15 6" />
          <g transform="translate(78 150) scale(1.25 -1.1)"><path class="hand" :d="HAND" /></g>
          <path class="hand" d="M168 62Q146 62 138 78Q136 88 146 86Q152 76 170 76" />
          <path class="fill-none stroke-primary stroke-[3]" d="M196 40q14 26-4 50m-2-12l1 13 12-5" />
        </template>
        <template v-else-if="one.rule === 'care.hold-hind'">
          <!-- The far leg stands; the near one, hock and paw, is carried backward and low. -->
          <path class="fur" d="M66 66Q76 92 80 114Q70 128 66 146L104 146Q110 132 106 116L118 76" />
          <path class="fur" d="M156 8Q198-6 220 26Q200 20 172 38" />
          <path class="fur" d="M-4-4L158-4Q184 22 170 56Q160 80 124 84Q88 88 58 68Q28 58-4 64" />
          <path
            class="fur"
            d="M108 78Q138 96 164 76Q180 74 186 88Q188 96 182 102L212 116Q226 124 222 134Q212 142 196 134L160 114Q132 116 106 96Z"
          />
          <path class="pad" d="M206 130q4-6 12-6M200 134q2-6 8-8" />
          <path class="nail" d="M221 130q10 4 9 12q-8-2-13-5" />
          <g transform="translate(122 150) scale(1.2 -1.1)"><path class="hand" :d="HAND" /></g>
          <path class="fill-none stroke-primary stroke-[3]" d="M200 62q22 10 26 34m-10-8l10 9 7-12" />
        </template>
        <template v-else>
          <!-- A lap, an arm round the chest, the small one with its back against the person. -->
          <path class="fill-wool stroke-ink stroke-[1.8]" d="M14 150Q14 108 66 106L196 108Q226 112 226 150" />
          <path class="fill-wool stroke-ink stroke-[1.8]" d="M20 0Q4 60 22 118" />
          <path
            class="fur"
            d="M40 44Q34 84 54 112L150 112Q168 112 170 102Q168 94 152 94L124 92Q120 74 112 64Q124 60 128 48L146 46Q154 42 150 34L126 22Q112 6 90 10Q66 16 66 34Z"
          />
          <path class="ear" d="M84 14Q66 24 70 46Q76 54 86 46Q92 30 92 14Z" />
          <circle class="eye fill-ink" cx="112" cy="28" r="3.4" />
          <ellipse class="fill-ink" cx="148" cy="37" rx="6" ry="5" />
          <path class="fur" d="M104 70Q120 84 140 82Q152 84 150 92Q142 100 118 96Q100 92 92 78" />
          <path class="fill-wool stroke-ink stroke-[1.8]" d="M20 40Q60 54 96 66L90 84Q46 78 20 70" />
          <g transform="translate(88 62) rotate(14) scale(0.72)"><path class="hand" :d="HAND" /></g>
          <path class="nail" d="M148 84q8-2 10 4q-6 2-9 4" />
          <g transform="translate(212 116) rotate(206) scale(0.95)"><path class="hand" :d="HAND" /></g>
        </template>
      </svg>
      <figcaption class="text-base leading-snug">{{ say(one.text) }}</figcaption>
    </figure>
  </div>
</template>

<style scoped>
path {
  stroke-linecap: round;
  stroke-linejoin: round;
}
.fur,
.ear {
  fill: rgb(var(--v-theme-fur));
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 2.2;
}
.hand {
  fill: rgb(var(--v-theme-surface));
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.8;
}
.nail,
.pad {
  fill: none;
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.8;
}
.nail {
  fill: rgb(var(--v-theme-background));
}
</style>
