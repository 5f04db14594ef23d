import { ref } from 'vue'
import type { Router } from 'vue-router'

/** Where the owner wanted to go when that part of the program did not arrive; empty: nothing is missing. */
export const lost = ref('')

/** Of the one page that was loaded anew for it: not again and again. */
const RELOADED = 'loaded-anew-for'

/** Whether the program answers at all. */
export const answers = () =>
  fetch('/', { method: 'HEAD', cache: 'no-store' }).then(
    (response) => response.ok,
    () => false,
  )

/**
 * The parts of the program are fetched when a page is first opened. One may be gone: with the program, which says so at
 * once, or with an older version of it, which is loaded anew, once. What was being typed is kept as a draft in either case.
 */
export function watchForLost(
  router: Router,
  alive: () => Promise<boolean> = answers,
  load: (path: string) => void = (path) => location.assign(path),
) {
  router.onError(async (_error, to) => {
    if (sessionStorage.getItem(RELOADED) === to.fullPath || !(await alive())) {
      lost.value = to.fullPath
      return
    }
    sessionStorage.setItem(RELOADED, to.fullPath)
    load(to.fullPath)
  })
  router.afterEach((_to, _from, failure) => {
    if (failure) return
    lost.value = ''
    sessionStorage.removeItem(RELOADED)
  })
}
