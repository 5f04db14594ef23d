<script setup lang="ts">
import { computed } from 'vue'
import { useHousehold, useSaveHousehold, useView } from '@/api/queries'
import { useNotice } from '@/shell/useNotice'
import { useUnits } from '@/shell/useUnits'

/** That the minutes do not suffice, said once, with the ways out; nothing where they do. */
const { say } = useUnits()
const { tell } = useNotice()
const enough = useView('enough')
const household = useHousehold()
const save = useSaveHousehold()
const not = computed(() => enough.data.value?.not)

async function longer(more: NonNullable<NonNullable<typeof not.value>['more']>) {
  const before = household.data.value!
  const kept = await save.mutateAsync({ ...before, minutes: more.minutes }).catch(() => undefined)
  if (kept) tell(`${more.aDay} minutes more a day.`, () => save.mutate(before))
}
</script>

<template>
  <aside
    v-if="not"
    class="no-print border-l-6 border-l-primary pt-4 pr-0 pb-4 pl-16 mt-0 mx-0 mb-16"
    aria-label="The minutes do not suffice"
    :data-rule="not.why.rule"
  >
    <p class="max-w-[78ch]">{{ say(not.why.text) }}</p>
    <p class="ways max-w-[78ch] flex flex-wrap gap-y-0 gap-x-22">
      <button v-if="not.more" type="button" class="link" :disabled="save.isPending.value" @click="longer(not.more)">
        {{ not.more.aDay }} min more a day
      </button>
      <router-link :to="`/dogs/${not.dogId}/days/thread`">Where they form</router-link>
      <router-link v-if="not.clipped" :to="`/dogs/${not.dogId}/days/groom#trade`">A shorter clip</router-link>
      <router-link :to="`/dogs/${not.dogId}/days/groom`">A groomer sooner</router-link>
    </p>
  </aside>
</template>

<style scoped>
.ways > * {
  min-height: 44px;
  padding: 10px 0;
  color: inherit;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
</style>
