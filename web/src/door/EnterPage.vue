<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, messageOf } from '@/api/client'

/** The owner comes in with the key of this machine's own door, and goes on to today. */
const router = useRouter()
const client = useQueryClient()
const wrong = ref('')

onMounted(async () => {
  try {
    await ask(api.POST('/api/enter', { body: { key: location.hash.slice(1) } }))
    client.clear()
    await router.replace('/')
  } catch (problem) {
    wrong.value = messageOf(problem)
  }
})
</script>

<template>
  <p v-if="wrong" class="caution" role="alert">
    <strong>{{ wrong }}</strong>
  </p>
  <p v-else role="status">Opening…</p>
</template>
