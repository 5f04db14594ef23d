<script setup lang="ts">
import CoatSide from '@/bodymap/CoatSide.vue'
import { dogOf } from '@/bodymap/dog'
import type { DrawnHair } from '@/bodymap/hair'

const shaggy: DrawnHair = { kind: 'DROP', millimetres: 70, colour: 'PALE' }
const STEPS = [
  { title: 'Describe', text: 'Who the dog is, and what grows where, on a drawing of it.' },
  { title: 'Match', text: 'For each place the tool, the pins, the comb that proves it, and why.' },
  { title: 'Brush', text: 'One place at a time; a tap says what the comb found and how the dog took it.' },
  { title: 'Know when', text: 'It learns how soon each place tangles, and names the next day.' },
]
const dog = dogOf({ HEAD: shaggy, EARS: shaggy, NECK: shaggy, BODY: shaggy, LEGS: shaggy, REAR: shaggy, TAIL: shaggy })
</script>

<template>
  <div class="welcome">
    <div>
      <h1>Brush to the skin, a little at a time</h1>
      <p>
        Tell Rustic Tangle about your dog’s coat. It says which brush goes where, takes you through it place by place,
        and knows when each place is due again, so that mats never form.
      </p>
      <v-btn color="primary" size="x-large" to="/dogs/new">Add your dog</v-btn>
      <p class="quiet">Everything stays on this machine.</p>
    </div>
    <CoatSide side="LEFT" :names="{}" :dog="dog" still />
    <ol>
      <li v-for="step in STEPS" :key="step.title">
        <b class="slab">{{ step.title }}</b>{{ step.text }}
      </li>
    </ol>
  </div>
</template>

<style scoped>
.welcome {
  display: grid;
  grid-template-columns: 1fr 1.1fr;
  gap: 40px;
  align-items: center;
  padding-top: 1vh;
}
h1 {
  font-size: 2.6rem;
  margin-bottom: 14px;
}
p {
  font-size: 1.1rem;
  margin-bottom: 20px;
  max-width: 48ch;
}
.quiet {
  margin-top: 18px;
}
ol {
  grid-column: 1 / -1;
  list-style: none;
  padding: 18px 0 0;
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 28px;
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
}
li b {
  display: block;
  font-size: 1.2rem;
  color: rgb(var(--v-theme-primary));
}
@media (max-width: 899px) {
  ol {
    grid-template-columns: 1fr;
    gap: 12px;
  }
  .welcome {
    grid-template-columns: 1fr;
  }
  h1 {
    font-size: 2rem;
  }
}
</style>
