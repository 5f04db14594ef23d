import createClient from 'openapi-fetch'
import type { paths } from './schema'

export const api = createClient<paths>({ baseUrl: '/' })

/** One field of an answer that could not be taken. */
export interface FieldProblem { field: string; message: string }

/** The server understood and said no (RFC 9457). Nothing was changed. */
export class ApiProblem extends Error {
  constructor(readonly status: number, title: string, readonly fields: FieldProblem[]) {
    super(title)
  }
}

interface Answer<T> { data?: T; error?: unknown; response: Response }

/** The answer's data, or an ApiProblem. A lost connection throws what fetch throws. */
export async function ask<T>(request: Promise<Answer<T>>): Promise<T> {
  const { data, error, response } = await request
  if (response.ok) return data as T
  const problem = (error ?? {}) as { title?: string; detail?: string; fields?: FieldProblem[] }
  throw new ApiProblem(response.status, problem.detail && !problem.fields ? problem.detail : problem.title
    ?? `The server answered ${response.status}. Nothing was changed.`, problem.fields ?? [])
}

/** The same with what is wrong with each field, where nothing else says so. */
export function saysAll(error: unknown): string {
  return error instanceof ApiProblem && error.fields.length ? error.fields.map((field) => field.message).join(' ') : saysWhat(error)
}

/** Words for the owner about what went wrong. */
export function saysWhat(error: unknown): string {
  return error instanceof ApiProblem ? error.message
    : 'Rustic Tangle does not answer. What you entered is kept here; is it still running?'
}
