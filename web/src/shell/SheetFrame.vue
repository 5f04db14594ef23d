<script setup lang="ts">
/** Something over everything else until it is put away; keys are its own as long as it is there. */
defineProps<{ label: string; width: number }>()
const emit = defineEmits<{ close: []; key: [key: string] }>()

function press(event: KeyboardEvent) {
  if (event.key === 'Escape') return
  event.stopPropagation()
  emit('key', event.key)
}
</script>

<template>
  <v-dialog
    model-value
    :max-width="width"
    :aria-label="label"
    scrollable
    @keydown="press"
    @update:model-value="(open: boolean) => open || emit('close')"
  >
    <div
      class="bg-background text-ink border-3 border-ink rounded-cut-lg overflow-auto pt-16 px-22 pb-22 max-sm:pt-10 max-sm:px-14"
    >
      <slot />
    </div>
  </v-dialog>
</template>
