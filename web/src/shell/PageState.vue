<script setup lang="ts">
import { useTimeout } from '@vueuse/core'
import { computed, watch } from 'vue'
import { useRoute } from 'vue-router'
import { ApiProblem, messageOf } from '@/api/client'
import ProgressLine from './ProgressLine.vue'
import ActKey from './ActKey.vue'

/** What a view shows while it waits and when it fails. */
const props = defineProps<{ pending: boolean; error: unknown }>()
defineEmits<{ retry: [] }>()

/** Beside the dog there is no header to leave by. */
const bare = useRoute().meta.bare === true
/** An old address, or one typed wrong: trying again leads nowhere. */
const missing = computed(() => props.error instanceof ApiProblem && props.error.status === 404)
/** Whoever waits longer than this is told how far it is. */
const LONG_MS = 1000
const { ready: long, start } = useTimeout(LONG_MS, { controls: true })
watch(() => props.pending, start)
</script>

<template>
  <div v-if="error" class="state min-h-420 py-40 px-0 max-w-[60ch]" :class="{ bare }" role="alert">
    <h2>{{ missing ? 'It is not here' : 'That did not work' }}</h2>
    <p>{{ messageOf(error) }}</p>
    <ActKey v-if="missing" color="primary" to="/">To the dogs</ActKey>
    <template v-else>
      <ActKey color="primary" @click="$emit('retry')">Try again</ActKey>
      <ActKey v-if="bare" variant="text" to="/">To the dogs</ActKey>
    </template>
  </div>
  <div v-else-if="pending" class="state waiting min-h-420 py-40 px-0 max-w-[60ch]" :class="{ bare }" aria-busy="true">
    <p role="status">Fetching…</p>
    <ProgressLine v-if="long" />
  </div>
  <slot v-else />
</template>

<style scoped>
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
