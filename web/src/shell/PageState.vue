<script setup lang="ts">
import { useTimeout } from '@vueuse/core'
import { watch } from 'vue'
import { useRoute } from 'vue-router'
import { messageOf } from '@/api/client'
import ProgressLine from './ProgressLine.vue'

/** What a view shows while it waits and when it fails. */
const props = defineProps<{ pending: boolean; error: unknown }>()
defineEmits<{ retry: [] }>()

/** Beside the dog there is no header to leave by. */
const bare = useRoute().meta.bare === true
/** Whoever waits longer than this is told how far it is. */
const LONG_MS = 1000
const { ready: long, start } = useTimeout(LONG_MS, { controls: true })
watch(() => props.pending, start)
</script>

<template>
  <div v-if="error" class="state" :class="{ bare }" role="alert">
    <h2>That did not work</h2>
    <p>{{ messageOf(error) }}</p>
    <v-btn color="primary" @click="$emit('retry')">Try again</v-btn>
    <v-btn v-if="bare" variant="text" to="/">To the dogs</v-btn>
  </div>
  <div v-else-if="pending" class="state waiting" :class="{ bare }" aria-busy="true">
    <p role="status">Fetching…</p>
    <ProgressLine v-if="long" />
  </div>
  <slot v-else />
</template>

<style scoped>
.state {
  min-height: 420px;
  padding: 40px 0;
  max-width: 60ch;
}
.state.bare {
  margin: 0 auto;
  padding: 40px 24px;
}
.waiting {
  opacity: 0;
  animation: appear 0.2s 0.4s forwards;
}
@keyframes appear {
  to {
    opacity: 0.8;
  }
}
</style>
