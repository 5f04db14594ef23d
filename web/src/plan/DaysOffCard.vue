<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, detailsOf } from '@/api/client'
import { useChange, useView } from '@/api/queries'
import type { DaysOff } from '@/api/types'
import choices from '@/api/choices'
import { labelOf } from '@/api/words'
import DateField from '@/shell/DateField.vue'
import ChoiceRow from '@/shell/ChoiceRow.vue'
import { useNotice } from '@/shell/useNotice'
import { useUnits } from '@/shell/useUnits'
import ActKey from '@/shell/ActKey.vue'

/** Days on which nobody can do anything with a dog: away, ill, boarding. */
const props = defineProps<{ dogs: readonly { id: number; name: string }[] }>()

const ALL = 'all'
const { date } = useUnits()
const { tell } = useNotice()
const stored = useView('days-off')
const add = useChange((body: Omit<DaysOff, 'id'>) => api.POST('/api/days-off', { body }))
const remove = useChange((id: number) => api.DELETE('/api/days-off/{id}', { params: { path: { id } } }))

const off = computed(() => stored.data.value?.off ?? [])
const who = computed(() => [
  { value: ALL, title: props.dogs.length === 1 ? props.dogs[0]!.name : 'All dogs' },
  ...(props.dogs.length > 1 ? props.dogs.map((dog) => ({ value: String(dog.id), title: dog.name })) : []),
])
const why = choices.DaysOffWhy.map((one) => ({ value: one.value, title: one.label }))
const draft = ref<{ who: string; first: string; last: string; why: DaysOff['why'] }>()

function begin() {
  const today = stored.data.value!.today
  draft.value = { who: ALL, first: today, last: today, why: 'AWAY' }
}
function firstIs(day = stored.data.value!.today) {
  const now = draft.value!
  draft.value = { ...now, first: day, last: now.last < day ? day : now.last }
}
async function keep() {
  const { who: dog, ...days } = draft.value!
  const kept = await add.mutateAsync({ ...days, dogId: dog === ALL ? undefined : Number(dog) }).catch(() => undefined)
  if (!kept) return
  draft.value = undefined
  tell('Kept: the days before and after are planned for it.')
}
async function takeAway({ id, ...days }: DaysOff) {
  if (await remove.mutateAsync(id).catch(() => undefined)) tell('Taken away.', () => add.mutate(days))
}
const nameOf = (dogId?: number) => props.dogs.find((dog) => dog.id === dogId)?.name ?? who.value[0]!.title
</script>

<template>
  <section v-if="stored.data.value" class="off no-print mt-22 seam-t pt-14" aria-labelledby="off">
    <h2 id="off">Days off</h2>
    <ul v-if="off.length" class="list-none p-0">
      <li v-for="one in off" class="flex flex-wrap gap-y-0 gap-x-10 items-baseline" :key="one.id">
        <b>{{ nameOf(one.dogId) }}</b>
        {{ date(one.first) }}<template v-if="one.last !== one.first"> to {{ date(one.last) }}</template
        >, {{ labelOf('DaysOffWhy', one.why) }}
        <button
          type="button"
          class="link"
          :aria-label="`Take away: ${nameOf(one.dogId)}, ${date(one.first)}`"
          :disabled="remove.isPending.value"
          @click="takeAway(one)"
        >
          take away
        </button>
      </li>
    </ul>
    <p v-else class="quiet">
      None. Tell when you are away, ill, or a dog boards: nothing is asked for, and the days around it are planned for
      the coat that goes on tangling.
    </p>
    <form v-if="draft" class="max-w-620 mt-8" @submit.prevent="keep">
      <ChoiceRow v-if="who.length > 1" v-model="draft.who" label="Who" :choices="who" />
      <div class="days grid grid-cols-2 gap-14">
        <DateField :model-value="draft.first" label="From" @update:model-value="firstIs" />
        <DateField
          :model-value="draft.last"
          label="To, that day too"
          @update:model-value="draft.last = $event ?? draft.first"
        />
      </div>
      <ChoiceRow v-model="draft.why" label="Why" :choices="why" />
      <p v-if="add.error.value" class="caution" role="alert">
        <strong>{{ detailsOf(add.error.value) }}</strong>
      </p>
      <div class="acts flex gap-20 items-center">
        <ActKey type="submit" color="primary" :loading="add.isPending.value">Keep</ActKey>
        <button type="button" class="link" @click="draft = undefined">not now</button>
      </div>
    </form>
    <button v-else type="button" class="link" @click="begin">Tell of days off</button>
    <p v-if="remove.error.value" class="caution" role="alert">
      <strong>{{ detailsOf(remove.error.value) }}</strong>
    </p>
  </section>
</template>
