import { readdirSync, readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { glossary, meaningOf } from './words'

const pages = readdirSync('src', { recursive: true, encoding: 'utf8' }).filter((file) => file.endsWith('.vue'))
const asked = pages.flatMap((file) =>
  [...readFileSync(`src/${file}`, 'utf8').matchAll(/<TheWord of="([^"]+)"/g)].map((found) => found[1]!),
)

it('knows the meaning of every word that a screen offers to explain', () => {
  expect(asked.length).toBeGreaterThan(5)
  asked.forEach((word) => expect(meaningOf(word)).toMatch(/\w+ \w+/))
})

it('has one meaning for each word', () => {
  const words = glossary.flatMap((one) => one.word.split(/, ?/))
  expect(new Set(words).size).toBe(words.length)
})
