import { vi } from 'vitest'

export interface Asked {
  /** Method and path below /api, without the query. */
  route: string
  query: URLSearchParams
  headers: Headers
  body: unknown
}

type Answer = (asked: Asked) => Response | Promise<Response>

/** What is answered, by route; whatever is not here does not answer. */
const answers = new Map<string, Answer>()

/** Every request of the test, in the order in which they came. */
export const asked: Asked[] = []

export const json = (data: unknown, status = 200): Response =>
  new Response(JSON.stringify(data), { status, headers: { 'Content-Type': 'application/json' } })

/** A refusal as the server gives it. */
export const problem = (status: number, more: object): Response =>
  json({ type: 'about:blank', title: 'Refused', status, kind: 'refused', where: null, fields: {}, detail: '', remedy: '', ...more }, status)

/** @param answer what `GET /suites` and the like are answered with; data is sent as JSON */
export function whenAsked(route: string, answer: object | Answer): void {
  answers.set(route, typeof answer === 'function' ? (answer as Answer) : () => json(answer))
}

export const askedFor = (route: string): Asked[] => asked.filter((one) => one.route === route)

export function forgetServer(): void {
  answers.clear()
  asked.length = 0
}

/** Stands for the server, from before the client is made. */
export function standInForServer(): void {
  const Native = globalThis.Request
  // The simulated browser has no address that paths without a host could be of.
  vi.stubGlobal(
    'Request',
    class extends Native {
      constructor(input: RequestInfo | URL, init?: RequestInit) {
        super(typeof input === 'string' ? new URL(input, 'http://zebrafinch.test') : input, init)
      }
    },
  )
  vi.stubGlobal('fetch', async (request: Request) => {
    const url = new URL(request.url)
    const route = `${request.method} ${url.pathname.replace(/^\/api/, '')}`
    const text = await request.text()
    const one: Asked = {
      route,
      query: url.searchParams,
      headers: request.headers,
      // A form with files stays text.
      body: text === '' ? null : text.startsWith('{') ? (JSON.parse(text) as unknown) : text,
    }
    asked.push(one)
    const answer = answers.get(route)
    if (answer === undefined) throw new TypeError(`Nobody answers ${route}.`)
    return answer(one)
  })
}
