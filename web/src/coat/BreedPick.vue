<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useBreeds } from '@/api/queries'
import type { Breed } from '@/api/types'
import { useUnits } from '@/shell/useUnits'

/** Proposes the coat a breed usually carries: a guess, to be confirmed or mended. */
const props = defineProps<{ breed: string }>()
defineEmits<{ propose: [breed: Breed] }>()

const { say } = useUnits()
const breeds = useBreeds()
const typed = ref(props.breed)
watch(
  () => props.breed,
  (breed) => {
    typed.value = breed
  },
)

const plain = (name: string) =>
  name
    .normalize('NFD')
    .toLowerCase()
    .replace(/[^a-z]/g, '')
const found = computed(() => breeds.data.value?.find((b) => plain(b.name) === plain(typed.value)))
</script>

<template>
  <div class="breed">
    <label for="breed-of-coat">Breed or cross, if known</label>
    <input id="breed-of-coat" v-model="typed" list="breeds-known" autocomplete="off" maxlength="60" />
    <datalist id="breeds-known"><option v-for="b in breeds.data.value" :key="b.name" :value="b.name" /></datalist>
    <template v-if="found">
      <v-btn variant="outlined" @click="$emit('propose', found)">Start from the usual coat</v-btn>
      <span class="quiet">{{ say(found.why.text) }}</span>
    </template>
    <span v-else-if="typed.trim()" class="quiet">Not in the table; describe what you see, or <slot />.</span>
  </div>
</template>

<style scoped>
.breed {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  margin: 8px 0 4px;
}
label {
  font-weight: 700;
}
input {
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 8px 7px 9px 6px;
  min-height: 44px;
  padding: 4px 12px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  font: inherit;
  width: 250px;
}
.quiet {
  flex: 1 1 100%;
}
</style>
