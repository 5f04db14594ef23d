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
  <details v-if="address" class="no-print mt-22 seam-t pt-8">
    <summary class="cursor-pointer dotted min-h-44 py-10 px-0 w-fit">In your own calendar</summary>
    <p>
      Brushing days and appointments, as a
      <a class="text-inherit" :href="calendar.data.value!.path" download="rustic-tangle.ics">calendar file</a>, or as an
      address that your calendar program asks now and then while this application runs:
    </p>
    <v-text-field
      class="max-w-620 my-10"
      :model-value="address"
      readonly
      label="Calendar address"
      @focus="($event.target as HTMLInputElement).select()"
    />
    <p class="quiet">
      Whoever knows the address can read the plan.
      <button class="cursor-pointer dotted min-h-44" type="button" :disabled="renew.isPending.value" @click="another">
        Make another one
      </button>
    </p>
    <p v-if="renew.error.value" class="caution" role="alert">
      <strong>{{ messageOf(renew.error.value) }}</strong>
    </p>
  </details>
</template>
