<script setup lang="ts">
import { computed, ref } from 'vue'
import { labelOf } from '@/api/words'
import { useWaits } from '@/api/queries'
import type { Waiting } from '@/api/types'
import { useUnits } from '@/shell/useUnits'

/** What has come to its turn and is not on a day: what the day's minutes go to instead, and when it comes. */
const props = defineProps<{ day: string; names: Readonly<Record<number, string>> }>()

const { date, say } = useUnits()
const open = ref(false)
const waits = useWaits(() => props.day, open)
const nameOf = (one: Waiting) =>
  (one.job ? labelOf('CareJob', one.job) : 'practice') + (one.until ? ` (${date(one.until)})` : '')
/** What waits for the same is told at once, dog by dog. */
const groups = computed(() => {
  const all = waits.data.value ?? []
  return [...new Set(all.map((one) => one.why.text))].map((text) => {
    const those = all.filter((one) => one.why.text === text)
    const dogs = [...new Set(those.map((one) => one.dogId))].map((dog) => ({
      name: props.names[dog],
      jobs: those
        .filter((one) => one.dogId === dog)
        .map(nameOf)
        .join(', '),
    }))
    return { why: those[0]!.why, dogs }
  })
})
</script>

<template>
  <div class="waits mt-10">
    <button type="button" class="link" :aria-expanded="open" @click="open = !open">What waits, and why?</button>
    <template v-if="open">
      <p v-if="waits.isError.value" role="alert">Nobody could be asked just now; try again in a moment.</p>
      <p v-else-if="waits.data.value && !groups.length">Nothing waits: all that has come to its turn is there.</p>
      <ul v-if="groups.length" class="p-0 list-none">
        <li v-for="group in groups" class="mb-8 max-w-[46ch]" :key="group.why.text" :data-rule="group.why.rule">
          <span v-for="dog in group.dogs" class="block" :key="dog.name"
            ><b>{{ dog.name }}</b> {{ dog.jobs }}</span
          ><span class="quiet block">{{ say(group.why.text) }}</span>
        </li>
      </ul>
    </template>
  </div>
</template>
