<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useSections, useView } from '@/api/queries'
import SheetFrame from '@/shell/SheetFrame.vue'
import { goals, searchOf } from './search'
import ActKey from '@/shell/ActKey.vue'

/** One field for everything that can be gone to, in the owner's own words. */
const emit = defineEmits<{ close: [] }>()

const router = useRouter()
const home = useView('home')
const { list } = useSections()
const dogs = computed(() => home.data.value?.dogs ?? [])
const find = computed(() => searchOf(goals(dogs.value, list.value)))
const typed = ref('')
const found = computed(() => (typed.value.trim() ? find.value(typed.value) : []))

function first() {
  if (!found.value[0]) return
  void router.push(found.value[0].to)
  emit('close')
}
</script>

<template>
  <SheetFrame label="Search" :width="560" class="items-start" @close="emit('close')">
    <form class="grid grid-cols-[1fr_auto] gap-6 items-center" role="search" @submit.prevent="first">
      <!-- eslint-disable vuejs-accessibility/no-autofocus -- whoever opens the search types -->
      <v-text-field
        v-model="typed"
        label="Search: armpit, it swam, price, claws"
        hide-details
        autocomplete="off"
        autofocus
        type="search"
      />
      <ActKey variant="text" @click="emit('close')">Close</ActKey>
    </form>
    <ul v-if="found.length" class="list-none p-0 mt-8" aria-label="Found">
      <li v-for="goal in found" :key="goal.to + goal.title">
        <router-link :to="goal.to" @click="emit('close')"
          ><b>{{ goal.title }}</b
          ><span v-if="goal.dog && dogs.length > 1">{{ goal.dog }}</span></router-link
        >
      </li>
    </ul>
    <p v-else-if="typed.trim()" role="status">Nothing is called so. Try another word for it.</p>
  </SheetFrame>
</template>

<style scoped>
a {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: center;
  min-height: 48px;
  padding: 6px 4px;
  color: inherit;
  text-decoration: none;
  border-bottom: 1.5px dashed rgb(var(--v-theme-seam));
}
a:hover {
  background: rgb(var(--v-theme-wool));
}
b::first-letter {
  text-transform: uppercase;
}
</style>
