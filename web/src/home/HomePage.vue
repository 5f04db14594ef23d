<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import { useView } from '@/api/queries'
import DogHead from '@/dog/DogHead.vue'
import { useDog } from '@/dog/useDogs'
import PageState from '@/shell/PageState.vue'
import DayStrip from '@/plan/DayStrip.vue'
import NotEnough from '@/plan/NotEnough.vue'
import DogToday from './DogToday.vue'
import HomeDog from './HomeDog.vue'
import ActKey from '@/shell/ActKey.vue'

/** Only where nobody has a dog yet. */
const Welcome = defineAsyncComponent(() => import('./WelcomeView.vue'))

const home = useView('home')
const dogs = computed(() => home.data.value?.dogs ?? [])
/** Whoever has one dog is at once with it: there is no list of one. */
const only = computed(() => (dogs.value.length === 1 ? dogs.value[0] : undefined))
const onlyDog = useDog(() => only.value?.id)
</script>

<template>
  <PageState :pending="!home.data.value" :error="home.error.value" @retry="home.refetch()">
    <Welcome v-if="!dogs.length" />
    <template v-else-if="only">
      <DogHead v-if="onlyDog.data.value" :dog-id="only.id" :dog="onlyDog.data.value.form" />
      <DogToday :home="home.data.value!" :dog="only" />
    </template>
    <template v-else>
      <DayStrip v-if="dogs.some((dog) => dog.known)" :home="home.data.value!" />
      <h1 v-else class="sr absolute clipped">Today</h1>
      <NotEnough />
      <div class="grid grid-cols-2 gap-18 max-md:grid-cols-1">
        <HomeDog v-for="dog in dogs" :key="dog.id" :dog="dog" :home="home.data.value!" />
      </div>
    </template>
    <p v-if="dogs.length" class="foot flex flex-wrap gap-16 items-center mt-14 max-w-none">
      <ActKey variant="text" to="/dogs/new">Add another dog</ActKey>
      <ActKey variant="text" to="/messages">Messages</ActKey>
      <ActKey variant="text" to="/guide/first-brush">Guide</ActKey>
      <span v-if="home.data.value!.demo" class="quiet"
        >This is the demo household: everything in it is made up, and it is made anew at each start.</span
      >
    </p>
  </PageState>
</template>
