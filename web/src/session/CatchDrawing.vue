<script setup lang="ts">
/** What an answer about a catch looks like; its words stand beside it. Lumps lie on a ruler, to its scale. */
defineProps<{ of: string }>()

const SKIN: Record<string, string> = {
  SOUND: '#D9A48C',
  RED: '#C4513A',
  WET_OR_BROKEN: '#C98B70',
  HOT_OR_SMELLY: '#C4714A',
  PARASITES: '#D9A48C',
  PAIN_OR_LUMP: '#D9A48C',
}
const LUMP_MM: Record<string, number> = { NONE: 0, UP_TO_10_MM: 8, UP_TO_20_MM: 16, OVER_20_MM: 28 }
const SCALE = 3
</script>

<template>
  <svg v-if="of in SKIN" class="w-108 h-63 flex-none" viewBox="0 0 120 70" aria-hidden="true">
    <rect x="4" y="40" width="112" height="22" rx="6" :fill="SKIN[of]" />
    <path class="hair" d="M14 40q4-18 0-32M106 40q-4-18 0-32M26 40q3-16 1-28M94 40q-3-16-1-28" />
    <path v-if="of === 'RED'" class="red" d="M46 52a14 7 0 1 0 28 0a14 7 0 1 0-28 0" />
    <path v-else-if="of === 'WET_OR_BROKEN'" class="broken" d="M44 48l8 4-4 6 9-1 6 5 3-7 9 0-6-6 4-5-10 1-5-5-4 6Z" />
    <path
      v-else-if="of === 'HOT_OR_SMELLY'"
      class="wave"
      d="M46 34q-6-7 0-14t0-14M60 34q-6-7 0-14t0-14M74 34q-6-7 0-14t0-14"
    />
    <path v-else-if="of === 'PARASITES'" class="dots" d="M44 50h.1M54 55h.1M62 47h.1M70 54h.1M78 49h.1M50 46h.1" />
    <path v-else-if="of === 'PAIN_OR_LUMP'" class="bump" d="M40 41q20-22 40 0Z" />
  </svg>
  <svg v-else-if="of in LUMP_MM" class="w-108 h-63 flex-none" viewBox="0 0 120 70" aria-hidden="true">
    <path class="hair" d="M6 26q50-8 108 0M6 34q50 6 108 0" />
    <ellipse
      v-if="LUMP_MM[of]"
      class="mat"
      :cx="14 + (LUMP_MM[of]! * SCALE) / 2"
      cy="29"
      :rx="(LUMP_MM[of]! * SCALE) / 2"
      :ry="Math.min(18, LUMP_MM[of]! * 1.1)"
    />
    <path class="edge" d="M14 54h96" />
    <path
      v-for="t in 33"
      :key="t"
      class="edge"
      :d="`M${14 + (t - 1) * SCALE} 54v${(t - 1) % 10 ? ((t - 1) % 5 ? -3 : -6) : -9}`"
    />
    <text v-for="mm in [0, 10, 20, 30]" :key="mm" :x="14 + mm * SCALE" y="67">{{ mm }}</text>
  </svg>
  <svg v-else class="w-108 h-63 flex-none" viewBox="0 0 120 70" aria-hidden="true">
    <rect x="4" y="54" width="112" height="12" rx="5" fill="#D9A48C" />
    <template v-if="of === 'FREE' || of === 'TIGHT'">
      <ellipse class="mat" cx="60" :cy="of === 'FREE' ? 22 : 40" rx="26" ry="15" />
      <path
        v-if="of === 'FREE'"
        class="comb"
        d="M8 46h104M20 46v7M30 46v7M40 46v7M50 46v7M60 46v7M70 46v7M80 46v7M90 46v7M100 46v7"
      />
      <path v-else class="comb" d="M4 46h28M10 46v7M20 46v7M30 46v7" />
    </template>
    <template v-else>
      <ellipse v-if="of !== 'JOINED'" class="mat" :cx="of === 'ONE' ? 60 : 32" cy="32" rx="13" ry="10" />
      <template v-if="of === 'A_FEW'">
        <ellipse class="mat" cx="64" cy="26" rx="11" ry="9" />
        <ellipse class="mat" cx="94" cy="34" rx="13" ry="10" />
      </template>
      <path
        v-if="of === 'JOINED'"
        class="mat"
        d="M10 40q6-20 26-16 14-12 28 0 18-8 26 4 16 0 18 14 0 8-14 6H22q-14 2-12-8Z"
      />
    </template>
  </svg>
</template>

<style scoped>
path,
ellipse {
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 2;
  fill: none;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.mat {
  fill: #8f7b61;
}
.red {
  fill: #a83222;
  stroke: none;
}
.broken {
  fill: #a83222;
}
.wave {
  stroke: #a83222;
  stroke-width: 3;
}
.dots {
  stroke: #3e3229;
  stroke-width: 5;
}
.bump {
  fill: #d9a48c;
}
.edge {
  stroke-width: 1;
}
.comb {
  stroke: rgb(var(--v-theme-slate));
  stroke-width: 3;
}
text {
  font: 10px var(--sans);
  fill: rgb(var(--v-theme-ink));
  text-anchor: middle;
}
</style>
