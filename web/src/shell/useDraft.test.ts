// @vitest-environment happy-dom
import { beforeEach, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { useDraft } from './useDraft'

const STORED = { name: 'Thimble', kilograms: 12 }
const opened = () => useDraft<typeof STORED>('dog-1')

beforeEach(() => localStorage.clear())

it('fills the form with what is stored, and leaves nothing behind when it is only looked at', async () => {
  const form = opened()
  expect(form.draft.value).toBeUndefined()
  form.start(STORED)
  await nextTick()
  expect(form.draft.value).toEqual(STORED)
  expect(form.restored.value).toBe(false)
  expect(localStorage.length).toBe(0)
})

it('has what was entered before the page was closed, though what is stored arrives later', async () => {
  const closed = opened()
  closed.start(STORED)
  closed.draft.value!.kilograms = 13
  await nextTick()
  const again = opened()
  again.start(STORED)
  expect(again.draft.value).toEqual({ name: 'Thimble', kilograms: 13 })
  expect(again.restored.value).toBe(true)
})

it('says nothing of an entry that was set back by hand', async () => {
  const form = opened()
  form.start(STORED)
  form.draft.value!.kilograms = 13
  await nextTick()
  form.draft.value!.kilograms = 12
  await nextTick()
  expect(opened().restored.value).toBe(false)
})

it('keeps nothing of what the server has', async () => {
  const form = opened()
  form.start(STORED)
  form.draft.value!.kilograms = 13
  await nextTick()
  form.clear()
  expect(form.draft.value!.kilograms).toBe(13)
  await nextTick()
  expect(opened().restored.value).toBe(false)
  form.draft.value!.kilograms = 12
  await nextTick()
  expect(opened().draft.value!.kilograms).toBe(12)
})

it('goes back to what is stored when the owner says so', async () => {
  localStorage.setItem('draft:dog-1', JSON.stringify({ name: 'Thimble', kilograms: 13 }))
  const form = opened()
  form.forget(STORED)
  await nextTick()
  expect(form.draft.value).toEqual(STORED)
  expect(form.restored.value).toBe(false)
  expect(localStorage.length).toBe(0)
})

it('changes nothing of what was stored: what is shown elsewhere stays as it is', () => {
  const form = opened()
  form.start(STORED)
  form.draft.value!.name = 'Burdock'
  expect(STORED.name).toBe('Thimble')
})

it.each(['{half', 'null', ''])('takes %j for no draft', (nonsense) => {
  localStorage.setItem('draft:dog-1', nonsense)
  const form = opened()
  form.start(STORED)
  expect(form.draft.value).toEqual(STORED)
  expect(form.restored.value).toBe(false)
})
