<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useSections, useView } from '@/api/queries'
import { goals, searchOf } from './search'

/** One field for everything that can be gone to, in the owner's own words. */
const emit = defineEmits<{ close: [] }>()

const router = useRouter()
const home = useView('home')
const { list } = useSections()
const dogs = computed(() => home.data.value?.dogs ?? [])
const find = computed(() => searchOf(goals(dogs.value, list.value)))
const typed = ref('')
const found = computed(() => (typed.value.trim() ? find.value(typed.value) : []))

const dialog = ref<HTMLDialogElement>()
onMounted(() => dialog.value?.showModal())
onBeforeUnmount(() => dialog.value?.close())
function first() {
  if (!found.value[0]) return
  void router.push(found.value[0].to)
  emit('close')
}
</script>

<template>
  <dialog ref="dialog" aria-label="Search" @cancel.prevent="emit('close')">
    <form role="search" @submit.prevent="first">
      <v-text-field
        v-model="typed"
        label="Search: armpit, it swam, price, claws"
        hide-details
        autocomplete="off"
        type="search"
      />
      <v-btn variant="text" @click="emit('close')">Close</v-btn>
    </form>
    <ul v-if="found.length" aria-label="Found">
      <li v-for="goal in found" :key="goal.to + goal.title">
        <router-link :to="goal.to" @click="emit('close')"
          ><b>{{ goal.title }}</b
          ><span v-if="goal.dog && dogs.length > 1">{{ goal.dog }}</span></router-link
        >
      </li>
    </ul>
    <p v-else-if="typed.trim()" role="status">Nothing is called so. Try another word for it.</p>
  </dialog>
</template>

<style scoped>
dialog {
  width: min(560px, 94vw);
  max-height: 86vh;
  margin: 8vh auto auto;
  padding: 16px 18px;
  border: 3px solid rgb(var(--v-theme-ink));
  border-radius: 18px 13px 20px 12px;
  background: rgb(var(--v-theme-background));
  color: inherit;
  overflow: auto;
}
dialog::backdrop {
  background: rgba(30, 22, 16, 0.55);
}
form {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 6px;
  align-items: center;
}
ul {
  list-style: none;
  padding: 0;
  margin-top: 8px;
}
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
