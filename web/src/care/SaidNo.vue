<script setup lang="ts">
import KeyButton from '@/shell/KeyButton.vue'

/** A first no: hands off, it may think about it, and is asked once more. */
defineProps<{ saving: boolean }>()
defineEmits<{ goOn: []; leave: [] }>()
</script>

<template>
  <section class="flex-1 flex flex-col justify-center gap-14" aria-live="polite">
    <h1 class="text-[clamp(1.7rem,3.2vw,2.6rem)]">It said no, and may. Hands off.</h1>
    <p class="text-2xl max-w-[46ch]">
      Let it think. If it comes back, ask once more, easier than before. A second no ends it for today.
    </p>
    <div class="grid grid-cols-2 gap-14 mt-18 max-md:grid-cols-1">
      <KeyButton k="space" pedal="on" class="big" :disabled="saving" @press="$emit('goOn')"
        >It comes back: ask</KeyButton
      >
      <KeyButton k="e" class="other min-h-92" :disabled="saving" @press="$emit('leave')">Leave it for today</KeyButton>
    </div>
  </section>
</template>
