import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { later } from '../../tests/later'
import { renderAt } from '../../tests/page'
import { askedFor, json, problem, whenAsked } from '../../tests/server'
import { SignInScreen } from './SignInScreen'

const HOUSE = { name: 'Reedbed Post', is_demo: false, is_set_up: true, version: 1 }
const SESSION = { person: { name: 'picture editor', role: 'editor' }, house: HOUSE, most_file_bytes: 8 }
const SIGN_IN = 'POST /session'
const OTHERS = { '/find': <p>Find</p>, '/suites': <p>Suites</p> }

async function signIn(address: string) {
  const page = renderAt(address, <SignInScreen />, OTHERS)
  await userEvent.type(screen.getByLabelText('Address of your account'), 'picture@saltmarsh.example')
  await userEvent.type(screen.getByLabelText('Password'), 'night-train')
  await userEvent.click(screen.getByRole('button', { name: 'Sign in' }))
  return page
}

describe('signing in', () => {
  it('sends what was entered', async () => {
    whenAsked('GET /session', { person: null, house: HOUSE, most_file_bytes: 8 })
    whenAsked(SIGN_IN, SESSION)
    await signIn('/sign-in')
    expect(await screen.findByText('Find')).toBeTruthy()
    expect(askedFor(SIGN_IN).map(({ body }) => body)).toEqual([{ email: 'picture@saltmarsh.example', password: 'night-train' }])
  })

  it.each([
    ['/suites', 'Suites'],
    ['/find', 'Find'],
  ])('leads to where one wanted to go: %s', async (to, shown) => {
    whenAsked('GET /session', { person: null, house: HOUSE, most_file_bytes: 8 })
    whenAsked(SIGN_IN, SESSION)
    await signIn(`/sign-in?to=${encodeURIComponent(to)}`)
    expect(await screen.findByText(shown)).toBeTruthy()
  })

  it.each(['https://elsewhere.example/', '//elsewhere.example', '/\\elsewhere.example', 'suites'])(
    'leads to no other address than one of this page: %s',
    async (to) => {
      whenAsked('GET /session', { person: null, house: HOUSE, most_file_bytes: 8 })
      whenAsked(SIGN_IN, SESSION)
      const { address } = await signIn(`/sign-in?to=${encodeURIComponent(to)}`)
      expect(await screen.findByText('Find')).toBeTruthy()
      expect(address()).toBe('/find')
    },
  )

  it('cannot be gone back to', async () => {
    whenAsked('GET /session', { person: null, house: HOUSE, most_file_bytes: 8 })
    whenAsked(SIGN_IN, SESSION)
    const { router } = await signIn('/sign-in')
    await screen.findByText('Find')
    await router.navigate(-1)
    expect(router.state.location.pathname).toBe('/find')
  })

  it('that is refused keeps the address, empties the password, and says why', async () => {
    whenAsked('GET /session', { person: null, house: HOUSE, most_file_bytes: 8 })
    whenAsked(SIGN_IN, () => problem(422, { detail: 'This address and password do not belong together.', remedy: 'Try again.' }))
    await signIn('/sign-in')
    expect((await screen.findByRole('alert')).textContent).toContain('do not belong together')
    expect(screen.getByLabelText<HTMLInputElement>('Address of your account').value).toBe('picture@saltmarsh.example')
    expect(screen.getByLabelText<HTMLInputElement>('Password').value).toBe('')
  })

  it('asks for a code where the account wants one, and sends it with the password that was right', async () => {
    whenAsked('GET /session', { person: null, house: HOUSE, most_file_bytes: 8 })
    whenAsked(SIGN_IN, ({ body }) =>
      'code' in (body as object) ? json(SESSION) : problem(422, { kind: 'code-wanted', detail: 'A code as well.' }),
    )
    await signIn('/sign-in')
    await userEvent.type(await screen.findByLabelText('Code'), '123456')
    await userEvent.click(screen.getByRole('button', { name: 'Sign in' }))
    expect(await screen.findByText('Find')).toBeTruthy()
    expect(askedFor(SIGN_IN).at(-1)?.body).toEqual({ email: 'picture@saltmarsh.example', password: 'night-train', code: '123456' })
  })

  it('leads an empty house to its first visit', async () => {
    whenAsked('GET /session', { person: null, house: { ...HOUSE, is_set_up: false }, most_file_bytes: 8 })
    renderAt('/sign-in', <SignInScreen />, OTHERS)
    expect((await screen.findByRole<HTMLAnchorElement>('link', { name: /first keeper/ })).getAttribute('href')).toBe('/set-up')
  })

  it('is sent once while it is on its way', async () => {
    const answer = later<Response>()
    whenAsked('GET /session', { person: null, house: HOUSE, most_file_bytes: 8 })
    whenAsked(SIGN_IN, () => answer.promise)
    await signIn('/sign-in')
    expect((await screen.findByRole<HTMLButtonElement>('button', { name: 'Signing in …' })).disabled).toBe(true)
    answer.come(json(SESSION))
    await waitFor(() => {
      expect(screen.getByText('Find')).toBeTruthy()
    })
    expect(askedFor(SIGN_IN)).toHaveLength(1)
  })
})
