<script setup lang="ts">
import { computed } from 'vue'
import type { Home, HomeDog as Dog } from '@/api/types'
import { carePath, titleOf } from '@/care/words'
import DayStrip from '@/plan/DayStrip.vue'
import NotEnough from '@/plan/NotEnough.vue'
import { isBath } from '@/plan/words'
import LifeStrip from '@/rhythm/LifeStrip.vue'
import PastQuestion from '@/rhythm/PastQuestion.vue'
import { minutes } from '@/shell/useUnits'
import HomeDog from './HomeDog.vue'

/** One dog's day: brush, practise, the table, and what the day did. With one dog it is the household's. */
const props = defineProps<{ home: Home; dog: Dog }>()

const alone = computed(() => props.home.dogs.length === 1)
const known = computed(() => props.dog.known)
const table = computed(() => props.home.day.care.filter((turn) => turn.dogId === props.dog.id))
</script>

<template>
  <template v-if="alone && known">
    <DayStrip :home="home" />
    <NotEnough />
  </template>
  <PastQuestion v-if="known?.askPast" :dog-id="dog.id" :dog-name="dog.name" />
  <div class="day grid grid-cols-[1.25fr_1fr] gap-y-24 gap-x-40 items-start max-md:grid-cols-1">
    <HomeDog :dog="dog" :home="home" own :alone="alone" />
    <div v-if="known" class="rest">
      <LifeStrip :dog-id="dog.id" :today="home.today" />
      <section aria-labelledby="table">
        <h2 id="table">At the table</h2>
        <ul class="list-none p-0">
          <li v-for="turn in table" :key="turn.job">
            <router-link
              class="flex justify-between gap-12 items-center min-h-48 text-inherit no-underline seam-b hover:bg-wool/60"
              :to="carePath(dog.id, turn.job)"
              ><b class="font-normal dotted">{{ titleOf(turn.job) }}</b
              ><span class="opacity-88">{{ isBath(turn) ? '' : minutes(60 * turn.minutes) }}</span></router-link
            >
          </li>
          <li v-if="!table.some((turn) => turn.job === 'LOOK_OVER')">
            <router-link
              class="flex justify-between gap-12 items-center min-h-48 text-inherit no-underline seam-b hover:bg-wool/60"
              :to="carePath(dog.id, 'LOOK_OVER')"
              ><b class="font-normal dotted">Something seen or felt?</b
              ><span class="opacity-88">look-over</span></router-link
            >
          </li>
          <li>
            <router-link
              class="flex justify-between gap-12 items-center min-h-48 text-inherit no-underline seam-b hover:bg-wool/60"
              :to="`/dogs/${dog.id}/today/table`"
              ><b class="font-normal dotted">Every job</b><span class="opacity-88">when each is due</span></router-link
            >
          </li>
        </ul>
      </section>
    </div>
  </div>
</template>
