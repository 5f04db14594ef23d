<script setup lang="ts">
import CoatSide from '@/bodymap/CoatSide.vue'
import type { DrawnHair } from '@/bodymap/hair'

const shaggy: DrawnHair = { kind: 'DROP', millimetres: 70, pale: false }
const coat = { HEAD: shaggy, EARS: shaggy, NECK: shaggy, BODY: shaggy, LEGS: shaggy, REAR: shaggy, TAIL: shaggy }
</script>

<template>
  <div class="welcome">
    <div>
      <h1>Brush to the skin, a little at a time</h1>
      <p>Tell Rustic Tangle about your dog’s coat. It says which brush goes where, takes you through it place by place, and knows when each place is due again, so that mats never form.</p>
      <v-btn color="primary" size="x-large" to="/dogs/new">Add your dog</v-btn>
      <p class="quiet">Everything stays on this machine.</p>
    </div>
    <CoatSide side="LEFT" :names="{}" :coat="coat" still />
  </div>
</template>

<style scoped>
.welcome { display: grid; grid-template-columns: 1fr 1.1fr; gap: 40px; align-items: center; padding-top: 4vh; }
h1 { font-size: 2.6rem; margin-bottom: 14px; }
p { font-size: 1.1rem; margin-bottom: 20px; max-width: 48ch; }
.quiet { margin-top: 18px; }
@media (max-width: 899px) { .welcome { grid-template-columns: 1fr; } h1 { font-size: 2rem; } }
</style>
