import createClient from 'openapi-fetch'
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
  remedy: 'See whether it is running, then try again. Nothing was changed here.',
}

/** Laravel gives the token of the page in a cookie and wants it back in a header. */
function csrfToken(): string {
  const found = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)
  return decodeURIComponent(found?.[1] ?? '')
}

export const api = createClient<paths>({ baseUrl: '/api', headers: { Accept: 'application/json' } })

api.use({
  onRequest({ request }) {
    request.headers.set('X-XSRF-TOKEN', csrfToken())
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
