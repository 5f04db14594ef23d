<script setup lang="ts">
/** One thing of a list to tick, as wide as a thumb wants it. */
defineProps<{ on: boolean }>()
defineEmits<{ toggle: [] }>()
</script>

<template>
  <v-checkbox-btn class="w-full" :model-value="on" @update:model-value="$emit('toggle')">
    <template #label
      ><span><slot /></span
    ></template>
  </v-checkbox-btn>
</template>
