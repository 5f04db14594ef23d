<script setup lang="ts">
import { ref } from 'vue'

/** A word that not everybody knows: touched, it says what it means, where it stands. */
const props = defineProps<{ of: string }>()

const meaning = ref('')
async function toggle() {
  if (meaning.value) meaning.value = ''
  else meaning.value = (await import('@/guide/words')).meaningOf(props.of)
}
</script>

<template>
  <button
    type="button"
    class="inline underline decoration-dashed underline-offset-4"
    :aria-expanded="!!meaning"
    @click="toggle"
  >
    <slot>{{ of }}</slot></button
  ><span v-if="meaning" role="note" class="italic">{{ ' ' }}({{ meaning }})</span>
</template>
