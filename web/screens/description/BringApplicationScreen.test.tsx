import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { BROUGHT } from '../../tests/applications'
import { renderAt } from '../../tests/page'
import { askedFor, problem, whenAsked } from '../../tests/server'
import { BringApplicationScreen } from './BringApplicationScreen'
import { HouseApplications } from './HouseApplications'

const show = (most = 100) => {
  whenAsked('GET /session', {
    person: { name: 'x', role: 'editor' },
    house: { name: 'x', is_demo: true, is_set_up: true, version: 1 },
    most_file_bytes: most,
  })
  renderAt('/house-applications/new', <BringApplicationScreen />, { '/house-applications/4': <p>the way in</p> })
}

describe('bringing an application', () => {
  it('needs a name and a file, and leads to its description', async () => {
    whenAsked('POST /house-applications', BROUGHT)
    show()
    expect(screen.getByRole('button', { name: 'Read it' })).toHaveProperty('disabled', true)
    await userEvent.type(screen.getByLabelText('What the application is called'), 'Lanternfish')
    await userEvent.upload(screen.getByLabelText(/^Its key file/), new File(['a: B'], 'x.conf'))
    await userEvent.click(screen.getByRole('button', { name: 'Read it' }))
    expect(await screen.findByText('the way in')).toBeTruthy()
  })

  it('does not send a file that is too large', async () => {
    show(3)
    await userEvent.type(screen.getByLabelText('What the application is called'), 'Lanternfish')
    await userEvent.upload(screen.getByLabelText(/^Its key file/), new File(['a: Bcdef'], 'large.conf'))
    expect((await screen.findByRole('alert')).textContent).toContain('large.conf is larger')
    expect(screen.getByRole('button', { name: 'Read it' })).toHaveProperty('disabled', true)
  })

  it('says what is wrong with a file that has no keys, and keeps the name', async () => {
    whenAsked('POST /house-applications', () =>
      problem(422, { detail: 'Nothing in this file looks like keys.', remedy: 'Choose another file.' }),
    )
    show()
    await userEvent.type(screen.getByLabelText('What the application is called'), 'Lanternfish')
    await userEvent.upload(screen.getByLabelText(/^Its key file/), new File(['Dear all'], 'x.txt'))
    await userEvent.click(screen.getByRole('button', { name: 'Read it' }))
    expect(await screen.findByText(/Nothing in this file looks like keys/)).toBeTruthy()
    expect(screen.getByDisplayValue('Lanternfish')).toBeTruthy()
  })

  it('shows what a saved application would change before it is taken in', async () => {
    whenAsked('POST /house-applications/file-previews', {
      slug: 'weir',
      name: 'Weir',
      signer: 'another-house',
      is_new: false,
      commands: 12,
      commands_new: 2,
      commands_gone: 1,
      changes_key_file: true,
      changes_description: false,
    })
    whenAsked('POST /house-applications/files', BROUGHT)
    show()
    await userEvent.upload(
      screen.getByLabelText('The file of the application'),
      new File(['{}'], 'weir.json', { type: 'application/json' }),
    )
    expect(await screen.findByText(/signed by another house, with 12 commands/)).toBeTruthy()
    expect(screen.getByText(/2 new commands, 1 command gone, another factory keymap/)).toBeTruthy()
    expect(askedFor('POST /house-applications/files')).toEqual([])
    await userEvent.click(screen.getByRole('button', { name: 'Take it in' }))
    expect(await screen.findByText('the way in')).toBeTruthy()
  })
})

describe('the applications of the house', () => {
  it('are told with how far they are, and what is broken stands there alone', async () => {
    whenAsked('GET /house-applications', {
      applications: [BROUGHT],
      broken: [{ id: 'weir', sentence: 'The application "weir" cannot be used: no shape.', remedy: 'Mend it.', where: null }],
      may_bring: false,
    })
    renderAt('/applications', <HouseApplications />)
    expect(await screen.findByText(/being described, brought by sound editor; 2 commands/)).toBeTruthy()
    expect(screen.getByRole('alert').textContent).toContain('Everything else works.')
    expect(screen.queryByRole('link', { name: 'Bring an application' })).toBeNull()
  })

  it('say what to do where there are none', async () => {
    whenAsked('GET /house-applications', { applications: [], broken: [], may_bring: true })
    renderAt('/applications', <HouseApplications />)
    expect(await screen.findByText(/^None yet/)).toBeTruthy()
    expect(screen.getByRole('link', { name: 'Bring an application' })).toBeTruthy()
  })
})
