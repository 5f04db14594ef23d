<script setup lang="ts">
import { saysWhat } from '@/api/client'

/** What a view shows while it waits and when it fails. */
defineProps<{ pending: boolean; error: unknown }>()
defineEmits<{ retry: [] }>()
</script>

<template>
  <div v-if="error" class="state" role="alert">
    <h2>That did not work</h2>
    <p>{{ saysWhat(error) }}</p>
    <v-btn color="primary" @click="$emit('retry')">Try again</v-btn>
  </div>
  <div v-else-if="pending" class="state waiting" role="status">Fetching…</div>
  <slot v-else />
</template>

<style scoped>
.state { min-height: 420px; padding: 40px 0; max-width: 60ch; }
.waiting { opacity: 0; animation: appear 0.2s 0.4s forwards; }
@keyframes appear { to { opacity: 0.8; } }
</style>
