<script setup lang="ts">
/** How hair is measured: from the skin along one stretched hair. Not to scale. */
</script>

<template>
  <figure class="how m-0 max-w-340">
    <svg class="w-full block" viewBox="0 0 300 150" aria-hidden="true">
      <rect class="skin" x="6" y="122" width="288" height="14" rx="6" />
      <path
        class="opacity-50"
        d="M20 122q4-30 34-38M40 122q6-34 40-40M60 122q6-30 40-40M196 122q8-30 44-32M220 122q8-28 44-28M246 122q8-26 40-24"
      />
      <path class="hair" d="M150 122V24" />
      <path class="fingers" d="M150 24q-14-2-26-14M150 24q14-2 26-14" />
      <rect class="fill-pale-fur stroke-pen stroke-[1.5]" x="158" y="18" width="22" height="104" rx="2" />
      <path class="ticks" d="M158 122h10M158 109h6M158 96h6M158 83h6M158 70h10M158 57h6M158 44h6M158 31h6" />
      <path class="mark" d="M134 122h22M134 24h22" />
    </svg>
    <figcaption class="text-sm">
      Part the hair, stand the ruler on the skin, stretch one hair along it between two fingers, and read where it ends.
      Curls are measured stretched, too. Take the longest you find in the place.
    </figcaption>
  </figure>
</template>

<style scoped>
path {
  fill: none;
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 2;
  stroke-linecap: round;
}
.skin {
  fill: #d9a48c;
}
.hair {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 3;
}
.fingers {
  stroke: #c98f74;
  stroke-width: 9;
}
.ticks {
  stroke: #3e3229;
  stroke-width: 1.3;
}
.mark {
  stroke: rgb(var(--v-theme-primary));
  stroke-dasharray: 3 4;
}
</style>
