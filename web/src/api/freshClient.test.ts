import { QueryObserver } from '@tanstack/vue-query'
import { expect, test, vi } from 'vitest'
import { FreshClient } from './freshClient'

/** A view that is answered when we say so, each time with what stood when it was asked. */
function slow() {
  const asked: ((answer: string) => void)[] = []
  const options = { queryKey: ['when'], queryFn: () => new Promise<string>((answer) => asked.push(answer)) }
  return { asked, options }
}

test('a page opened just before a change shows what stands after it', async () => {
  const client = new FreshClient()
  const { asked, options } = slow()
  const page = new QueryObserver(client, options)
  page.subscribe(() => undefined)
  const changed = client.invalidateQueries()
  await vi.waitFor(() => expect(asked).toHaveLength(2))
  asked[0]!('before')
  asked[1]!('after')
  await changed
  expect(page.getCurrentResult().data).toBe('after')
  expect(page.getCurrentResult().error).toBeNull()
})

test('a page left before its first answer and opened again after a change asks anew', async () => {
  const client = new FreshClient()
  const { asked, options } = slow()
  new QueryObserver(client, options).subscribe(() => undefined)()
  await client.invalidateQueries()
  const page = new QueryObserver(client, options)
  page.subscribe(() => undefined)
  await vi.waitFor(() => expect(asked).toHaveLength(2))
  asked[0]!('before')
  asked[1]!('after')
  await vi.waitFor(() => expect(page.getCurrentResult().data).toBe('after'))
})
