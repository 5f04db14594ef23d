<script setup lang="ts">
import ActKey from './ActKey.vue'
</script>

<template>
  <h1>Nothing lives here</h1>
  <p>The address does not belong to any view.</p>
  <ActKey color="primary" to="/">To the dogs</ActKey>
</template>
