import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { renderAt } from '../../tests/page'
import { APPLICATIONS } from '../../tests/samples'
import { askedFor, problem, whenAsked } from '../../tests/server'
import { PRESET, RELEASE } from '../../tests/suites'
import { PresetScreen } from './PresetScreen'

const MINE: Schema['Preset'] = {
  ...PRESET,
  id: 2,
  name: 'Home keys',
  owner: 'picture editor',
  is_mine: true,
  audience: 'mine',
  is_standard: false,
  may_give_to_house: false,
  releases: [{ ...RELEASE, id: 11, preset: 'Home keys', number: 3, note: 'Split on V', fixed: 0 }],
}
const FOREIGN: Schema['Preset'] = {
  ...MINE,
  id: 3,
  name: 'Sound desk',
  owner: 'sound editor',
  is_mine: false,
  audience: 'people',
  may_release: false,
}

const FAULT: Schema['ReleaseProblem'] = { id: 'fault 1', kind: 'fault', application: 'cutloom', sentence: 'Cutloom: V runs two commands.' }

const DRAFT: Schema['ReleaseDraft'] = { problems: [], same_as: null, may_fix: false, applications: [], followers: [] }

function show(presets: Schema['Preset'][] = [], draft: Partial<Schema['ReleaseDraft']> = {}, unsaved: string[] = ['cutloom']) {
  whenAsked('GET /applications', APPLICATIONS)
  whenAsked('GET /release-drafts', { ...DRAFT, ...draft })
  whenAsked('GET /presets', { presets, unsaved_applications: unsaved, people: [{ id: 7, name: 'sound editor' }] })
  renderAt('/presets', <PresetScreen />)
}

const note = () => screen.findByLabelText('What is this release for?')
const save = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Make the release' })

describe('making a release', () => {
  it('makes a new preset where there is none, under the name and for what one says', async () => {
    whenAsked('POST /presets', { ...RELEASE, preset: 'Night trains', number: 1 })
    show()
    await userEvent.type(await note(), ' for the night ')
    await userEvent.type(screen.getByLabelText('Name of the preset'), 'Night trains')
    await screen.findByText('Nothing is wrong with it.')
    await userEvent.click(save())
    expect(await screen.findByText(/Made Night trains, release 1/)).toBeTruthy()
    expect(askedFor('POST /presets').map(({ body }) => body)).toEqual([
      { name: 'Night trains', note: 'for the night', accept: [], reason: null },
    ])
  })

  it('proposes the next release of my only preset, and asks which where there are several', async () => {
    show([FOREIGN, MINE])
    const choices = within(await screen.findByLabelText('As')).getAllByRole<HTMLOptionElement>('option')
    expect(choices.map(({ textContent }) => textContent)).toEqual(['Home keys, release 4', 'a new preset'])
    expect(choices[0]?.selected).toBe(true)
  })

  it('chooses none by itself where I may make releases of several', async () => {
    show([PRESET, MINE])
    const choices = within(await screen.findByLabelText('As')).getAllByRole<HTMLOptionElement>('option')
    expect(choices.find(({ selected }) => selected)?.textContent).toBe('which preset?')
    expect(save().disabled).toBe(true)
  })

  it('needs a yes to each thing that is wrong, by name, and a reason', async () => {
    whenAsked('POST /presets/2/releases', { ...RELEASE, preset: 'Home keys', number: 4 })
    show([MINE], { problems: [FAULT] })
    await userEvent.type(await note(), 'as it is')
    const yes = await screen.findByRole('checkbox', { name: FAULT.sentence })
    expect(save().disabled).toBe(true)
    await userEvent.click(yes)
    expect(save().disabled).toBe(true)
    await userEvent.type(screen.getByLabelText('Why it goes out all the same'), 'V is free there')
    await userEvent.click(save())
    expect(await screen.findByText(/Made Home keys, release 4/)).toBeTruthy()
    expect(askedFor('POST /presets/2/releases')[0]?.body).toEqual({ note: 'as it is', accept: ['fault 1'], reason: 'V is free there' })
  })

  it('is not to be had where the newest release says the same, or all keymaps are as they came', async () => {
    show([MINE], { same_as: 3 })
    expect(await screen.findByText(/Release 3 says the same as your keys now/)).toBeTruthy()
    expect(save().disabled).toBe(true)
  })

  it('leads to what is new where somebody else was faster', async () => {
    whenAsked('POST /presets/2/releases', () =>
      problem(409, { kind: 'stale-preset', detail: 'Somebody has made Home keys 4.', remedy: 'Take it in first.', preset: 2 }),
    )
    show([MINE])
    await userEvent.type(await note(), 'mine')
    await screen.findByText('Nothing is wrong with it.')
    await userEvent.click(save())
    expect((await screen.findByRole('link', { name: 'Take in what is new there' })).getAttribute('href')).toBe('/presets/2/news')
    expect((await note()).getAttribute('value')).toBe('mine')
  })

  it('fixes chords of the house by finding them', async () => {
    const chord = { id: 'KeyJ', label: 'J', caps: ['J'], spoken: 'J', aria: 'j' }
    const binding: Schema['Binding'] = {
      id: 'everywhere KeyJ tap play-backwards',
      chord,
      gesture: 'tap',
      command: { id: 'play-backwards', name: 'Play backwards', known: true },
      context: { id: 'everywhere', name: 'Everywhere' },
    }
    whenAsked('POST /presets/1/releases', RELEASE)
    show([PRESET], {
      may_fix: true,
      same_as: 2,
      applications: [{ application: { id: 'cutloom', name: 'Cutloom' }, bindings: [binding], fixed: [] }],
    })
    await userEvent.type(await note(), 'J is fixed')
    await userEvent.type(await screen.findByLabelText('Fix another chord'), 'backw')
    await userEvent.click(screen.getByRole('button', { name: /Play backwards/ }))
    await userEvent.click(save())
    await screen.findByText(/Made House standard/)
    expect(askedFor('POST /presets/1/releases')[0]?.body).toMatchObject({ fixed: { cutloom: [binding.id] } })
  })
})

describe('what is there', () => {
  it('is said to be nothing, and what a preset is', async () => {
    show()
    expect(await screen.findByText('There is no preset yet.')).toBeTruthy()
  })

  it('stands under whose it is, the house standard marked', async () => {
    show([PRESET, MINE, FOREIGN])
    expect(within(await screen.findByRole('region', { name: 'The house’s' })).getByText('the house standard')).toBeTruthy()
    expect(within(screen.getByRole('region', { name: 'Mine' })).getByRole('heading', { name: /^Home keys/ })).toBeTruthy()
    expect(within(screen.getByRole('region', { name: 'Shared with me' })).getByRole('heading', { name: /^Sound desk/ })).toBeTruthy()
  })

  it('tells with a release what was wrong with it and why it went out', async () => {
    show([{ ...PRESET, releases: [{ ...RELEASE, accepted: [FAULT], reason: 'not used there' }] }])
    expect(await screen.findByText(/1 known problem: “not used there”/)).toBeTruthy()
  })

  it('is shared with people by name', async () => {
    whenAsked('PATCH /presets/2', { presets: [], unsaved_applications: [], people: [] })
    show([MINE])
    await userEvent.click(await screen.findByRole('button', { name: /who sees Home keys/ }))
    await userEvent.click(screen.getByRole('checkbox', { name: 'sound editor' }))
    expect(askedFor('PATCH /presets/2')[0]?.body).toEqual({ audience: 'people', people: [7], is_standard: false })
  })

  it('is followed from now on, or from its beginning, and leads to what is new', async () => {
    whenAsked('PUT /presets/3/following', {})
    show([FOREIGN, { ...PRESET, may_release: false, is_followed: true, has_news: true }])
    await userEvent.click(await screen.findByRole('button', { name: 'follow from now on Sound desk' }))
    expect(askedFor('PUT /presets/3/following')[0]?.body).toEqual({ from: 'now' })
    expect(screen.getByRole('link', { name: 'something new here' }).getAttribute('href')).toBe('/presets/1/news')
  })
})
