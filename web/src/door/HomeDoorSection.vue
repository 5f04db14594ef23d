<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import choices from '@/api/choices'
import { detailsOf } from '@/api/client'
import { labelOf } from '@/api/words'
import ActKey from '@/shell/ActKey.vue'
import ChoiceRow from '@/shell/ChoiceRow.vue'
import { useNotice } from '@/shell/useNotice'
import { useUnits } from '@/shell/useUnits'
import ScanCode from './ScanCode.vue'
import { useHomeDoor, useOffer, usePutOut, useStands, useWithdraw } from './useDoor'

/** Also in our home: the door for phones, the code that lets one in, and those that were let in. */
const door = useHomeDoor()
const stands = useStands()
const offer = useOffer()
const withdraw = useWithdraw()
const putOut = usePutOut()
const { date } = useUnits()
const { tell } = useNotice()

const view = computed(() => door.data.value)
const name = ref('')
const role = ref<'OWNERS' | 'HELPERS' | 'CHILDS'>('OWNERS')
const roles = choices.Role.map(({ value, label, hint }) => ({ value, title: label, hint }))
const wrong = computed(() => stands.error.value ?? offer.error.value ?? withdraw.error.value ?? putOut.error.value)
/** In fives, to be read out. */
const spelled = computed(() => view.value?.offer?.code.replace(/(.{5})/, '$1 '))
/** The address it was opened at is gone with the cable, or the home. */
const lost = computed(() => (view.value && !view.value.open ? view.value.chosen : undefined))

watch(
  () => view.value?.devices.length,
  (now, before) => {
    if (before !== undefined && now! > before) {
      tell(`${view.value!.devices.at(-1)!.name} is let in.`)
      name.value = ''
    }
  },
)
</script>

<template>
  <section v-if="view" class="mt-36 max-w-[72ch]" aria-labelledby="home-door">
    <h2 id="home-door">Also in our home</h2>
    <p>
      <template v-if="view.open"
        >Phones and tablets of this home network reach Rustic Tangle, encrypted, if you let them in. Nobody else does,
        and nobody from the internet.</template
      ><template v-else
        >Only this machine reaches Rustic Tangle. Opened, phones and tablets of your home network reach it too:
        encrypted, and only those that you let in with a code. Nothing goes out to the internet.</template
      >
    </p>
    <p v-if="lost" class="caution">
      It was opened at {{ lost }}, and this machine has that address no more: it is shut until it comes back, or you
      choose another.
    </p>
    <p v-if="wrong" class="caution" role="alert">
      <strong>{{ detailsOf(wrong) }}</strong>
    </p>
    <template v-if="!view.open">
      <p v-if="!view.addresses.length" class="quiet">This machine stands in no home network now.</p>
      <p class="flex flex-wrap gap-10 mt-14">
        <ActKey
          v-for="address in view.addresses"
          :key="address"
          color="primary"
          :loading="stands.isPending.value"
          @click="stands.mutate(address)"
          >{{ view.addresses.length === 1 ? 'Open it' : `Open it at ${address}` }}</ActKey
        >
        <ActKey v-if="lost" variant="outlined" @click="stands.mutate(undefined)">Leave it shut</ActKey>
      </p>
    </template>
    <template v-else>
      <p class="mb-4">
        It is reached at <b>{{ view.urls[0] }}</b><template v-for="url in view.urls.slice(1)" :key="url"
          >, or, where your network knows names, at <b>{{ url }}</b></template
        >.
      </p>
      <div v-if="view.offer" class="grid grid-cols-[260px_1fr] gap-24 items-start my-14 max-sm:grid-cols-1">
        <ScanCode :text="view.offer.url" />
        <div>
          <h3>{{ view.offer.name }}, {{ labelOf('Role', view.offer.role) }}</h3>
          <ol class="pl-20 my-8">
            <li>Be in the same home network with it, and scan this with its camera.</li>
            <li>
              Its browser says that it does not know this machine, and it cannot: nobody outside vouches for a home. Go
              on all the same; the next page shows the fingerprint below.
            </li>
            <li>Touch “Let this device in”.</li>
          </ol>
          <p>
            Nothing to scan with? Open <b>{{ view.urls[0] }}/pair</b> and type
            <b class="slab text-xl whitespace-nowrap">{{ spelled }}</b>
          </p>
          <p class="quiet">Good once, for five minutes.</p>
          <ActKey class="mt-10" variant="outlined" @click="withdraw.mutate()">Take the code back</ActKey>
        </div>
      </div>
      <form v-else class="my-14" @submit.prevent="offer.mutate({ name, role })">
        <h3>Let a device in</h3>
        <v-text-field
          v-model="name"
          class="max-w-400"
          label="Its name"
          placeholder="the phone on the shelf"
          persistent-placeholder
          maxlength="40"
          autocomplete="off"
        />
        <ChoiceRow v-model="role" label="It is" :choices="roles" />
        <ActKey class="mt-10" type="submit" color="primary" :loading="offer.isPending.value">Make a code</ActKey>
      </form>
      <h3 v-if="view.devices.length">Let in</h3>
      <ul class="list-none p-0">
        <li
          v-for="device in view.devices"
          :key="device.id"
          class="flex flex-wrap gap-x-16 items-center justify-between min-h-48 seam-b"
        >
          <span
            ><b>{{ device.name }}</b
            >, {{ labelOf('Role', device.role) }}; last used {{ date(device.lastUsed.slice(0, 10)) }}</span
          >
          <ActKey variant="text" :aria-label="`Put out ${device.name}`" @click="putOut.mutate(device.id)"
            >Put out</ActKey
          >
        </li>
      </ul>
      <details class="my-10">
        <summary>Fingerprint of its certificate</summary>
        <p class="break-all text-sm">{{ view.fingerprint }}</p>
      </details>
      <ActKey variant="outlined" :loading="stands.isPending.value" @click="stands.mutate(undefined)"
        >Shut it, for all of them at once</ActKey
      >
    </template>
  </section>
</template>
