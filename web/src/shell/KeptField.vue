<script setup lang="ts">
import { ref, watch } from 'vue'

/** A field that is kept once it is left. What somebody types meanwhile stays, whatever else the page learns. */
const props = defineProps<{ told: string | number | undefined }>()
const emit = defineEmits<{ keep: [typed: string] }>()

const typed = ref('')
const within = ref(false)
watch(
  () => props.told,
  (told) => {
    if (!within.value) typed.value = String(told ?? '')
  },
  { immediate: true },
)

function leave() {
  within.value = false
  if (typed.value.trim() !== String(props.told ?? '')) emit('keep', typed.value.trim())
}
</script>

<template>
  <v-text-field
    v-model="typed"
    autocomplete="off"
    persistent-placeholder
    @focus="within = true"
    @blur="leave"
    @keydown.enter="leave"
  />
</template>
