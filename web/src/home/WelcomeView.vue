<script setup lang="ts">
import CoatSide from '@/bodymap/CoatSide.vue'
import { dogOf } from '@/bodymap/dog'
import type { DrawnHair } from '@/bodymap/hair'
import ActKey from '@/shell/ActKey.vue'

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
  <div class="grid grid-cols-[1fr_1.1fr] gap-40 items-center pt-[1vh] max-md:grid-cols-1">
    <div>
      <h1 class="text-[2.6rem] mb-14 max-md:text-5xl">Brush to the skin, a little at a time</h1>
      <p class="text-lg mb-20 max-w-[48ch]">
        Tell Rustic Tangle about your dog’s coat. It says which brush goes where, takes you through it place by place,
        and knows when each place is due again, so that mats never form.
      </p>
      <ActKey color="primary" size="x-large" to="/dogs/new">Add your dog</ActKey>
      <p class="quiet text-lg mb-20 max-w-[48ch] mt-18">Everything stays on this machine.</p>
    </div>
    <CoatSide side="LEFT" :names="{}" :dog="dog" still />
    <ol class="col-span-full list-none pt-18 px-0 pb-0 grid grid-cols-4 gap-28 seam-t max-md:grid-cols-1 max-md:gap-12">
      <li v-for="step in STEPS" :key="step.title">
        <b class="slab block text-xl text-primary">{{ step.title }}</b>{{ step.text }}
      </li>
    </ol>
  </div>
</template>
