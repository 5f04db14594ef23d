<script setup lang="ts">
import { computed, defineAsyncComponent, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { fileGone } from './api/client'
import AppHeader from './shell/AppHeader.vue'
import OutboxNotice from './shell/OutboxNotice.vue'
import { seeRefusals } from './shell/seeRefusals'
import { answers, lost } from './shell/useLost'
import { useKeys } from './shell/useKeys'
import { useNotice } from './shell/useNotice'

const route = useRoute()
const { notice, hush } = useNotice()
const bare = computed(() => route.meta.bare === true)

/** Fetched when it is first asked for. */
const SearchSheet = defineAsyncComponent(() => import('./home/SearchSheet.vue'))
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

function undo() {
  const takeBack = notice.undo
  hush()
  takeBack?.()
}
</script>

<template>
  <v-app>
    <a class="skip" href="#main">To the content</a>
    <p v-if="fileGone" class="gone" role="alert">
      <strong>{{ fileGone }}</strong> <a href="/api/backup" download>Save a copy of what is open</a>
    </p>
    <div v-if="lost" class="gone" role="alert">
      <strong>That page did not come.</strong>
      {{ asked ? 'Still no answer' : 'Rustic Tangle does not answer' }}: is it running? What you entered is kept in this
      browser, and what you see here stays.
      <button type="button" class="link" @click="again">Try again</button>
    </div>
    <AppHeader v-if="!bare" class="no-print" @search="searching = true" />
    <SearchSheet v-if="searching" @close="searching = false" />
    <OutboxNotice v-if="!bare" />
    <main id="main" ref="main" :class="{ bare }" tabindex="-1"><router-view /></main>
    <v-snackbar v-model="notice.open" :timeout="8000" color="ink" location="bottom">
      <span role="status">{{ notice.text }}</span>
      <template v-if="notice.undo" #actions><v-btn variant="outlined" @click="undo">Undo</v-btn></template>
    </v-snackbar>
  </v-app>
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
.gone {
  position: sticky;
  top: 0;
  z-index: 20;
  max-width: none;
  margin: 0;
  padding: 10px 24px;
  background: rgb(var(--v-theme-error));
  color: rgb(var(--v-theme-on-error));
}
.gone .link {
  min-height: 44px;
  color: inherit;
  font-weight: 700;
}
.gone a {
  display: inline-block;
  min-height: 44px;
  padding-top: 10px;
  color: inherit;
  font-weight: 700;
}
.skip {
  position: absolute;
  left: -999px;
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
