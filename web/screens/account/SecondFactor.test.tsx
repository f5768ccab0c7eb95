import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { renderAt } from '../../tests/page'
import { whenAsked } from '../../tests/server'
import { ACCOUNT } from '../../api/keys'
import { AccountScreen } from './AccountScreen'

const ACCOUNT_NOW = {
  name: 'night editor',
  email: 'n@house.example',
  role: 'editor',
  password_changed_at: null,
  second_factor_since: null as string | null,
  recovery_codes_left: 0,
  sessions: [],
  tokens: [],
}

describe('switching the second factor on', () => {
  it('shows the recovery codes until they are said to be there, whatever is asked of the server meanwhile', async () => {
    whenAsked('GET /account', ACCOUNT_NOW)
    whenAsked('POST /account/second-factor', { secret: 'MZXW6YTBOI', address: 'otpauth://totp/x' })
    whenAsked('PUT /account/second-factor', { codes: ['abcde-fghjk'] })
    const { client } = renderAt('/account', <AccountScreen />)
    const section = await screen.findByRole('region', { name: 'Second factor' })
    await userEvent.type(section.querySelector('input') ?? section, 'seven night trains')
    await userEvent.click(screen.getByRole('button', { name: 'Switch it on' }))
    await userEvent.type(await screen.findByLabelText('The code that it shows'), '123456')
    whenAsked('GET /account', { ...ACCOUNT_NOW, second_factor_since: '2031-01-01T10:00:00Z', recovery_codes_left: 10 })
    await userEvent.click(screen.getByRole('button', { name: 'Confirm' }))
    expect(await screen.findByText('abcde-fghjk')).toBeTruthy()
    await client.invalidateQueries({ queryKey: ACCOUNT })
    expect(screen.getByText('abcde-fghjk')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'I have them' }))
    expect(screen.queryByText('abcde-fghjk')).toBeNull()
    expect(screen.getByText(/10 recovery codes are left/)).toBeTruthy()
  })
})
