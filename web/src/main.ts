import './shell/reset.css'
// Not the library's utility classes: those that are used are made by name, in style.css.
import 'vuetify/styles/core'
import '@fontsource/atkinson-hyperlegible/latin-400.css'
import '@fontsource/atkinson-hyperlegible/latin-700.css'
import '@fontsource/bitter/latin-700.css'
import { MutationCache, VueQueryPlugin } from '@tanstack/vue-query'
import { createApp } from 'vue'
import App from './App.vue'
import { ApiProblem } from './api/client'
import { FreshClient } from './api/freshClient'
import { viewQuery } from './api/queries'
import { dressLater, library } from './shell/library'
import { outbox } from './shell/outbox'
import { paintPage } from './shell/palette'
import { router } from './shell/router'
import { useNotice } from './shell/useNotice'
import './shell/style.css'

const queryClient = new FreshClient({
  // An offer to take back is of the last thing done: once something else is being done, it is gone.
  mutationCache: new MutationCache({ onMutate: () => useNotice().hush() }),
  // Being told no is an answer; only silence is worth asking again.
  defaultOptions: {
    // Nobody changes an answer: it is looked at as it is, for hair is drawn of it line by line.
    queries: {
      retry: (count, error) => !(error instanceof ApiProblem) && count < 2,
      retryDelay: 600,
      shallow: true,
    },
  },
})

// Some sign of life: what waited for one is sent at once.
queryClient.getQueryCache().subscribe((event) => {
  if (event.type === 'updated' && event.action.type === 'success') outbox.alive()
})
outbox.start(
  () =>
    void queryClient.invalidateQueries({
      predicate: (query) => !['session', 'pulse', 'practice'].includes(String(query.queryKey[0])),
    }),
)

// What today's words wait for is on its way while the page is put together.
if (location.pathname === '/')
  for (const name of ['home', 'enough', 'household'] as const) void queryClient.prefetchQuery(viewQuery(name))

paintPage()
const app = createApp(App)
dressLater(app)
router.beforeResolve((to) => (to.meta.light ? undefined : library()))
app.use(router).use(VueQueryPlugin, { queryClient }).mount('#app')
