<script setup lang="ts">
import { outbox } from './outbox'

/** What still waits in this browser, and what the server will never take, wherever the owner is. */
const { waiting, refusals } = outbox
</script>

<template>
  <aside
    v-if="waiting.length || refusals.length"
    class="post no-print max-w-1240 w-full my-0 mx-auto py-0 px-24 max-sm:py-0 max-sm:px-16"
    aria-label="Entries on their way"
  >
    <p v-if="waiting.length" class="max-w-none" role="status">
      {{ waiting.length === 1 ? 'One entry waits' : `${waiting.length} entries wait` }} in this browser until Rustic
      Tangle takes {{ waiting.length === 1 ? 'it' : 'them' }}; nothing is lost.
    </p>
    <div
      v-for="one in refusals"
      :key="one.letter.id"
      class="flex flex-wrap gap-y-4 gap-x-18 items-center border-l-5 border-l-error"
      role="alert"
    >
      <p class="max-w-none flex-[1_1_24em]">
        <b>This could not be kept: {{ one.letter.words }}.</b> {{ one.why }}
      </p>
      <button class="min-h-44 dotted" type="button" @click="outbox.dismiss(one)">I have read it</button>
    </div>
  </aside>
</template>

<style scoped>
.post > * {
  background: rgb(var(--v-theme-wool));
  border-radius: 9px 7px 10px 6px;
  padding: 8px 16px;
  margin-bottom: 6px;
}
</style>
