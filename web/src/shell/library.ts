import type { App } from 'vue'

/** Today is shown without the component library; whatever has fields waits for it. */
let app: App
let fetched: Promise<void> | undefined

export function dressLater(page: App) {
  app = page
}

/** Fetched once; asked for again after it did not come. */
export function library(): Promise<void> {
  fetched ??= import('./theme')
    .then(({ vuetify }) => void app.use(vuetify))
    .catch((problem: unknown) => {
      fetched = undefined
      throw problem
    })
  return fetched
}
