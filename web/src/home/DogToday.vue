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
  <div class="day">
    <HomeDog :dog="dog" :home="home" own :alone="alone" />
    <div v-if="known" class="rest">
      <LifeStrip :dog-id="dog.id" :today="home.today" />
      <section aria-labelledby="table">
        <h2 id="table">At the table</h2>
        <ul>
          <li v-for="turn in table" :key="turn.job">
            <router-link :to="carePath(dog.id, turn.job)"
              ><b>{{ titleOf(turn.job) }}</b
              ><span>{{ isBath(turn) ? '' : minutes(60 * turn.minutes) }}</span></router-link
            >
          </li>
          <li v-if="!table.some((turn) => turn.job === 'LOOK_OVER')">
            <router-link :to="carePath(dog.id, 'LOOK_OVER')"
              ><b>Something seen or felt?</b><span>look-over</span></router-link
            >
          </li>
          <li>
            <router-link :to="`/dogs/${dog.id}/today/table`"><b>Every job</b><span>when each is due</span></router-link>
          </li>
        </ul>
      </section>
    </div>
  </div>
</template>

<style scoped>
.day {
  display: grid;
  grid-template-columns: 1.25fr 1fr;
  gap: 24px 40px;
  align-items: start;
}
ul {
  list-style: none;
  padding: 0;
}
li a {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: center;
  min-height: 48px;
  color: inherit;
  text-decoration: none;
  border-bottom: 1.5px dashed rgb(var(--v-theme-seam));
}
li a:hover {
  background: rgba(var(--v-theme-wool), 0.6);
}
li b {
  font-weight: 400;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
li span {
  opacity: 0.88;
}
@media (max-width: 899px) {
  .day {
    grid-template-columns: 1fr;
  }
}
</style>
