import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { later } from '../../tests/later'
import { renderAt } from '../../tests/page'
import { askedFor, json, problem, whenAsked } from '../../tests/server'
import { SuiteScreen } from './SuiteScreen'

const AVOCET: Schema['Suite'] = {
  id: 'avocet',
  name: 'Avocet',
  board: { id: 'full-ansi', name: 'Full size, ANSI' },
  layout: { id: 'us', name: 'US English' },
  system: 'macos',
  applications: ['cutloom'],
  is_online: true,
  is_read_only: false,
  last_seen_at: '2026-03-02T10:00:00Z',
  is_busy: false,
  files: [{ application: { id: 'cutloom', name: 'Cutloom' }, standing: 'in-step', release: null, may_import: false, changed_at: null }],
  copies: [],
  orders: [],
}

const RELEASE = { id: 4, preset: 'Home keys', number: 2, note: 'Split on V' }
const PRESETS = { presets: [{ id: 1, name: 'Home keys', kit: 'Mine', may_release: true, releases: [RELEASE] }] }

function show(suite: Partial<Schema['Suite']> = {}, mayHandOver = true) {
  whenAsked('GET /session', { person: { name: 'picture editor', role: 'editor', may_hand_over: mayHandOver }, most_file_bytes: 8 })
  whenAsked('GET /suites', { suites: [{ ...AVOCET, ...suite }] })
  renderAt('/suites', <SuiteScreen />, { '/applications/cutloom/key-files/9': <p>the key file</p> })
}

const region = () => screen.findByRole('region', { name: 'Avocet' })

describe('what there is to hand over', () => {
  it('looks like waiting while presets are on their way, and not like none', async () => {
    whenAsked('GET /presets', () => later<Response>().promise)
    show()
    expect(await within(await region()).findByRole('status')).toBeTruthy()
    expect(screen.queryByText(/Nothing is saved/)).toBeNull()
  })

  it('is said to be nothing where nothing was saved, with the way to save', async () => {
    whenAsked('GET /presets', { presets: [] })
    show()
    expect(await screen.findByText(/Nothing is saved to hand over yet/)).toBeTruthy()
    expect(screen.getByRole('link', { name: 'Save a preset' }).getAttribute('href')).toBe('/presets')
  })

  it('is said not to have come where the server refuses', async () => {
    whenAsked('GET /presets', () => problem(500, { detail: 'The server stumbled.', remedy: 'Try again.' }))
    show()
    expect((await screen.findByRole('alert')).textContent).toContain('The server stumbled.')
    expect(screen.queryByText(/Nothing is saved/)).toBeNull()
  })

  it('is nothing for a role that may not', async () => {
    whenAsked('GET /presets', PRESETS)
    show({}, false)
    expect(await screen.findByText(/Your role looks and rehearses/)).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Hand over' })).toBeNull()
  })
})

describe('handing over', () => {
  const HANDOVERS = 'POST /suites/avocet/handovers'

  it('sends the chosen release once, and the button says that it is on its way', async () => {
    const answer = later<Response>()
    whenAsked('GET /presets', PRESETS)
    whenAsked(HANDOVERS, () => answer.promise)
    show()
    await userEvent.dblClick(await screen.findByRole('button', { name: 'Hand over' }))
    expect((await screen.findByRole<HTMLButtonElement>('button', { name: 'On its way …' })).disabled).toBe(true)
    answer.come(json({}, 202))
    expect(await screen.findByRole('button', { name: 'Hand over' })).toBeTruthy()
    expect(askedFor(HANDOVERS).map(({ body }) => body)).toEqual([{ release: 4 }])
  })

  it('looks at the suites again when it was sent', async () => {
    whenAsked('GET /presets', PRESETS)
    whenAsked(HANDOVERS, () => json({}, 202))
    show()
    await userEvent.click(await screen.findByRole('button', { name: 'Hand over' }))
    await waitFor(() => {
      expect(askedFor('GET /suites').length).toBeGreaterThan(1)
    })
  })

  it('says before that a file changed by hand is overwritten, and that a copy stays', async () => {
    whenAsked('GET /presets', PRESETS)
    show({
      files: [
        { application: { id: 'cutloom', name: 'Cutloom' }, standing: 'changed-by-hand', release: null, may_import: true, changed_at: null },
      ],
    })
    expect(await screen.findByText(/Cutloom was changed by hand there. It is overwritten; a copy/)).toBeTruthy()
  })

  it('says before that an offline suite gets it later', async () => {
    whenAsked('GET /presets', PRESETS)
    show({ is_online: false })
    expect(await screen.findByText(/it gets the release when it is back/)).toBeTruthy()
  })

  it('that is refused says why', async () => {
    whenAsked('GET /presets', PRESETS)
    whenAsked(HANDOVERS, () => problem(422, { detail: 'Nothing in this release is for Avocet.', remedy: 'Choose another.' }))
    show()
    await userEvent.click(await screen.findByRole('button', { name: 'Hand over' }))
    expect((await screen.findByRole('alert')).textContent).toContain('Nothing in this release is for Avocet.')
  })
})

describe('a file that was changed by hand', () => {
  it('is imported, and leads to the report on it', async () => {
    whenAsked('GET /presets', PRESETS)
    whenAsked('POST /suites/avocet/imports', { id: 9, application: { id: 'cutloom', name: 'Cutloom' } })
    show({
      files: [
        { application: { id: 'cutloom', name: 'Cutloom' }, standing: 'changed-by-hand', release: null, may_import: true, changed_at: null },
      ],
    })
    await userEvent.click(await screen.findByRole('button', { name: /import it/ }))
    expect(await screen.findByText('the key file')).toBeTruthy()
  })
})

describe('a suite', () => {
  it.each([
    [{ is_online: true }, 'online'],
    [{ is_online: false }, 'offline'],
    [{ is_online: false, last_seen_at: null }, 'offline, never seen'],
  ])('tells whether it answers: %j', async (suite, words) => {
    whenAsked('GET /presets', PRESETS)
    show(suite)
    expect(within(await region()).getByRole('heading').textContent).toBe(`Avocet ${words}`)
  })

  it('is said to be missing where there is none yet', async () => {
    whenAsked('GET /presets', PRESETS)
    whenAsked('GET /session', { person: null, most_file_bytes: 8 })
    whenAsked('GET /suites', { suites: [] })
    renderAt('/suites', <SuiteScreen />)
    expect(await screen.findByText(/No suite is known yet/)).toBeTruthy()
  })
})
