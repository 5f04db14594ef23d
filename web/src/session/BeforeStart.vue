<script setup lang="ts">
import { ref } from 'vue'
import type { SessionView } from '@/api/types'
import KeyButton from '@/shell/KeyButton.vue'
import BeforeList from './BeforeList.vue'

/** Before the first stroke, on a day that makes something doubtful. */
defineProps<{
  dogId: number
  sessionId: string
  preparation: NonNullable<SessionView['preparation']>
  lesson: SessionView['lesson']
  knots: string[]
  saving: boolean
}>()
const emit = defineEmits<{ start: []; seen: [] }>()

const list = ref<InstanceType<typeof BeforeList>>()
function begin() {
  list.value?.clear()
  emit('start')
}
</script>

<template>
  <div class="flex flex-col flex-1">
    <BeforeList
      ref="list"
      :dog-id="dogId"
      :session-id="sessionId"
      :preparation="preparation"
      :lesson="lesson"
      :knots="knots"
    />
    <p class="found flex flex-wrap items-center gap-y-8 gap-x-20 mt-10 mx-0 mb-0 max-w-none">
      <KeyButton k="i" :disabled="saving" @press="emit('seen')">Something seen or felt</KeyButton>
      <router-link class="text-inherit" :to="`/dogs/${dogId}/dog/trust/fuss`"
        >It cries or objects before anything touches it?</router-link
      >
    </p>
    <div class="foot mt-auto pt-12 max-md:sticky max-md:bottom-0 max-md:bg-background max-md:py-8 max-md:px-0">
      <KeyButton k="space" pedal="on" class="next" :disabled="saving" @press="begin">First stroke</KeyButton>
    </div>
  </div>
</template>

<style scoped>
.found button {
  min-height: 64px;
  padding: 4px 16px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 12px 9px 13px 8px;
}
</style>
