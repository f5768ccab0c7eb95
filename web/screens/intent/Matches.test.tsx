import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { renderAt } from '../../tests/page'
import { APPLICATIONS, CUTLOOM } from '../../tests/samples'
import { askedFor, whenAsked } from '../../tests/server'
import { Matches } from './Matches'

const PROPOSAL: Schema['MatchProposal'] = {
  intent: 'close',
  name: 'Close the document',
  confidence: 0.96,
  evidence: ['Gradewell calls it "Close job"'],
}

const command = (id: string, more: Partial<Schema['MatchedCommand']> = {}): Schema['MatchedCommand'] => ({
  id,
  name: id,
  menu: [],
  tooltip: `Does ${id}`,
  match: null,
  is_sure: false,
  proposals: [],
  ...more,
})
const OWN = { intent: 'close', name: 'Close the document', difference: 'Asks first.', is_own: true }

const INTENTS: Schema['IntentLong'][] = ['close', 'open'].map((id) => ({
  id,
  name: id,
  group: 'file',
  synonyms: [],
  frequency: 'often',
  traits: [],
  own: null,
}))

function show(commands: Schema['MatchedCommand'][], at = '') {
  whenAsked('GET /applications', APPLICATIONS)
  whenAsked('GET /intents', { intents: INTENTS })
  whenAsked('GET /applications/cutloom/matches', { application: CUTLOOM, commands })
  whenAsked('PUT /applications/cutloom/matches', { application: CUTLOOM, commands })
  return renderAt(`/across/intents${at}`, <Matches />)
}

const row = async (name: string) => within(await screen.findByRole('row', { name: new RegExp(`^${name}`) }))
const said = () => askedFor('PUT /applications/cutloom/matches').map(({ body }) => body)

describe('what commands are for', () => {
  it('shows those that nobody has said anything of', async () => {
    show([command('quit', { match: { ...OWN, is_own: false } }), command('wait', { proposals: [PROPOSAL] })])
    expect((await row('wait')).getByText('96 %')).toBeTruthy()
    expect(screen.queryByRole('row', { name: /^quit/ })).toBeNull()
  })

  it('is said with the proposal, singly', async () => {
    show([command('shut', { proposals: [PROPOSAL] })])
    await userEvent.click((await row('shut')).getByRole('button', { name: /yes, that/ }))
    await waitFor(() => {
      expect(said()).toEqual([{ matches: [{ command: 'shut', intent: 'close' }] }])
    })
  })

  it('is said of all that are sure in one go, and of no other', async () => {
    show([
      command('shut', { proposals: [PROPOSAL], is_sure: true }),
      command('quit', { proposals: [{ ...PROPOSAL, intent: 'leave' }], is_sure: true }),
      command('wait', { proposals: [PROPOSAL] }),
    ])
    await userEvent.click(await screen.findByRole('button', { name: 'Accept the 2 that are sure' }))
    await waitFor(() => {
      expect(said()).toEqual([
        {
          matches: [
            { command: 'shut', intent: 'close' },
            { command: 'quit', intent: 'leave' },
          ],
        },
      ])
    })
  })

  it('is withdrawn where one has said it oneself', async () => {
    show([command('shut', { match: OWN })], '?only=own')
    expect((await row('shut')).getByText('near: Asks first.')).toBeTruthy()
    await userEvent.click((await row('shut')).getByRole('button', { name: 'withdraw it' }))
    await waitFor(() => {
      expect(said()).toEqual([{ matches: [{ command: 'shut', intent: null }] }])
    })
  })

  it('that is only near wants a sentence on the difference', async () => {
    show([command('shut')])
    await userEvent.click((await row('shut')).getByRole('button', { name: 'Choose an intent for shut' }))
    await userEvent.selectOptions(await screen.findByRole('combobox', { name: 'Intent' }), 'open')
    await userEvent.click(screen.getByLabelText(/only near it/))
    const say = screen.getByRole<HTMLButtonElement>('button', { name: 'Say so' })
    expect(say.disabled).toBe(true)
    await userEvent.type(screen.getByLabelText('How it differs'), 'Asks first.')
    await userEvent.click(say)
    await waitFor(() => {
      expect(said()).toEqual([{ matches: [{ command: 'shut', intent: 'open', is_near: true, difference: 'Asks first.' }] }])
    })
  })

  it.each([
    ['', 'Every command has an intent.'],
    ['?only=own', 'You have not said anything yet.'],
  ])('says so where there is nothing to show: %s', async (at, words) => {
    show([command('quit', { match: { ...OWN, is_own: false } })], at)
    expect(await screen.findByText(words)).toBeTruthy()
  })
})
