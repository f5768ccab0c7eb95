import createClient from 'openapi-fetch'
import { csrfToken } from './csrf'
import type { components, paths } from './schema'

export type Schema = components['schemas']
export type Problem = Schema['Problem']

/** A request that the server refused, with what it said about it. */
export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail)
  }
}

const NO_ANSWER: Problem = {
  type: 'about:blank',
  title: 'No answer',
  status: 0,
  kind: 'no-answer',
  where: null,
  fields: {},
  detail: 'The server does not answer.',
  remedy: 'It is asked again by itself. Whether a change was made shows as soon as it answers.',
}

const KEY = 'Idempotency-Key'

/** Writes of people who are not signed in: nobody remembers them. */
const FORGOTTEN = /^\/api\/(session|set-up|accounts|opened-invitations|password-resets)$/

/** How long is waited before a write without an answer is asked about again, in milliseconds. */
const WAITS = [400, 1_500, 4_000]

/**
 * Asks; a write whose answer does not arrive is asked again under the same key, and gets its first answer: nobody has to guess whether it
 * was made.
 */
async function ask(request: Request): Promise<Response> {
  for (const wait of request.headers.has(KEY) ? WAITS : []) {
    const response = await fetch(request.clone()).catch(() => null)
    if (response !== null && response.status !== 503) return response
    await new Promise((resolve) => setTimeout(resolve, wait))
  }
  return fetch(request)
}

/** Also where the page is not served over TLS, and `randomUUID` is not there. */
const newKey = (): string => Array.from(crypto.getRandomValues(new Uint32Array(4)), (number) => number.toString(36)).join('-')

export const api = createClient<paths>({ baseUrl: '/api', headers: { Accept: 'application/json' }, fetch: ask })

api.use({
  onRequest({ request }) {
    request.headers.set('X-XSRF-TOKEN', csrfToken())
    if (request.method !== 'GET' && !FORGOTTEN.test(new URL(request.url).pathname)) request.headers.set(KEY, newKey())
    return request
  },
})

/**
 * The answer's data, or an error that carries a problem.
 *
 * @throws ProblemError
 */
export async function answer<T>(request: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const result = await request.catch(() => {
    throw new ProblemError(NO_ANSWER)
  })
  if (!result.response.ok) {
    throw new ProblemError(isProblem(result.error) ? result.error : { ...NO_ANSWER, status: result.response.status })
  }
  return result.data as T
}

function isProblem(value: unknown): value is Problem {
  return typeof value === 'object' && value !== null && 'kind' in value && 'remedy' in value
}

/** One file as the body of a request. */
export function upload(file: File): { body: { file: string }; bodySerializer: () => FormData } {
  const form = new FormData()
  form.append('file', file)
  // The description names the member; what is sent is the form.
  return { body: { file: '' }, bodySerializer: () => form }
}
