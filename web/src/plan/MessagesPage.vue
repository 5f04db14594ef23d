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
    <div v-if="messages.data.value" class="page">
      <h1>Messages</h1>
      <p class="quiet">
        At most one a day for each dog, and none in the <router-link to="/settings">quiet hours</router-link>.<template
          v-if="messages.data.value.simulated"
        >
          The outbox is a simulated one: messages are kept here and sent nowhere.</template
        >
      </p>
      <p v-if="!messages.data.value.messages.length">
        Nothing yet. When brushing is due, a groom is near, a season begins or tools want a look, it is said here.
      </p>
      <ol>
        <li v-for="(one, i) in messages.data.value.messages" :key="i">
          <b>{{ date(one.day) }}, {{ timeOfDay(one.at) }}</b
          ><span>{{ say(one.text) }}</span>
        </li>
      </ol>
    </div>
  </PageState>
</template>

<style scoped>
.page {
  max-width: 820px;
}
h1 {
  margin-bottom: 8px;
}
ol {
  list-style: none;
  padding: 0;
  margin-top: 12px;
}
li {
  display: grid;
  grid-template-columns: 170px 1fr;
  gap: 2px 18px;
  border-top: 1px dashed rgb(var(--v-theme-seam));
  padding: 9px 0;
}
a {
  color: inherit;
}
@media (max-width: 599px) {
  li {
    grid-template-columns: 1fr;
  }
}
</style>
