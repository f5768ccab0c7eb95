import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { renderAt } from '../../tests/page'
import { APPLICATIONS, chordOf, CUTLOOM, FADERLOFT } from '../../tests/samples'
import { askedFor, json, whenAsked } from '../../tests/server'
import { Harmonise } from './Harmonise'

const REQUEST: Schema['HarmoniseRequest'] = {
  applications: ['cutloom', 'faderloft'],
  intents: [],
  suites: [],
  weights: {},
  fixed: {},
  untouched: [],
  accepted: [],
  refused: [{ application: 'cutloom', command: 'stop', chord: 'KeyK' }],
  seconds: 2,
  seat: {},
}

const line = (command: string, application: { id: string; name: string }, before: string, after: string): Schema['HarmonisedLine'] => ({
  application,
  command: { id: command, name: command, known: true },
  intent: { id: `intent of ${command}`, name: command },
  before: chordOf(before),
  after: chordOf(after),
  displaced: [],
  reasons: ['the same in Cutloom'],
  runner_up: { chord: null, is_now: true, dearer: 12.4, parts: [{ dearer: 12.4, reason: 'it would have one more chord' }] },
})

const RESULT: Schema['HarmonisedResult'] = {
  cost: 100,
  bound: 99,
  is_optimal: false,
  gap: 0.0123,
  agreement_before: 0.5,
  agreement_after: 0.9,
  intents: 2,
  slots: 4,
  chords: 30,
  lines: [line('lift', CUTLOOM, 'KeyX', 'KeyD'), line('split', FADERLOFT, 'KeyV', 'KeyB')],
  left: [
    { application: CUTLOOM, command: { id: 'hold', name: 'hold', known: true }, intent: { id: 'h', name: 'h' }, reason: 'It is held.' },
  ],
}

const FOUND: Schema['Harmonisation'] = {
  id: 5,
  state: 'done',
  is_over: true,
  ahead: null,
  request: REQUEST,
  best: 100,
  bound: 99,
  gap: 0.0123,
  result: RESULT,
  refusal: null,
}

function show(harmonisation: Partial<Schema['Harmonisation']> | null = {}) {
  whenAsked('GET /applications', APPLICATIONS)
  whenAsked('GET /intents', { intents: [] })
  whenAsked('GET /suites', { suites: [] })
  whenAsked('POST /harmonisations', { ...FOUND, id: 6, state: 'waiting', is_over: false, result: null, gap: null })
  whenAsked('GET /harmonisations/6', { ...FOUND, id: 6 })
  if (harmonisation !== null) whenAsked('GET /harmonisations/5', { ...FOUND, ...harmonisation })
  return renderAt(`/across/harmonise${harmonisation === null ? '' : '?search=5'}`, <Harmonise />)
}

const found = async () => within(await screen.findByRole('region', { name: 'What was found' }))
const searched = () => askedFor('POST /harmonisations').map(({ body }) => body as Schema['HarmoniseWanted'])

describe('a search', () => {
  it('is explained before there is one', async () => {
    show(null)
    expect(await screen.findByText('One intent, one chord.')).toBeTruthy()
    expect(screen.queryByRole('region', { name: 'What was found' })).toBeNull()
  })

  it('is begun for all applications, and stands in the address', async () => {
    const { address } = show(null)
    await userEvent.click(await screen.findByRole('button', { name: 'Search' }))
    await found()
    expect(address()).toBe('/across/harmonise?search=6')
    expect(searched()).toMatchObject([{ applications: ['cutloom', 'faderloft'], intents: [], seconds: 8 }])
  })

  it('tells the best so far and its bound, and can be ended', async () => {
    whenAsked('POST /harmonisations/5/cancel', { ...FOUND, state: 'cancelled' })
    show({ state: 'running', is_over: false, result: null, best: 120, bound: 100, gap: 0.2 })
    expect(await screen.findByText(/Best so far 120; no solution costs less than 100: at most 20.0 %/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: /Enough/ }))
    expect(await found()).toBeTruthy()
    expect(askedFor('POST /harmonisations/5/cancel')).toHaveLength(1)
  })

  it.each([
    [{ state: 'waiting' as const, ahead: 0, gap: null }, /^Waits for its turn …/],
    [{ state: 'waiting' as const, ahead: 1, gap: null }, /Waits for its turn, behind 1 search …/],
    [{ state: 'waiting' as const, ahead: 3, gap: null }, /Waits for its turn, behind 3 searches …/],
    [{ state: 'running' as const, gap: null }, /Looking for a first solution/],
  ])('says what it waits for: %j', async (state, words) => {
    show({ ...state, is_over: false, result: null })
    expect(await screen.findByText(words)).toBeTruthy()
  })

  it('that broke off says that nothing was changed', async () => {
    show({ state: 'failed', result: null })
    expect((await screen.findByRole('alert')).textContent).toContain('nothing was changed')
  })

  it('that could not begin says why, and what to do', async () => {
    show({ state: 'refused', result: null, refusal: { detail: 'No two of them share an intent.', remedy: 'Choose others.' } })
    expect((await screen.findByRole('alert')).textContent).toBe('No two of them share an intent. Choose others.')
  })
})

describe('what was found', () => {
  it('tells agreement, how good it is, and each line with its reason and the next best', async () => {
    show()
    const kit = await found()
    expect(kit.getByText(/Any other choice could be better by 1.2 % at most/)).toBeTruthy()
    expect(kit.getByText(/2 commands of 4 get another chord/)).toBeTruthy()
    const row = within(kit.getByRole('row', { name: /lift/ }))
    expect(row.getByText(/would cost 12\.4 more: \+12\.4, it would have one more chord/).textContent).toContain('Staying as it is')
    expect(kit.getByText(/1 commands were left alone/)).toBeTruthy()
  })

  it('says where it is proved to be the best', async () => {
    show({ result: { ...RESULT, is_optimal: true } })
    expect((await found()).getByText(/It is proved that no other choice is better/)).toBeTruthy()
  })

  it('says where nothing needs to change', async () => {
    show({ result: { ...RESULT, lines: [] } })
    expect((await found()).getByText('Nothing needs to change.')).toBeTruthy()
  })

  it('is searched again around what one says, together with what was said before', async () => {
    show()
    const kit = await found()
    await userEvent.selectOptions(kit.getByLabelText('What you say to lift of Cutloom'), 'refused')
    await userEvent.selectOptions(kit.getByLabelText('What you say to split of Faderloft'), 'accepted')
    await userEvent.click(screen.getByRole('button', { name: 'Search again around what you said (2)' }))
    await waitFor(() => {
      expect(searched()).toHaveLength(1)
    })
    expect(searched()[0]).toMatchObject({
      seconds: 2,
      refused: [
        { application: 'cutloom', command: 'stop', chord: 'KeyK' },
        { application: 'cutloom', command: 'lift', chord: 'KeyD' },
      ],
      accepted: [{ application: 'faderloft', command: 'split', chord: 'KeyB' }],
    })
  })

  it('can be said nothing of again', async () => {
    show()
    const kit = await found()
    await userEvent.selectOptions(kit.getByLabelText('What you say to lift of Cutloom'), 'refused')
    await userEvent.selectOptions(kit.getByLabelText('What you say to lift of Cutloom'), '')
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Search' }).disabled).toBe(false)
    expect(kit.getByRole('button', { name: 'Apply to all keymaps …' })).toBeTruthy()
  })

  it('is applied under a name after it says to which keymaps, and undone in all of them', async () => {
    whenAsked('GET /keymaps', { kit: 'Kit', deleted: [], keymaps: [{ id: 7, application: 'cutloom', name: 'Mine', in_use: true }] })
    whenAsked('POST /harmonisations/5/apply', () => {
      whenAsked('GET /harmonisations/5', { ...FOUND, state: 'applied' })
      return json({ ...FOUND, state: 'applied' })
    })
    whenAsked('POST /harmonisations/5/undo', { ...FOUND, state: 'undone' })
    show()
    await userEvent.click((await found()).getByRole('button', { name: 'Apply to all keymaps …' }))
    const asked = within(await screen.findByRole('form', { name: 'Apply to all keymaps' }))
    expect(asked.getAllByRole('listitem').map(({ textContent }) => textContent)).toEqual([
      'Cutloom: 1 in Mine',
      'Faderloft: 1 in a copy of the factory keymap, which is in use from then on',
    ])
    expect(askedFor('POST /harmonisations/5/apply')).toEqual([])
    await userEvent.click(asked.getByRole('button', { name: 'Write them' }))
    await userEvent.click(await screen.findByRole('button', { name: 'Undo it in all of them' }))
    expect(await screen.findByText(/All keymaps are as they were/)).toBeTruthy()
    expect(askedFor('POST /harmonisations/5/apply').map(({ body }) => body)).toEqual([{ name: 'Harmonised' }])
  })
})
