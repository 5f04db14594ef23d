<script setup lang="ts">
/** "I have N minutes": sliding plans today anew. */
defineProps<{ modelValue: number | undefined; fewest: number; most: number; places: number }>()
defineEmits<{ 'update:modelValue': [minutes: number | undefined] }>()
</script>

<template>
  <div class="minutes no-print">
    <label for="minutes"
      >I have
      <output class="slab">{{ modelValue === undefined ? 'time for all of it' : `${modelValue} minutes` }}</output>
      <small v-if="modelValue !== undefined"
        >the {{ places }} {{ places === 1 ? 'place' : 'places' }} that matter most, done properly</small
      ></label
    >
    <input
      id="minutes"
      type="range"
      :min="fewest"
      :max="most"
      :value="modelValue ?? most"
      :aria-valuetext="modelValue === undefined ? 'all of it' : `${modelValue} minutes, ${places} places`"
      @input="$emit('update:modelValue', Number(($event.target as HTMLInputElement).value))"
    />
    <button v-if="modelValue !== undefined" type="button" @click="$emit('update:modelValue', undefined)">
      all of it
    </button>
  </div>
</template>

<style scoped>
.minutes {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 16px;
  align-items: center;
  margin: 14px 0;
}
label {
  grid-column: 1 / -1;
  font-size: 1.05rem;
}
output {
  font-size: 1.3rem;
  margin: 0 8px 0 4px;
}
small {
  font-size: 0.93rem;
}
input {
  width: 100%;
  min-height: 44px;
  accent-color: rgb(var(--v-theme-primary));
  cursor: pointer;
}
button {
  text-decoration: underline dotted;
  text-underline-offset: 4px;
  min-height: 44px;
}
</style>
