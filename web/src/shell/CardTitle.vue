<script setup lang="ts">
/** The title of a card that people print, with the button that does it. */
const print = () => window.print()
</script>

<template>
  <div class="title">
    <h2><slot /></h2>
    <v-btn class="no-print" variant="outlined" @click="print">Print</v-btn>
  </div>
</template>

<style scoped>
.title {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
}
</style>
