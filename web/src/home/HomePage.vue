<script setup lang="ts">
import { computed } from 'vue'
import { useView } from '@/api/queries'
import PageState from '@/shell/PageState.vue'
import DayStrip from '@/plan/DayStrip.vue'
import NotEnough from '@/plan/NotEnough.vue'
import HomeDog from './HomeDog.vue'
import Welcome from './WelcomeView.vue'

const home = useView('home')
const dogs = computed(() => home.data.value?.dogs ?? [])
</script>

<template>
  <PageState :pending="!home.data.value" :error="home.error.value" @retry="home.refetch()">
    <Welcome v-if="!dogs.length" />
    <template v-else>
      <DayStrip v-if="dogs.some((dog) => dog.known)" :home="home.data.value!" />
      <h1 v-else class="sr">Home</h1>
      <NotEnough />
      <div class="dogs" :class="{ one: dogs.length === 1 }">
        <HomeDog v-for="dog in dogs" :key="dog.id" :dog="dog" :today="home.data.value!.today" />
      </div>
      <p class="foot">
        <v-btn variant="text" to="/dogs/new">Add another dog</v-btn>
        <v-btn variant="text" to="/messages">Messages</v-btn>
        <span v-if="home.data.value!.demo" class="quiet"
          >This is the demo household: everything in it is made up, and it is made anew at each start.</span
        >
      </p>
    </template>
  </PageState>
</template>

<style scoped>
.dogs {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 18px;
}
.dogs.one {
  grid-template-columns: minmax(0, 760px);
}
.foot {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  align-items: center;
  margin-top: 14px;
  max-width: none;
}
.sr {
  position: absolute;
  clip-path: inset(50%);
}
@media (max-width: 899px) {
  .dogs {
    grid-template-columns: 1fr;
  }
}
</style>
