// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent } from 'vue'
import { show } from '@/shell/testing'

const SESSION = 'GET /api/dogs/1/sessions/s'

/** The server: how much it has stored, what it was asked, and the answer to what was said, once it is let go. */
const server = { revision: 1, asked: [] as string[], answer: () => undefined as void }

function respond(method: string, path: string): Promise<Response> {
  const json = (told: object) => new Response(JSON.stringify(told), { headers: { 'Content-Type': 'application/json' } })
  server.asked.push(`${method} ${path}`)
  if (path.endsWith('/sections')) return Promise.resolve(json([]))
  if (method === 'GET') return Promise.resolve(json({ revision: server.revision }))
  return new Promise((resolve) => (server.answer = () => resolve(json({ revision: server.revision }))))
}

const later = (milliseconds: number) => vi.advanceTimersByTimeAsync(milliseconds)
const asked = (what: string) => server.asked.filter((request) => request === what).length

/** A page with the session on it. */
async function page() {
  vi.resetModules()
  const { useSession } = await import('./useSession')
  let session: ReturnType<typeof useSession> | undefined
  const Page = defineComponent(() => {
    session = useSession(1, 's')
    return () => null
  })
  const shown = show(Page, {})
  await later(0)
  return { ...session!, close: () => shown.unmount() }
}

beforeEach(() => {
  vi.useFakeTimers({ now: new Date('2026-05-14T09:00:00Z') })
  localStorage.clear()
  Object.assign(server, { revision: 1, asked: [] })
  // Nobody else sends from this browser.
  vi.stubGlobal('navigator', { onLine: true, userAgent: '' })
  vi.stubGlobal('fetch', (to: string | Request, init?: RequestInit) =>
    typeof to === 'string' ? respond(init?.method ?? 'GET', to) : respond(to.method, new URL(to.url).pathname),
  )
})

afterEach(() => {
  vi.unstubAllGlobals()
  vi.useRealTimers()
})

describe('the session that two devices look at', () => {
  it('is asked for anew when another one has said something', async () => {
    const session = await page()
    server.revision = 2
    await later(1000)
    expect(asked(SESSION)).toBe(2)
    expect(session.view.value?.revision).toBe(2)
    session.close()
  })

  it('is not, while what has changed is an answer of ours that is on its way: no step shows before a key can answer it', async () => {
    const session = await page()
    session.record({ type: 'TREAT_GIVEN' })
    await later(0)
    server.revision = 2
    await later(3000)
    expect(asked(SESSION)).toBe(1)
    expect(session.saving.value).toBe(true)
    expect(session.view.value?.revision).toBe(1)
    server.answer()
    await later(1000)
    expect(session.saving.value).toBe(false)
    expect(session.view.value?.revision).toBe(2)
    expect(asked(SESSION)).toBe(1)
    session.close()
  })
})
