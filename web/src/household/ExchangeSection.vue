<script setup lang="ts">
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { ask, saysAll } from '@/api/client'
import { useNotice } from '@/shell/useNotice'

/** Everything out, as a copy or in open formats, and in again. */
const client = useQueryClient()
const { tell } = useNotice()
/** Chosen, not taken over yet. */
const file = ref<File>()
const take = useMutation({
  // The file itself is sent, not an object: the typed client would read it whole into memory.
  mutationFn: (json: Blob) => ask(fetch('/api/import.json', { method: 'PUT', headers: { 'Content-Type': 'application/json' }, body: json })
    .then(async (response) => ({ response, data: undefined, error: response.ok ? undefined : await response.json() }))),
  onSuccess: () => client.invalidateQueries(),
})

const add = useMutation({
  mutationFn: (csv: Blob) => ask(fetch('/api/import/sections.csv', { method: 'POST', headers: { 'Content-Type': 'text/csv' }, body: csv })
    .then(async (response) => ({ response, ...(response.ok ? { data: (await response.json()) as { places: number } } : { error: await response.json() }) }))),
  onSuccess: () => client.invalidateQueries(),
})

async function addTable(event: Event) {
  const input = event.target as HTMLInputElement
  const table = input.files?.[0]
  if (!table) return
  const before = await (await fetch('/api/export.json')).blob()
  const done = await add.mutateAsync(table).catch(() => undefined)
  input.value = ''
  if (done) tell(done.places ? `${done.places} places were added.` : 'Nothing was added: all of it is known already.', () => take.mutate(before))
}
async function replace() {
  const before = await (await fetch('/api/export.json')).blob()
  const done = await take.mutateAsync(file.value!).then(() => true, () => false)
  if (!done) return
  file.value = undefined
  tell('Everything is as in the file.', () => take.mutate(before))
}
</script>

<template>
  <section class="copy" aria-labelledby="copy">
    <h2 id="copy">A copy of everything</h2>
    <p>Dogs, coats, sessions, all of it as one file, as of this moment: <a href="/api/backup" download>take a copy</a>. To put it back, here or on another machine, start with <code>bin/start --rustictangle.restore=the-file.db</code> once; what was there before is kept beside it.</p>
    <p>To use it elsewhere: <a href="/api/export.json" download>everything as JSON</a>, or <a href="/api/export/sections.csv" download>what was done at each place as a table (CSV)</a>.</p>
    <p class="in"><label>Take over a JSON file <input type="file" accept=".json,application/json" @change="file = ($event.target as HTMLInputElement).files?.[0]" /></label>
      <v-btn v-if="file" variant="outlined" :loading="take.isPending.value" @click="replace">Replace everything by {{ file.name }}</v-btn></p>
    <p class="in"><label>Add what was done out of a table (CSV) <input type="file" accept=".csv,text/csv" @change="addTable" /></label></p>
    <p v-if="add.error.value" class="caution" role="alert"><strong>{{ saysAll(add.error.value) }}</strong></p>
    <p v-if="take.error.value" class="caution" role="alert"><strong>{{ saysAll(take.error.value) }}</strong></p>
  </section>
</template>

<style scoped>
.copy { margin-top: 28px; border-top: 1.5px dashed rgb(var(--v-theme-seam)); padding-top: 14px; } a { color: inherit; font-weight: 700; }
.in { display: flex; flex-wrap: wrap; gap: 10px 18px; align-items: center; max-width: none; margin-top: 10px; } .in label { display: flex; flex-wrap: wrap; gap: 2px 10px; max-width: 100%; } .in input { max-width: 100%; } code { overflow-wrap: anywhere; }
</style>
