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
  <label
    class="take grid place-content-center relative min-h-64 border-3 border-slate rounded-cut-lg font-slab font-bold text-xl leading-plain cursor-pointer"
    ><input class="absolute opacity-0 inset-0" type="file" accept="image/*" :disabled="disabled" @change="take" /><slot
      >A photo</slot
    ></label
  >
</template>

<style scoped>
.take:focus-within {
  outline: 3px solid rgb(var(--v-theme-focus));
  outline-offset: 2px;
}
</style>
