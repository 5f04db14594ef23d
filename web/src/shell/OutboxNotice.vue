<script setup lang="ts">
import { outbox } from './outbox'

/** What still waits in this browser, and what the server will never take, wherever the owner is. */
const { waiting, refusals } = outbox
</script>

<template>
  <aside v-if="waiting.length || refusals.length" class="post no-print" aria-label="Entries on their way">
    <p v-if="waiting.length" role="status">
      {{ waiting.length === 1 ? 'One entry waits' : `${waiting.length} entries wait` }} in this browser until Rustic
      Tangle takes {{ waiting.length === 1 ? 'it' : 'them' }}; nothing is lost.
    </p>
    <div v-for="one in refusals" :key="one.letter.id" class="no" role="alert">
      <p>
        <b>This could not be kept: {{ one.letter.words }}.</b> {{ one.why }}
      </p>
      <button type="button" @click="outbox.dismiss(one)">I have read it</button>
    </div>
  </aside>
</template>

<style scoped>
.post {
  max-width: 1240px;
  width: 100%;
  margin: 0 auto;
  padding: 0 24px;
}
.post > * {
  background: rgb(var(--v-theme-wool));
  border-radius: 10px 8px 12px 7px;
  padding: 8px 16px;
  margin-bottom: 6px;
}
.post p {
  max-width: none;
}
.no {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: center;
  border-left: 5px solid rgb(var(--v-theme-error));
}
.no p {
  flex: 1 1 24em;
}
.no button {
  min-height: 44px;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
@media (max-width: 599px) {
  .post {
    padding: 0 16px;
  }
}
</style>
