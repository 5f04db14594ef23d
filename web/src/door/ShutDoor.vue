<script setup lang="ts">
/** Nobody let this browser in: what to do. */
defineProps<{ how: string }>()
/** Only the encrypted door stands to the home. */
const fromHome = location.protocol === 'https:'
</script>

<template>
  <section class="max-w-[60ch] pt-20">
    <h1>{{ fromHome ? 'This device was not let in' : 'Start it, and it opens' }}</h1>
    <p>{{ how }}</p>
    <p v-if="fromHome"><router-link to="/pair">I have a code</router-link></p>
  </section>
</template>
