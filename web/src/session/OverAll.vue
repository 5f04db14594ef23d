<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref } from 'vue'
import { letters } from '@/shell/useKeys'

/** Something to read, over everything else until it is put away: by its button, by b, or by the key that opened it. */
const props = defineProps<{ label: string; k: string }>()
const emit = defineEmits<{ close: [] }>()

const dialog = ref<HTMLDialogElement>()
onMounted(() => dialog.value?.showModal())
onBeforeUnmount(() => dialog.value?.close())
</script>

<template>
  <!-- eslint-disable vuejs-accessibility/no-static-element-interactions -- a dialog is left by its keys -->
  <dialog
    ref="dialog"
    :aria-label="label"
    @cancel.prevent="emit('close')"
    @keydown.stop="($event.key === props.k || $event.key === 'b') && emit('close')"
  >
    <!-- eslint-disable-next-line vuejs-accessibility/no-autofocus -- the one way out of a dialog just opened -->
    <button type="button" class="close" autofocus @click="emit('close')">
      Put it away <kbd v-if="letters" aria-hidden="true">b</kbd>
    </button>
    <slot />
  </dialog>
</template>

<style scoped>
dialog {
  width: min(1000px, 94vw);
  max-height: 94vh;
  margin: auto;
  border: 3px solid rgb(var(--v-theme-ink));
  border-radius: 18px 13px 20px 12px;
  background: rgb(var(--v-theme-background));
  color: inherit;
  padding: 22px 28px 28px;
  overflow: auto;
  font-size: 1.2rem;
}
dialog::backdrop {
  background: rgba(30, 22, 16, 0.55);
}
.close {
  min-height: 64px;
  padding: 0 22px;
  margin-left: auto;
  display: block;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 12px 9px 13px 8px;
  background: rgb(var(--v-theme-surface));
}
@media (max-width: 599px) {
  dialog {
    padding: 12px 16px 20px;
    font-size: 1.1rem;
  }
}
</style>
