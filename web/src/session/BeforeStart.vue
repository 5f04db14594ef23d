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
  <div class="before">
    <BeforeList
      ref="list"
      :dog-id="dogId"
      :session-id="sessionId"
      :preparation="preparation"
      :lesson="lesson"
      :knots="knots"
    />
    <p class="found">
      <KeyButton k="i" :disabled="saving" @press="emit('seen')">Something seen or felt</KeyButton>
      <router-link :to="`/dogs/${dogId}/dog/trust/fuss`">It cries or objects before anything touches it?</router-link>
    </p>
    <div class="foot">
      <KeyButton k="space" pedal="on" class="next" :disabled="saving" @press="begin">First stroke</KeyButton>
    </div>
  </div>
</template>

<style scoped>
.before {
  display: flex;
  flex-direction: column;
  flex: 1;
}
.foot {
  margin-top: auto;
  padding-top: 12px;
}
.found {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 20px;
  margin: 10px 0 0;
  max-width: none;
}
.found button {
  min-height: 52px;
  padding: 4px 16px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 12px 9px 13px 8px;
}
.found a {
  color: inherit;
}
@media (max-width: 899px) {
  .foot {
    position: sticky;
    bottom: 0;
    background: rgb(var(--v-theme-background));
    padding: 8px 0;
  }
}
</style>
