// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Letter } from './outbox'

/** What a page has of it: each has its own, all share the browser's storage. */
async function page() {
  vi.resetModules()
  const { outbox } = await import('./outbox')
  const arrived = vi.fn()
  outbox.start(arrived)
  return { ...outbox, arrived }
}

let count = 0
const letter = (words: string, name = 'session:1'): Letter => ({
  id: `00000000-0000-4000-8000-${String(++count).padStart(12, '0')}`,
  name,
  method: 'POST',
  path: '/api/entries',
  body: { words },
  words,
})

const TAKEN = () => Promise.resolve(new Response('{"seq":1}', { status: 200 }))
const GONE = () => Promise.reject(new TypeError('Failed to fetch'))
const problem = (status: number, more: object, headers: Record<string, string> = {}) =>
  Promise.resolve(
    new Response(JSON.stringify({ title: 'no', ...more }), {
      status,
      headers: { 'Content-Type': 'application/problem+json', ...headers },
    }),
  )
const REFUSED = () => problem(409, { type: 'urn:rustic-tangle:refused', detail: 'This dog was removed.' })
const BUSY = (seconds: number) => () => problem(503, {}, { 'Retry-After': String(seconds) })

/** The server: what it was sent, in order, and what it answers next; when nothing else is said, it takes all. */
const server = { got: [] as string[], ago: [] as number[], answers: [] as (() => Promise<Response>)[] }
const later = (milliseconds: number) => vi.advanceTimersByTimeAsync(milliseconds)
const soon = () => later(0)

beforeEach(() => {
  vi.useFakeTimers({ now: new Date('2026-05-14T09:00:00Z') })
  localStorage.clear()
  server.got = []
  server.ago = []
  server.answers = []
  vi.stubGlobal('fetch', (_path: string, init: RequestInit) => {
    server.ago.push(Number((init.headers as Record<string, string>)['X-Ago']))
    server.got.push((JSON.parse(init.body as string) as { words: string }).words)
    return (server.answers.shift() ?? TAKEN)()
  })
  vi.stubGlobal('navigator', { locks: locks() })
})

afterEach(() => {
  vi.unstubAllGlobals()
  vi.useRealTimers()
})

/** The browser has no room left for anything more. */
function fillUp() {
  const full = () => {
    throw new DOMException('full', 'QuotaExceededError')
  }
  vi.stubGlobal(
    'localStorage',
    new Proxy(localStorage, {
      get: (storage, name) => (name === 'setItem' ? full : (storage[name as string] as () => void).bind(storage)),
    }),
  )
}

/** As the Web Locks API gives them out: one holder at a time, the others in the order they asked. */
function locks() {
  const tails = new Map<string, Promise<unknown>>()
  return {
    request: (name: string, work: () => Promise<unknown>) => {
      const mine = (tails.get(name) ?? Promise.resolve()).then(work, work)
      tails.set(name, mine)
      return mine
    },
  }
}

it('says how long ago it was said, at each try anew, also after the page was closed', async () => {
  const { put } = await page()
  server.answers = [GONE]
  put(letter('first'))
  await soon()
  await later(1000)
  expect(server.ago).toEqual([0, 1000])
  server.answers = [GONE]
  put(letter('second'))
  await soon()
  vi.setSystemTime(new Date('2026-05-16T09:00:00Z'))
  await page()
  await later(2000)
  expect(server.ago.at(-1)).toBeGreaterThanOrEqual(48 * 3600_000 - 2000)
})

describe('what was said arrives', () => {
  it('in the order it was said, each once, one after the other', async () => {
    const { put, letters, arrived } = await page()
    ;['back', 'chest', 'tail'].forEach((words) => put(letter(words)))
    expect(letters.value.map((letter) => letter.words)).toEqual(['back', 'chest', 'tail'])
    await soon()
    expect(server.got).toEqual(['back', 'chest', 'tail'])
    expect(letters.value).toEqual([])
    expect(arrived).toHaveBeenCalledTimes(3)
    expect(localStorage.length).toBe(1) // the device's name alone
  })

  it('in order though the clock of the device was put back meanwhile', async () => {
    const { put, letters } = await page()
    server.answers = [GONE]
    put(letter('before'))
    await soon()
    vi.setSystemTime(new Date('2026-05-14T08:00:00Z'))
    put(letter('after'))
    expect(letters.value.map((letter) => letter.words)).toEqual(['before', 'after'])
    await later(1000)
    expect(server.got).toEqual(['before', 'before', 'after'])
  })

  it('and what waits for one dog does not hold up another', async () => {
    const { put, waiting } = await page()
    server.answers = [GONE]
    put(letter('first', 'session:1'))
    await soon()
    put(letter('second', 'session:2'))
    await soon()
    expect(server.got).toEqual(['first', 'second'])
    expect(waiting.value.map((letter) => letter.words)).toEqual(['first'])
  })

  it('from any page that is opened after the one that was closed', async () => {
    server.answers = [() => new Promise(() => undefined)]
    const closed = await page()
    closed.put(letter('left behind'))
    await soon()
    vi.stubGlobal('navigator', { locks: locks() }) // with the page its locks are gone
    const next = await page()
    await soon()
    expect(server.got).toEqual(['left behind', 'left behind'])
    expect(next.letters.value).toEqual([])
  })

  it('once, though two pages see it', async () => {
    const one = await page()
    const two = await page()
    one.put(letter('a'))
    window.dispatchEvent(new Event('storage'))
    two.put(letter('b'))
    window.dispatchEvent(new Event('storage'))
    await soon()
    expect(server.got).toEqual(['a', 'b'])
    window.dispatchEvent(new Event('storage'))
    expect(one.letters.value).toEqual([])
    expect(two.letters.value).toEqual([])
  })

  it('though this browser has no room left to keep it', async () => {
    const { put, letters, waiting } = await page()
    fillUp()
    server.answers = [GONE]
    ;['a', 'b'].forEach((words) => put(letter(words)))
    await soon()
    expect(letters.value.map((letter) => letter.words)).toEqual(['a', 'b'])
    expect(waiting.value).toHaveLength(2)
    await later(1000)
    expect(server.got).toEqual(['a', 'a', 'b'])
    expect(letters.value).toEqual([])
  })

  it('though another hand has written nonsense beside it', async () => {
    localStorage.setItem('outbox:session:1:001747213200000:000000:00000000-0000-4000-8000-000000000000', '{half')
    localStorage.setItem('refused:x', 'nonsense')
    const { put, letters, refusals } = await page()
    put(letter('a'))
    await soon()
    expect(server.got).toEqual(['a'])
    expect(letters.value).toEqual([])
    expect(refusals.value).toEqual([])
  })
})

describe('a server in trouble', () => {
  it('is asked again after ever longer pauses of at most half a minute', async () => {
    const { put, failures } = await page()
    server.answers = Array.from({ length: 7 }, () => GONE)
    put(letter('a'))
    await soon()
    for (const pause of [1000, 2000, 4000, 8000, 16_000, 30_000]) {
      const asked = server.got.length
      await later(pause - 1)
      expect(server.got).toHaveLength(asked)
      await later(1)
      expect(server.got).toHaveLength(asked + 1)
    }
    expect(failures('session:1')).toBe(7)
    await later(30_000)
    expect(failures('session:1')).toBe(0)
  })

  it('is left in peace as long as it asks, though it answers other pages', async () => {
    const { put, alive } = await page()
    server.answers = [BUSY(5)]
    put(letter('a'))
    await soon()
    alive()
    await later(4999)
    expect(server.got).toEqual(['a'])
    await later(1)
    expect(server.got).toEqual(['a', 'a'])
  })

  it('is asked at once when it was silent and gives a sign of life', async () => {
    const { put, alive } = await page()
    server.answers = [GONE, GONE, GONE, GONE]
    put(letter('a'))
    await later(10_000)
    const asked = server.got.length
    alive()
    await soon()
    expect(server.got).toHaveLength(asked + 1)
  })

  it('that sends half an answer has not answered: the same id is sent again', async () => {
    const { put } = await page()
    server.answers = [() => Promise.resolve(new Response('{"seq":', { status: 200 }))]
    put(letter('a'))
    await later(1000)
    expect(server.got).toEqual(['a', 'a'])
  })
})

describe('a final no', () => {
  it('is kept in words until the owner has read it, and holds up nothing behind it', async () => {
    const { put, listen } = await page()
    const heard = { stored: vi.fn(), refused: vi.fn() }
    listen('session:1', heard)
    server.answers = [REFUSED]
    ;['a treat', 'the back'].forEach((words) => put(letter(words)))
    await soon()
    expect(server.got).toEqual(['a treat', 'the back'])
    expect(heard.refused).toHaveBeenCalledOnce()
    expect(heard.stored).toHaveBeenCalledOnce()

    const next = await page()
    expect(next.refusals.value).toMatchObject([{ letter: { words: 'a treat' }, why: 'This dog was removed.' }])
    next.dismiss(next.refusals.value[0]!)
    expect(next.refusals.value).toEqual([])
    expect((await page()).refusals.value).toEqual([])
  })

  it('names each field that was wrong', async () => {
    const { put, refusals } = await page()
    server.answers = [
      () =>
        problem(400, {
          type: 'urn:rustic-tangle:refused',
          fields: [{ field: 'grams', message: 'Hair weighs 0 to 1000 g.' }],
        }),
    ]
    put(letter('a'))
    await soon()
    expect(refusals.value[0]!.why).toBe('Hair weighs 0 to 1000 g.')
  })

  it('is shown though this browser has no room left to keep it', async () => {
    const { put, refusals, letters, dismiss } = await page()
    server.answers = [REFUSED]
    put(letter('a'))
    fillUp()
    await soon()
    expect(letters.value).toEqual([])
    expect(refusals.value).toHaveLength(1)
    dismiss(refusals.value[0]!)
    expect(refusals.value).toEqual([])
  })

  it('is none that only the status says: a page that was lost on the way may yet arrive', async () => {
    const { put, refusals, letters } = await page()
    server.answers = [() => problem(404, {})]
    put(letter('a'))
    await soon()
    expect(refusals.value).toEqual([])
    expect(letters.value).toHaveLength(1)
  })
})

it('is no longer heard by a page that was left', async () => {
  const { put, listen } = await page()
  const stored = vi.fn()
  const stop = listen('session:1', { stored, refused: vi.fn() })
  stop()
  put(letter('a'))
  await soon()
  expect(stored).not.toHaveBeenCalled()
})
