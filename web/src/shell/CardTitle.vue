<script setup lang="ts">
import ActKey from './ActKey.vue'
/** The title of a card that people print, with the button that does it. */
const print = () => window.print()
</script>

<template>
  <div class="title flex justify-between items-center gap-16">
    <h2><slot /></h2>
    <ActKey class="no-print" variant="outlined" @click="print">Print</ActKey>
  </div>
</template>
