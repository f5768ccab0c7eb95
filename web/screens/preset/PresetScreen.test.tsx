import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { renderAt } from '../../tests/page'
import { APPLICATIONS } from '../../tests/samples'
import { askedFor, problem, whenAsked } from '../../tests/server'
import { PresetScreen } from './PresetScreen'

const RELEASE = {
  id: 11,
  preset: 'Home keys',
  number: 3,
  note: 'Split on V',
  author: 'picture editor',
  digest: 'c42a1844ac60865200',
  created_at: '2026-03-02T10:00:00Z',
  applications: [{ id: 'cutloom', file_name: 'cutloom-keys.xml', bindings: 97 }],
}
const HOME_KEYS = { id: 1, name: 'Home keys', kit: 'Kit of the picture editor', may_release: true, releases: [RELEASE] }
const FOREIGN = { ...HOME_KEYS, id: 2, name: 'Sound desk', kit: 'Kit of the sound editor', may_release: false, releases: [] }

function show(presets: object[] = [], unsaved: string[] = ['cutloom']) {
  whenAsked('GET /applications', APPLICATIONS)
  whenAsked('GET /presets', { presets, unsaved_applications: unsaved })
  renderAt('/presets', <PresetScreen />)
}

const note = () => screen.findByLabelText('What is this release for?')
const save = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Make the release' })

describe('saving a kit', () => {
  it('makes a new preset where there is none, under the name and for what one says', async () => {
    whenAsked('POST /presets', { ...RELEASE, preset: 'Night trains', number: 1 })
    show()
    await userEvent.type(await note(), ' for the night ')
    await userEvent.type(screen.getByLabelText('Name of the preset'), 'Night trains')
    await userEvent.click(save())
    expect(await screen.findByText(/Made Night trains, release 1/)).toBeTruthy()
    expect(askedFor('POST /presets').map(({ body }) => body)).toEqual([{ name: 'Night trains', note: 'for the night' }])
  })

  it('proposes the next release of one of my presets, and of nobody else', async () => {
    whenAsked('POST /presets/1/releases', { ...RELEASE, number: 4 })
    show([FOREIGN, HOME_KEYS])
    await userEvent.type(await note(), 'lift on F6')
    const choices = within(screen.getByLabelText('As')).getAllByRole('option')
    expect(choices.map(({ textContent }) => textContent)).toEqual(['Home keys, release 4', 'a new preset'])
    await userEvent.click(save())
    expect(await screen.findByText(/Made Home keys, release 4/)).toBeTruthy()
    expect(askedFor('POST /presets/1/releases').map(({ body }) => body)).toEqual([{ note: 'lift on F6' }])
  })

  it('empties the note behind it, so that the next release says something of its own', async () => {
    whenAsked('POST /presets/1/releases', { ...RELEASE, number: 4 })
    show([HOME_KEYS])
    await userEvent.type(await note(), 'lift on F6')
    await userEvent.click(save())
    await screen.findByText(/Made Home keys/)
    expect((await note()).getAttribute('value')).toBe('')
  })

  it('that is refused keeps what was entered, and says why', async () => {
    whenAsked('POST /presets', () => problem(422, { detail: 'You have a preset "Home keys" already.', remedy: 'Choose another name.' }))
    show()
    await userEvent.type(await note(), 'first')
    await userEvent.type(screen.getByLabelText('Name of the preset'), 'Home keys')
    await userEvent.click(save())
    expect((await screen.findByRole('alert')).textContent).toContain('You have a preset "Home keys" already.')
    expect((await note()).getAttribute('value')).toBe('first')
  })

  it('is not to be had while all keymaps are factory ones, and the ways to have another are named', async () => {
    show([], [])
    expect(await screen.findByText(/All your keys are as they came/)).toBeTruthy()
    expect(save().disabled).toBe(true)
    expect(screen.getByRole('link', { name: 'bring a key file in' }).getAttribute('href')).toBe('/applications')
  })
})

describe('what is saved', () => {
  it('is said to be nothing, and what a preset is', async () => {
    show()
    expect(await screen.findByText('There is no preset yet.')).toBeTruthy()
  })

  it('tells of each release its number, what it is for, its files and its digest', async () => {
    show([HOME_KEYS, FOREIGN])
    const preset = within(await screen.findByRole('region', { name: 'Home keys' }))
    expect(preset.getByText('3')).toBeTruthy()
    expect(preset.getByText('Split on V')).toBeTruthy()
    expect(await preset.findByText(/Cutloom \(97 bindings\)/)).toBeTruthy()
    expect(preset.getByTitle('c42a1844ac60865200').textContent).toBe('c42a1844ac608652')
    expect(screen.getByRole('region', { name: 'Sound desk' })).toBeTruthy()
  })
})
