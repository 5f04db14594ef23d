import { expect, it } from 'vitest'
import { GUIDE, guidePage } from './guide'

it.each(GUIDE)('has the page %s, with its pictures', async (name, title) => {
  const page = (await guidePage(name))!
  expect(page).toContain(`<h1>${title}</h1>`)
  expect(page).toMatch(/<img src="[^"]+\.png" alt="[^"]+"/)
  expect(page).not.toContain('../screenshots')
})

it('knows no other', async () => {
  expect(await guidePage('another')).toBeUndefined()
})
