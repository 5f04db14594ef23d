<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref } from 'vue'
import MethodCard from '@/routine/MethodCard.vue'
import type { Method } from '@/routine/useMethods'

/** The cards for the place in hand, over everything else until they are put away. */
defineProps<{ methods: Method[] }>()
const emit = defineEmits<{ close: [] }>()

const dialog = ref<HTMLDialogElement>()
onMounted(() => dialog.value?.showModal())
onBeforeUnmount(() => dialog.value?.close())
</script>

<template>
  <!-- eslint-disable vuejs-accessibility/no-static-element-interactions -- a dialog is left by its keys -->
  <dialog
    ref="dialog"
    aria-label="How it is done"
    @cancel.prevent="emit('close')"
    @keydown.stop="($event.key === '?' || $event.key === 'b') && emit('close')"
  >
    <!-- eslint-disable-next-line vuejs-accessibility/no-autofocus -- the one way out of a dialog just opened -->
    <button type="button" class="close" autofocus @click="emit('close')">Put it away <kbd>b</kbd></button>
    <MethodCard v-for="method in methods" :key="method" :method="method" />
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
dialog :deep(.card + .card) {
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding-top: 20px;
  margin-top: 20px;
}
@media (max-width: 599px) {
  dialog {
    padding: 12px 16px 20px;
    font-size: 1.1rem;
  }
}
</style>
