// @vitest-environment happy-dom
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { seeRefusals } from './seeRefusals'

let stop: () => void
let seen: Element[]
const turn = () => new Promise((done) => setTimeout(done, 40))

beforeEach(() => {
  document.body.innerHTML = '<form><p id="head"></p><input id="name" /><input id="weight" aria-invalid="true" /></form>'
  seen = []
  vi.spyOn(Element.prototype, 'scrollIntoView').mockImplementation(function (this: Element) {
    seen.push(this)
  })
  vi.spyOn(Element.prototype, 'getBoundingClientRect').mockImplementation(() => new DOMRect(0, -900, 10, 10))
  stop = seeRefusals(document.body)
})
afterEach(() => {
  stop()
  vi.restoreAllMocks()
})

function say(html: string) {
  document.querySelector('#head')!.insertAdjacentHTML('afterend', html)
}

it('brings the first field that was not taken into sight, and into focus', async () => {
  say('<p class="caution" role="alert">The dog was not kept.</p>')
  await turn()
  expect(document.activeElement?.id).toBe('weight')
  expect(seen.map((element) => element.id)).toEqual(['weight'])
})

it('brings what was said into sight where no field is marked, and leaves the page where nothing was refused', async () => {
  document.querySelector('#weight')!.removeAttribute('aria-invalid')
  say('<p class="quiet">Kept.</p>')
  await turn()
  expect(seen).toEqual([])
  say('<p class="caution" role="alert" id="said">No answer.</p>')
  await turn()
  expect(seen.map((element) => element.id)).toEqual(['said'])
})
