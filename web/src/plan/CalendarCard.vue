<script setup lang="ts">
import { computed } from 'vue'
import { messageOf } from '@/api/client'
import { useNotice } from '@/shell/useNotice'
import { useCalendar } from './usePlan'

/** The plan in the owner's own calendar: a file, or an address to subscribe to. */
const { tell } = useNotice()
const { calendar, renew } = useCalendar()
const address = computed(() => calendar.data.value && new URL(calendar.data.value.path, window.location.href).href)

async function another() {
  if (await renew.mutateAsync().catch(() => undefined))
    tell('There is another address; the old one is no longer answered.')
}
</script>

<template>
  <details v-if="address" class="calendar no-print">
    <summary>In your own calendar</summary>
    <p>
      Brushing days and appointments, as a
      <a :href="calendar.data.value!.path" download="rustic-tangle.ics">calendar file</a>, or as an address that your
      calendar program asks now and then while this application runs:
    </p>
    <p>
      <input
        :value="address"
        readonly
        aria-label="Calendar address"
        @focus="($event.target as HTMLInputElement).select()"
      />
    </p>
    <p class="quiet">
      Whoever knows the address can read the plan.
      <button type="button" :disabled="renew.isPending.value" @click="another">Make another one</button>
    </p>
    <p v-if="renew.error.value" class="caution" role="alert">
      <strong>{{ messageOf(renew.error.value) }}</strong>
    </p>
  </details>
</template>

<style scoped>
.calendar {
  margin-top: 22px;
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding-top: 8px;
}
summary,
button {
  cursor: pointer;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
  min-height: 44px;
}
summary {
  padding: 10px 0;
  width: fit-content;
}
a {
  color: inherit;
}
input {
  width: 100%;
  max-width: 620px;
  min-height: 44px;
  padding: 4px 10px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 8px;
  background: rgb(var(--v-theme-surface));
  font-size: 0.92rem;
}
</style>
