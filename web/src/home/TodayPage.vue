<script setup lang="ts">
import { computed } from 'vue'
import { useView } from '@/api/queries'
import PageState from '@/shell/PageState.vue'
import DogToday from './DogToday.vue'

/** What today holds for one dog. */
const props = defineProps<{ dogId: number }>()
const home = useView('home')
const dog = computed(() => home.data.value?.dogs.find((one) => one.id === props.dogId))
</script>

<template>
  <PageState :pending="!home.data.value" :error="home.error.value" @retry="home.refetch()">
    <DogToday v-if="dog" :home="home.data.value!" :dog="dog" />
  </PageState>
</template>
