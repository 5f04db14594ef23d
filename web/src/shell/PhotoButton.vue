<script setup lang="ts">
import { shrink } from './shrink'

/** Takes a photo, or one that lies there, and makes it small before anything is sent. */
defineProps<{ disabled?: boolean }>()
const emit = defineEmits<{ taken: [jpeg: string]; trouble: [words: string] }>()

async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  emit('trouble', '')
  try {
    emit('taken', await shrink(file))
  } catch (problem) {
    emit('trouble', (problem as Error).message)
  }
}
</script>

<template>
  <label class="take"
    ><input type="file" accept="image/*" :disabled="disabled" @change="take" /><slot>A photo</slot></label
  >
</template>

<style scoped>
.take {
  display: grid;
  place-content: center;
  position: relative;
  min-height: 64px;
  border: 3px solid rgb(var(--v-theme-slate));
  border-radius: 16px 12px 18px 11px;
  font: 700 1.2rem var(--slab);
  cursor: pointer;
}
.take:focus-within {
  outline: 3px solid rgb(var(--v-theme-focus));
  outline-offset: 2px;
}
input {
  position: absolute;
  opacity: 0;
  inset: 0;
}
</style>
