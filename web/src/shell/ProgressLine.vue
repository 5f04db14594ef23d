<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { api, ask } from '@/api/client'

/** How far long work of the server is; nothing while none is under way. */
const LOOK_EVERY_MS = 400
const progress = useQuery({
  queryKey: ['progress'],
  queryFn: () => ask(api.GET('/api/progress')),
  refetchInterval: LOOK_EVERY_MS,
  retry: false,
  gcTime: 0,
})
</script>

<template>
  <div role="status">
    <p v-for="work in progress.data.value ?? []" :key="work.what" class="grid gap-4 max-w-[40ch] my-8 mx-0">
      <span>{{ work.what }}{{ work.step ? `: ${work.step}` : '' }}</span>
      <progress class="w-full h-12 accent-secondary" max="1" :value="work.part" :aria-label="work.what" />
    </p>
  </div>
</template>
