import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { renderAt } from '../../tests/page'
import { askedFor, json, problem, whenAsked } from '../../tests/server'
import { JoinScreen } from './JoinScreen'
import { People } from './People'

const KEEPER = {
  id: 1,
  name: 'keeper',
  email: 'k@house.example',
  role: 'suite-keeper',
  is_disabled: false,
  has_second_factor: true,
  version: 3,
}
const EDITOR = {
  id: 2,
  name: 'night editor',
  email: 'n@house.example',
  role: 'editor',
  is_disabled: false,
  has_second_factor: false,
  version: 1,
}
const SESSION = {
  person: { id: 1, name: 'keeper', role: 'suite-keeper' },
  house: { name: 'x', is_demo: false, is_set_up: true, version: 1 },
}
const INVITED = {
  id: 9,
  email: 'new@house.example',
  name: 'new one',
  role: 'editor',
  expires_at: '2031-01-01T10:00:00Z',
  is_over: false,
  link: null,
}

function show(people = [KEEPER, EDITOR], invitations: object[] = []) {
  whenAsked('GET /session', SESSION)
  whenAsked('GET /people', { people, invitations })
  renderAt('/house', <People />)
}

const row = async (name: string) =>
  within((await screen.findByRole('rowheader', { name: new RegExp(name) })).closest('tr') ?? document.body)

describe('the people of a house', () => {
  it('are given another role on the version that is shown', async () => {
    show()
    whenAsked('PATCH /people/2', { ...EDITOR, role: 'assistant', version: 2 })
    await userEvent.selectOptions((await row('night editor')).getByLabelText('Role of night editor'), 'assistant')
    expect(askedFor('PATCH /people/2').map(({ body }) => body)).toEqual([{ version: 1, role: 'assistant' }])
  })

  it('are removed only after a second yes, and nobody removes themselves here', async () => {
    show()
    whenAsked('DELETE /people/2', () => new Response(null, { status: 204 }))
    expect(await screen.findByText('you')).toBeTruthy()
    expect((await row('keeper')).queryByRole('button', { name: 'Remove' })).toBeNull()
    const editor = await row('night editor')
    await userEvent.click(editor.getByRole('button', { name: 'Remove' }))
    expect(askedFor('DELETE /people/2')).toHaveLength(0)
    await userEvent.click(editor.getByRole('button', { name: 'Yes, remove' }))
    expect(askedFor('DELETE /people/2')).toHaveLength(1)
  })

  it('are told why something is refused, where it was asked', async () => {
    show()
    whenAsked('PATCH /people/1', () => problem(409, { detail: 'keeper is the only suite keeper who can sign in.' }))
    const keeper = await row('keeper')
    await userEvent.click(keeper.getByRole('button', { name: 'Disable' }))
    expect((await keeper.findByRole('alert')).textContent).toContain('the only suite keeper')
  })

  it('are invited by a link that is shown this once', async () => {
    show()
    whenAsked('POST /invitations', () => json({ ...INVITED, link: 'https://house.example/join#secret' }, 201))
    await userEvent.type(await screen.findByLabelText('Name'), 'new one')
    await userEvent.type(screen.getByLabelText('Address'), 'new@house.example')
    await userEvent.click(screen.getByRole('button', { name: 'Invite' }))
    expect(await screen.findByText('https://house.example/join#secret')).toBeTruthy()
    expect(askedFor('POST /invitations').map(({ body }) => body)).toEqual([{ name: 'new one', email: 'new@house.example', role: 'editor' }])
  })

  it('show who is invited, until when, and take it back', async () => {
    show([KEEPER], [INVITED])
    whenAsked('DELETE /invitations/9', () => new Response(null, { status: 204 }))
    await userEvent.click(await screen.findByRole('button', { name: 'Withdraw' }))
    expect(askedFor('DELETE /invitations/9')).toHaveLength(1)
  })
})

describe('joining', () => {
  it('opens the invitation of the link, and makes the account of it', async () => {
    whenAsked('POST /opened-invitations', { house: 'Reedbed Post', name: 'new one', email: 'new@house.example', role: 'editor' })
    whenAsked('POST /accounts', () => new Response(null, { status: 204 }))
    whenAsked('GET /session', SESSION)
    renderAt('/join#secret', <JoinScreen />, { '/find': <p>Find</p> }, '/join')
    await userEvent.type(await screen.findByLabelText('Password'), 'seven night trains')
    await userEvent.click(screen.getByRole('button', { name: 'Come in' }))
    expect(await screen.findByText('Find')).toBeTruthy()
    expect(askedFor('POST /accounts').map(({ body }) => body)).toEqual([
      { token: 'secret', name: 'new one', password: 'seven night trains' },
    ])
  })

  it('says what is missing where the link was cut', async () => {
    renderAt('/join', <JoinScreen />)
    expect((await screen.findByRole('status')).textContent).toContain('its last part is missing')
  })

  it('tells that an invitation is not good any more', async () => {
    whenAsked('POST /opened-invitations', () =>
      problem(410, { detail: 'This invitation is not good any more.', remedy: 'Ask for a new one.' }),
    )
    renderAt('/join#old', <JoinScreen />, {}, '/join')
    expect((await screen.findByRole('alert')).textContent).toContain('not good any more')
  })
})
