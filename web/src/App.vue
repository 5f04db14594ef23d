<script setup lang="ts">
import { computed, defineAsyncComponent, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { fileGone, shut } from './api/client'
import AppHeader from './shell/AppHeader.vue'
import { library } from './shell/library'
import NoticeBar from './shell/NoticeBar.vue'
import OutboxNotice from './shell/OutboxNotice.vue'
import { seeRefusals } from './shell/seeRefusals'
import { answers, lost } from './shell/useLost'
import { useKeys } from './shell/useKeys'

const route = useRoute()
const bare = computed(() => route.meta.bare === true)
/** The pages before the door. */
const outside = computed(() => route.meta.outside === true)

/** Fetched when they are first asked for. */
const ShutDoor = defineAsyncComponent(() => import('./door/ShutDoor.vue'))
const SearchSheet = defineAsyncComponent(() => library().then(() => import('./home/SearchSheet.vue')))
const searching = ref(false)
useKeys((key) => {
  if (key !== '/' || bare.value) return false
  searching.value = true
  return true
})

/** Whether it was tried again, and in vain. */
const asked = ref(false)
async function again() {
  const path = lost.value
  if (await answers()) location.assign(path)
  else asked.value = true
}
watch(lost, () => (asked.value = false))

const main = ref<HTMLElement>()
let stop = () => {}
onMounted(() => (stop = seeRefusals(main.value!)))
onBeforeUnmount(() => stop())
</script>

<template>
  <div class="app">
    <a class="skip absolute -left-999" href="#main">To the content</a>
    <p v-if="fileGone" class="sticky top-0 z-20 max-w-none m-0 py-10 px-24 bg-error text-on-error" role="alert">
      <strong>{{ fileGone }}</strong>
      <a class="inline-block min-h-44 pt-10 text-inherit font-bold" href="/api/backup" download
        >Save a copy of what is open</a
      >
    </p>
    <div v-if="lost" class="sticky top-0 z-20 max-w-none m-0 py-10 px-24 bg-error text-on-error" role="alert">
      <strong>That page did not come.</strong>
      {{ asked ? 'Still no answer' : 'Rustic Tangle does not answer' }}: is it running? What you entered is kept in this
      browser, and what you see here stays.
      <button type="button" class="link min-h-44 text-inherit font-bold" @click="again">Try again</button>
    </div>
    <AppHeader v-if="!bare && !outside && !shut" class="no-print" @search="searching = true" />
    <SearchSheet v-if="searching" @close="searching = false" />
    <OutboxNotice v-if="!bare" />
    <main id="main" ref="main" :class="{ bare }" tabindex="-1">
      <ShutDoor v-if="shut && !outside" :how="shut" />
      <router-view v-else />
    </main>
    <NoticeBar />
  </div>
</template>

<style scoped>
main {
  width: 100%;
  max-width: 1240px;
  margin: 0 auto;
  padding: 18px 24px 60px;
  outline: none;
}
main.bare {
  max-width: none;
  padding: 0;
}
.skip:focus {
  left: 12px;
  top: 8px;
  z-index: 10;
  background: rgb(var(--v-theme-surface));
  padding: 8px 14px;
}
@media (max-width: 599px) {
  main {
    padding: 12px 16px 48px;
  }
  /* A dog's four places lie at the bottom. */
  main:has(.places) {
    padding-bottom: 96px;
  }
}
</style>
