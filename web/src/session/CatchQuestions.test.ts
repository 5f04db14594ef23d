// @vitest-environment happy-dom
import { afterEach, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { press, show } from '@/shell/testing'
import CatchQuestions from './CatchQuestions.vue'
import { CATCH_QUESTIONS } from './words'

let shown: ReturnType<typeof show>
afterEach(() => shown.unmount())

async function answer(...values: string[]) {
  shown = show(CatchQuestions, {})
  for (const value of values) {
    const asked = CATCH_QUESTIONS.find(({ question }) => question === shown.get('h2').text())!
    press(String(1 + asked.answers.findIndex((answer) => answer.value === value)))
    await nextTick()
  }
  return shown.emitted('found')?.[0]?.[0]
}

it('asks nothing more once the skin is in trouble: nothing but the vet follows', async () => {
  expect(await answer('RED')).toEqual({ skin: 'RED', lump: 'NONE', beneath: 'FREE', spread: 'ONE' })
})

it('asks neither how it sits nor how many where no lump can be felt', async () => {
  expect(await answer('SOUND', 'NONE')).toEqual({ skin: 'SOUND', lump: 'NONE', beneath: 'FREE', spread: 'ONE' })
})

it('needs all four looks for a lump over sound skin', async () => {
  expect(await answer('SOUND', 'UP_TO_20_MM', 'TIGHT')).toBeUndefined()
  shown.unmount()
  expect(await answer('SOUND', 'UP_TO_20_MM', 'TIGHT', 'JOINED')).toEqual({
    skin: 'SOUND',
    lump: 'UP_TO_20_MM',
    beneath: 'TIGHT',
    spread: 'JOINED',
  })
})
