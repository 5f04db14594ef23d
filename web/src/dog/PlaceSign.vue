<script setup lang="ts">
/** The signs of a dog's four places: a comb in hair, the thread with its knot, a brush, and a head. */
defineProps<{ place: 'today' | 'days' | 'kit' | 'dog' }>()

const SIGNS = {
  today: 'M3 6H21M5 6V16M9 6V18M13 6V16M17 6V18M21 6V16',
  days: 'M1 13C6 9 7 17 11 12S16 6 17 11 12 17 13 12 20 15 23 11',
  kit: 'M12 23V14M5 4H19V9C19 13 16 14 12 14S5 13 5 9ZM8 4V1M12 4V1M16 4V1',
  dog: 'M6 9C5 4 9 2 13 3C18 3 20 7 19 12L21 15C21 18 18 18 15 18C13 21 7 20 6 16M6 9C2 8 2 13 3 16C5 18 7 15 6 9M15 9V10',
}
</script>

<template>
  <svg class="w-24 flex-none" viewBox="0 0 24 24" aria-hidden="true">
    <path class="fill-none stroke-current stroke-[1.9] round-ends round-joins" :d="SIGNS[place]" />
  </svg>
</template>
