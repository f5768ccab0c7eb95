import { afterEach, describe, expect, it } from 'vitest'
import { asked, json, problem, whenAsked } from '../tests/server'
import { answer, api, ProblemError, upload } from './client'

async function refusal(asking: Promise<unknown>): Promise<ProblemError> {
  const error: unknown = await asking.then(
    () => null,
    (thrown: unknown) => thrown,
  )
  if (!(error instanceof ProblemError)) throw new Error('It was not refused.')
  return error
}

afterEach(() => {
  document.cookie = 'XSRF-TOKEN=; max-age=0'
})

describe('an answer', () => {
  it('is what the server sends', async () => {
    whenAsked('GET /suites', { suites: [] })
    expect(await answer(api.GET('/suites'))).toEqual({ suites: [] })
  })

  it('carries the problem where the server refuses', async () => {
    whenAsked('GET /suites', () => problem(403, { kind: 'not-allowed', detail: 'Your role may not.', remedy: 'Ask the suite keeper.' }))
    const error = await refusal(answer(api.GET('/suites')))
    expect(error.message).toBe('Your role may not.')
    expect(error.problem).toMatchObject({ status: 403, kind: 'not-allowed', remedy: 'Ask the suite keeper.' })
  })

  it('says what is known where nobody answers', async () => {
    const error = await refusal(answer(api.GET('/suites')))
    expect(error.problem).toMatchObject({ status: 0, kind: 'no-answer' })
    expect(error.problem.remedy).toContain('asked again')
  })

  it('has its status where what comes is no problem of ours', async () => {
    whenAsked('GET /suites', () => new Response('<h1>Bad gateway</h1>', { status: 502 }))
    expect((await refusal(answer(api.GET('/suites')))).problem.status).toBe(502)
  })
})

describe('a request', () => {
  it('gives the token of the page back, as it was before it was put into a cookie', async () => {
    document.cookie = `XSRF-TOKEN=${encodeURIComponent('abc=/+')}`
    whenAsked('DELETE /session', () => new Response(null, { status: 204 }))
    await answer(api.DELETE('/session'))
    expect(asked[0]?.headers.get('X-XSRF-TOKEN')).toBe('abc=/+')
  })

  it('has an empty token where there is no cookie, which the server refuses', async () => {
    whenAsked('GET /suites', { suites: [] })
    await answer(api.GET('/suites'))
    expect(asked[0]?.headers.get('X-XSRF-TOKEN')).toBe('')
  })
})

describe('a write whose answer is lost', () => {
  it('is asked again under the same key, and each write has one of its own', async () => {
    let times = 0
    whenAsked('PUT /look', () => {
      times += 1
      if (times === 1) throw new TypeError('Failed to fetch')
      return json({})
    })
    const look = () => answer(api.PUT('/look', { body: { application: 'cutloom', context: 'everywhere' } }))
    await look()
    await look()
    const keys = asked.map(({ headers }) => headers.get('Idempotency-Key'))
    expect(keys).toHaveLength(3)
    expect(keys[0]).toMatch(/^[\w-]{8,80}$/)
    expect(keys[1]).toBe(keys[0])
    expect(keys[2]).not.toBe(keys[0])
  })

  it('is no question: what only reads has no key', async () => {
    whenAsked('GET /suites', { suites: [] })
    await answer(api.GET('/suites'))
    expect(asked[0]?.headers.has('Idempotency-Key')).toBe(false)
  })
})

describe('a file', () => {
  it('is sent as a form', () => {
    const file = new File(['a = b'], 'my.keys')
    const sent = upload(file).bodySerializer().get('file')
    expect(sent instanceof File && sent.name).toBe('my.keys')
  })
})
