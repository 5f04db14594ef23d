<script setup lang="ts">
import SlideField from '@/shell/SlideField.vue'

/** "I have N minutes": sliding plans today anew. */
defineProps<{ modelValue: number | undefined; fewest: number; most: number; places: number }>()
defineEmits<{ 'update:modelValue': [minutes: number | undefined] }>()
</script>

<template>
  <div class="minutes no-print grid grid-cols-[1fr_auto] gap-y-2 gap-x-16 items-center my-14 mx-0">
    <p class="col-span-full text-lg">
      I have
      <b class="slab text-2xl mt-0 mr-8 mb-0 ml-4">{{
        modelValue === undefined ? 'time for all of it' : `${modelValue} minutes`
      }}</b>
      <small v-if="modelValue !== undefined" class="text-md"
        >the {{ places }} {{ places === 1 ? 'place' : 'places' }} that matter most, done properly</small
      >
    </p>
    <SlideField
      label="I have"
      :model-value="modelValue ?? most"
      :min="fewest"
      :max="most"
      :says="modelValue === undefined ? 'all of it' : `${modelValue} minutes, ${places} places`"
      @update:model-value="$emit('update:modelValue', $event)"
    />
    <button
      v-if="modelValue !== undefined"
      class="dotted min-h-44"
      type="button"
      @click="$emit('update:modelValue', undefined)"
    >
      all of it
    </button>
  </div>
</template>
