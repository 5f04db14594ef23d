// @vitest-environment happy-dom
import { beforeEach, expect, it } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { lost, watchForLost } from './useLost'

const here = { template: '<p />' }
let alive: boolean
let there: boolean
let loaded: string[]

function opened() {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/', component: here },
      { path: '/week', component: () => (there ? Promise.resolve(here) : Promise.reject(new Error('no such chunk'))) },
    ],
  })
  watchForLost(
    router,
    () => Promise.resolve(alive),
    (path) => loaded.push(path),
  )
  return router
}
const settled = () => new Promise((done) => setTimeout(done))

beforeEach(() => {
  sessionStorage.clear()
  lost.value = ''
  alive = true
  there = false
  loaded = []
})

it('says at once where the program does not answer, and forgets it when the page comes', async () => {
  alive = false
  const router = opened()
  await router.push('/week').catch(() => undefined)
  await settled()
  expect(lost.value).toBe('/week')
  expect(loaded).toEqual([])
  there = true
  await router.push('/week')
  expect(lost.value).toBe('')
})

it('loads the page anew once where the program answers: it was renewed', async () => {
  const router = opened()
  await router.push('/week').catch(() => undefined)
  await settled()
  expect(loaded).toEqual(['/week'])
  expect(lost.value).toBe('')
  await router.push('/week').catch(() => undefined)
  await settled()
  expect(loaded).toEqual(['/week'])
  expect(lost.value).toBe('/week')
})
