<script setup lang="ts">
import KeyButton from '@/shell/KeyButton.vue'

/** A few answers below one another, each big enough for a hand full of hair; their numbers as keys do the same. */
defineProps<{ answers: readonly { title: string; hint?: string; press: () => void }[]; busy?: boolean }>()
</script>

<template>
  <div class="answers grid gap-10">
    <KeyButton v-for="(one, i) in answers" :key="one.title" :k="`${i + 1}`" :disabled="busy" @press="one.press()"
      ><span
        >{{ one.title
        }}<small v-if="one.hint" class="block font-sans font-normal text-base leading-plain">{{
          one.hint
        }}</small></span
      ></KeyButton
    >
  </div>
</template>

<style scoped>
button {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 72px;
  padding: 8px 20px;
  text-align: left;
  font: 700 1.35rem var(--slab);
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 16px 12px 18px 11px;
  background: rgb(var(--v-theme-surface));
}
button:hover {
  background: rgb(var(--v-theme-wool));
  border-color: rgb(var(--v-theme-ink));
}
</style>
