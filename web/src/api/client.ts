import createClient from 'openapi-fetch'
import { ref } from 'vue'
import type { paths } from './schema'

const DEVICE = 'device'

/** This device, by the name it has given itself: every entry says where it was said. */
function deviceName(): string {
  try {
    const name = localStorage.getItem(DEVICE) ?? crypto.randomUUID()
    localStorage.setItem(DEVICE, name)
    return name
  } catch {
    return ''
  }
}

const HEADERS = { 'X-Device': deviceName() }

export const api = createClient<paths>({ baseUrl: '/' })
// Only what is said has a sender.
api.use({
  onRequest({ request }) {
    if (request.method !== 'GET') Object.entries(HEADERS).forEach(([name, says]) => request.headers.set(name, says))
  },
})

/** One field of an answer that could not be taken. */
export interface FieldProblem {
  field: string
  message: string
}

/** What was said cannot be: saying it again will not help. Everything else may yet arrive. */
const REFUSED = 'urn:rustic-tangle:refused'

/** The data file is not the one that was opened any more: what to do, on every page, until it is mended. */
const FILE_GONE = 'urn:rustic-tangle:file-gone'
export const fileGone = ref('')

/** This browser was not let in, or was put out: what to do, until it is. */
const WHO = 'urn:rustic-tangle:who'
export const shut = ref('')

/** The server answered with a problem (RFC 9457). Nothing was changed. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    title: string,
    readonly fields: FieldProblem[],
    readonly type = '',
    readonly retryAfterSeconds = 0,
  ) {
    super(title)
  }

  /** Whether it is a final no, named as such. */
  get final(): boolean {
    return this.type === REFUSED
  }
}

export interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/** The answer's data, or an ApiProblem. A lost connection throws what fetch throws. */
export async function ask<T>(request: Promise<Answer<T>>): Promise<T> {
  const { data, error, response } = await request
  if (response.ok) return answered(data as T)
  throw problemOf(response, error)
}

/** The same for a request that the typed client does not make: a file as it is, or one kept from an earlier page. */
export async function askPlain(
  path: string,
  init: RequestInit & { headers?: Record<string, string> },
): Promise<unknown> {
  const response = await fetch(path, { ...init, headers: { ...HEADERS, ...init.headers } })
  // Half an answer is none: what cannot be read whole throws.
  const text = await response.text()
  const said: unknown = text ? JSON.parse(response.ok || isJson(response) ? text : '{}') : undefined
  if (response.ok) return answered(said)
  throw problemOf(response, said)
}

function answered<T>(data: T): T {
  fileGone.value = ''
  shut.value = ''
  return data
}

function isJson(response: Response): boolean {
  return (response.headers.get('Content-Type') ?? '').includes('json')
}

function problemOf(response: Response, error: unknown): ApiProblem {
  const problem = (typeof error === 'object' && error ? error : {}) as {
    type?: string
    title?: string
    detail?: string
    fields?: FieldProblem[]
  }
  if (problem.type === WHO) shut.value = problem.detail ?? ''
  if (problem.type === FILE_GONE) fileGone.value = problem.detail ?? ''
  return new ApiProblem(
    response.status,
    problem.detail && !problem.fields
      ? problem.detail
      : (problem.title ?? `The server answered ${response.status}. Nothing was changed.`),
    problem.fields ?? [],
    problem.type,
    Number(response.headers.get('Retry-After')) || 0,
  )
}

/** The same with what is wrong with each field, where nothing else says so. */
export function detailsOf(error: unknown): string {
  return error instanceof ApiProblem && error.fields.length
    ? error.fields.map((field) => field.message).join(' ')
    : messageOf(error)
}

/** Words for the owner about what went wrong. */
export function messageOf(error: unknown): string {
  return error instanceof ApiProblem
    ? error.message
    : 'Rustic Tangle does not answer. What you entered is kept here; is it still running?'
}
