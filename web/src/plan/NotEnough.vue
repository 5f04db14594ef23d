<script setup lang="ts">
import { computed } from 'vue'
import { useHousehold, useSaveHousehold, useView } from '@/api/queries'
import facts from '@/api/facts'
import { useNotice } from '@/shell/useNotice'
import { useUnits } from '@/shell/useUnits'

/** That the minutes do not suffice, said once, with the ways out; nothing where they do. */
const { say } = useUnits()
const { tell } = useNotice()
const enough = useView('enough')
const household = useHousehold()
const save = useSaveHousehold()
const not = computed(() => enough.data.value?.not)

async function more(minutes: number) {
  const before = household.data.value!
  const none = Object.values(before.minutes).every((each) => !each)
  const longer = Object.fromEntries(
    Object.entries(before.minutes).map(([day, each]) => [
      day,
      none || each ? Math.min(facts.mostMinutesADay, (each ?? 0) + minutes) : 0,
    ]),
  )
  const kept = await save.mutateAsync({ ...before, minutes: longer }).catch(() => undefined)
  if (kept) tell(`${minutes} minutes more a day.`, () => save.mutate(before))
}
</script>

<template>
  <aside v-if="not" class="short no-print" aria-label="The minutes do not suffice" :data-rule="not.why.rule">
    <p>{{ say(not.why.text) }}</p>
    <p class="ways">
      <button v-if="not.more" type="button" class="link" :disabled="save.isPending.value" @click="more(not.more)">
        {{ not.more }} min more a day
      </button>
      <router-link :to="`/dogs/${not.dogId}/when/thread`">Where they form</router-link>
      <router-link v-if="not.clipped" :to="`/dogs/${not.dogId}/groom#trade`">A shorter clip</router-link>
      <router-link :to="`/dogs/${not.dogId}/groom`">A groomer sooner</router-link>
    </p>
  </aside>
</template>

<style scoped>
.short {
  border-left: 6px solid rgb(var(--v-theme-primary));
  padding: 4px 0 4px 16px;
  margin: 0 0 16px;
}
p {
  max-width: 78ch;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0 22px;
}
.ways > * {
  min-height: 44px;
  padding: 10px 0;
  color: inherit;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
</style>
