<script setup lang="ts">
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import { api, ask } from '@/api/client'
import { useView } from '@/api/queries'
import PageState from '@/shell/PageState.vue'
import { useUnits } from '@/shell/useUnits'

/** What was worth a message; the outbox is a simulated one and keeps them here. */
const { date, say, timeOfDay } = useUnits()
const messages = useView('messages')
// Nobody who looks waits for the next round.
const client = useQueryClient()
const look = useMutation({
  mutationFn: () => ask(api.POST('/api/messages')),
  onSuccess: async (view) => {
    // An answer still under way is older than this one.
    await client.cancelQueries({ queryKey: ['messages'] })
    client.setQueryData(['messages'], view)
  },
})
look.mutate()
</script>

<template>
  <PageState :pending="!messages.data.value" :error="messages.error.value" @retry="messages.refetch()">
    <div v-if="messages.data.value" class="page max-w-820">
      <h1 class="mb-8">Messages</h1>
      <p class="quiet">
        At most one a day for each dog, and none in the
        <router-link class="text-inherit" to="/settings">quiet hours</router-link>.<template
          v-if="messages.data.value.simulated"
        >
          The outbox is a simulated one: messages are kept here and sent nowhere.</template
        >
      </p>
      <p v-if="!messages.data.value.messages.length">
        Nothing yet. When brushing is due, a groom is near, a season begins or tools want a look, it is said here.
      </p>
      <ol class="list-none p-0 mt-12">
        <li
          v-for="(one, i) in messages.data.value.messages"
          class="grid grid-cols-[170px_1fr] gap-y-2 gap-x-18 seam-t py-9 px-0 max-sm:grid-cols-1"
          :key="i"
        >
          <b>{{ date(one.day) }}, {{ timeOfDay(one.at) }}</b
          ><span>{{ say(one.text) }}</span>
        </li>
      </ol>
    </div>
  </PageState>
</template>
