<script setup lang="ts">
import { computed, ref } from 'vue'
import { useQueryClient } from '@tanstack/vue-query'
import { api, ask, detailsOf } from '@/api/client'
import { useView } from '@/api/queries'
import { labelOf } from '@/api/words'
import ActKey from '@/shell/ActKey.vue'

/** On the device: it is let in with the code that the machine shows. */
const client = useQueryClient()
const door = useView('pair')
/** Behind the address's own mark: no server on the way ever sees it. */
const code = ref(decodeURIComponent(location.hash.slice(1)))
const scanned = code.value !== ''
const asking = ref(false)
const wrong = ref<unknown>()
const me = ref<Awaited<ReturnType<typeof pair>>>()
const who = computed(() => (me.value?.role ? labelOf('Role', me.value.role) : ''))

const pair = () => ask(api.POST('/api/pair', { body: { code: code.value } }))

async function letIn() {
  asking.value = true
  wrong.value = undefined
  try {
    me.value = await pair()
    history.replaceState(history.state, '', '/pair')
    client.clear()
  } catch (problem) {
    wrong.value = problem
  }
  asking.value = false
}
</script>

<template>
  <div class="max-w-[60ch] mx-auto pt-20">
    <template v-if="me">
      <h1>This device is let in</h1>
      <p>As “{{ me.name }}”, {{ who }} device. At the machine, in the settings, it can be put out again.</p>
      <ActKey class="mt-14" color="primary" size="x-large" to="/">To the dogs</ActKey>
      <details class="mt-24">
        <summary>No more warnings from this browser</summary>
        <p>
          The browser warns because nobody outside vouches for a home. You can have this device vouch for it: it takes
          in your household’s own certificate, which is good for addresses of a home only. Without it everything else
          works.
        </p>
        <ol class="pl-20">
          <li><a href="/api/pair/root.cer" download>Fetch the certificate</a>.</li>
          <li>
            <b>On an Android phone</b>: Settings, search for “CA certificate”, install it from the downloads.
            <b>On an iPhone or iPad</b>: Settings, “Profile downloaded”, install; then General, About, Certificate
            Trust, switch it on. <b>On a computer</b>: in the browser’s settings, certificates, authorities, import.
          </li>
          <li>Close the browser and open this page again.</li>
        </ol>
      </details>
    </template>
    <form v-else @submit.prevent="letIn">
      <h1>Let this device in</h1>
      <p v-if="scanned">The code was scanned. Touch, and this device sees and keeps what the machine does.</p>
      <p v-else>At the machine on which Rustic Tangle runs: settings, “Also in our home”, “Make a code”.</p>
      <v-text-field
        v-if="!scanned"
        v-model="code"
        class="max-w-260"
        label="Code"
        maxlength="20"
        autocomplete="one-time-code"
        autocapitalize="characters"
      />
      <p v-if="wrong" class="caution" role="alert">
        <strong>{{ detailsOf(wrong) }}</strong>
      </p>
      <ActKey class="mt-14" type="submit" color="primary" size="x-large" :loading="asking" :disabled="!code.trim()"
        >Let this device in</ActKey
      >
      <p v-if="door.data.value?.fingerprint" class="quiet mt-24">
        The fingerprint of this door’s certificate. The machine’s settings show it, too; should they differ, stop:
        <span class="block break-all text-sm mt-4">{{ door.data.value.fingerprint }}</span>
      </p>
    </form>
  </div>
</template>
