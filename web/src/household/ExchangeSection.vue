<script setup lang="ts">
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import { useTimeoutFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { api, askPlain, detailsOf } from '@/api/client'
import { useChange, useView } from '@/api/queries'
import facts from '@/api/facts'
import ProgressLine from '@/shell/ProgressLine.vue'
import { useNotice } from '@/shell/useNotice'
import { useUnits } from '@/shell/useUnits'
import ActKey from '@/shell/ActKey.vue'

/** Everything out, as a copy or in open formats, and in again. */
const client = useQueryClient()
const { tell } = useNotice()
const { date, timeOfDay } = useUnits()
/** Chosen, not taken over yet. */
const file = ref<File>()
/** Its rows are added at once. */
const table = ref<File>()
const kept = useView('kept-copies')
const changed = { onSuccess: () => client.invalidateQueries() }
// The file itself is sent, not an object: the typed client would read it whole into memory.
const take = useMutation({
  mutationFn: (json: Blob) =>
    askPlain('/api/import.json', {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: json,
    }) as Promise<{ keptCopy: string }>,
  ...changed,
})
const add = useMutation({
  mutationFn: (csv: Blob) =>
    askPlain('/api/import/sections.csv', {
      method: 'POST',
      headers: { 'Content-Type': 'text/csv' },
      body: csv,
    }) as Promise<{ places: number; keptCopy: string }>,
  ...changed,
})
const putBack = useChange((name: string) => api.POST('/api/kept-copies/{name}/restore', { params: { path: { name } } }))
const remove = useChange((name: string) => api.DELETE('/api/kept-copies/{name}', { params: { path: { name } } }))
/** Which copy is asked about: what is taken away is gone for good, and cannot be undone. */
const doomed = ref<string>()

/** A file is being made for the browser to fetch: nothing tells when it arrives, so it is looked at for a while. */
const LOOK_MS = 60_000
const { isPending: fetching, start: fetchFile } = useTimeoutFn(() => undefined, LOOK_MS, { immediate: false })
const busy = computed(() => [take, add, putBack, remove].some((change) => change.isPending.value))
const error = computed(() => take.error.value ?? add.error.value ?? putBack.error.value ?? remove.error.value)

async function addTable() {
  if (!table.value) return
  const done = await add.mutateAsync(table.value).catch(() => undefined)
  table.value = undefined
  if (done)
    tell(
      done.places ? `${done.places} places were added.` : 'Nothing was added: all of it is known already.',
      done.places ? () => putBack.mutate(done.keptCopy) : undefined,
    )
}
async function replace() {
  const done = await take.mutateAsync(file.value!).catch(() => undefined)
  if (!done) return
  file.value = undefined
  tell('Everything is as in the file.', () => putBack.mutate(done.keptCopy))
}
async function takeAway(name: string) {
  doomed.value = undefined
  await remove.mutateAsync(name).catch(() => undefined)
}
async function goBack(name: string) {
  const done = await putBack.mutateAsync(name).catch(() => undefined)
  if (done) tell('Everything is as in the copy.', () => putBack.mutate(done.keptCopy))
}
const megabytes = (bytes: number) => `${Math.max(0.1, bytes / 1e6).toFixed(bytes < 1e7 ? 1 : 0)} MB`
</script>

<template>
  <section class="mt-28 seam-t pt-14" aria-labelledby="copy">
    <h2 id="copy">A copy of everything</h2>
    <p>
      Dogs, coats, sessions, all of it as one file, as of this moment:
      <a href="/api/backup" download @click="fetchFile">take a copy</a>. To put it back, here or on another machine,
      start with <code class="wrap-anywhere">bin/start --rustictangle.restore=the-file.db</code>; what was there before
      is kept beside it.
    </p>
    <p>
      To use it elsewhere: <a href="/api/export.json" download @click="fetchFile">everything as JSON</a>, or
      <a href="/api/export/sections.csv" download @click="fetchFile">what was done at each place as a table (CSV)</a>.
    </p>
    <div class="flex flex-wrap gap-y-10 gap-x-18 items-center mt-10">
      <v-file-input
        v-model="file"
        class="flex-[0_1_360px]"
        label="Take over a JSON file"
        accept=".json,application/json"
      />
      <ActKey v-if="file" variant="outlined" :loading="take.isPending.value" :disabled="busy" @click="replace"
        >Replace everything by {{ file.name }}</ActKey
      >
    </div>
    <v-file-input
      v-model="table"
      class="max-w-360 mt-12"
      label="Add what was done out of a table (CSV)"
      accept=".csv,text/csv"
      :disabled="busy"
      @update:model-value="addTable"
    />
    <ProgressLine v-if="busy || fetching" />
    <p v-if="error" class="caution" role="alert">
      <strong>{{ detailsOf(error) }}</strong>
    </p>
    <details v-if="kept.data.value?.length">
      <summary class="py-10 px-0 w-fit">
        Kept before something took the place of everything ({{ kept.data.value.length }})
      </summary>
      <p class="quiet">The newest {{ facts.mostKeptCopies }} are kept; each is as large as all your data.</p>
      <ul class="list-none p-0 max-w-[44ch]">
        <li v-for="one in kept.data.value" class="flex justify-between gap-16 items-center seam-t" :key="one.name">
          <span>{{ date(one.at) }}, {{ timeOfDay(one.at) }}, {{ megabytes(one.bytes) }}</span>
          <template v-if="doomed === one.name">
            <button type="button" @click="takeAway(one.name)">for good</button>
            <button type="button" @click="doomed = undefined">keep it</button>
          </template>
          <button
            v-else
            type="button"
            :disabled="busy"
            :aria-label="`Take away what was kept on ${date(one.at)} at ${timeOfDay(one.at)}`"
            @click="doomed = one.name"
          >
            take it away
          </button>
          <button
            type="button"
            :disabled="busy"
            :aria-label="`Put back what was kept on ${date(one.at)} at ${timeOfDay(one.at)}`"
            @click="goBack(one.name)"
          >
            put it back
          </button>
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
a {
  color: inherit;
  font-weight: 700;
}
summary,
li button {
  text-decoration: underline dotted;
  text-underline-offset: 4px;
  min-height: 44px;
  cursor: pointer;
}
</style>
