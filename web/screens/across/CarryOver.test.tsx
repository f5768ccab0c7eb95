import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { renderAt } from '../../tests/page'
import { APPLICATIONS, binding, CUTLOOM, FADERLOFT, NO_CONSEQUENCES } from '../../tests/samples'
import { askedFor, problem, whenAsked } from '../../tests/server'
import { CarryOver } from './CarryOver'

const line = (command: string, ending: Schema['CarriedLine']['ending'], isAccepted = true): Schema['CarriedLine'] => ({
  id: `cutloom ${command}`,
  from: CUTLOOM,
  binding: binding('KeyX', command, 'timeline'),
  ending,
  sentence: `${command} is ${ending}.`,
  to: ending === 'carried' || ending === 'displaces' ? binding('KeyX', `${command} there`, 'tracks') : null,
  displaced: [],
  is_accepted: isAccepted,
})

const REPORT: Schema['CarryOver'] = {
  target: FADERLOFT,
  made_from: { cutloom: { keymap: 7, name: 'Mine', version: 3 }, faderloft: { keymap: null, name: 'Factory', version: 0 } },
  lost: [],
  counts: { carried: 2, differs: 0, displaces: 1, 'nothing-to-carry-to': 1, 'out-of-reach': 0, reserved: 0 },
  lines: [line('lift', 'carried'), line('undo', 'carried'), line('split', 'displaces'), line('wait', 'nothing-to-carry-to', false)],
  consequences: NO_CONSEQUENCES,
}

function show(at = '?to=faderloft') {
  whenAsked('GET /applications', APPLICATIONS)
  whenAsked('GET /suites', { suites: [{ id: 'bittern', name: 'Bittern' }] })
  whenAsked('POST /carry-overs', REPORT)
  return renderAt(`/across/carry-over${at}`, <CarryOver />, { '/remap/faderloft': <p>Remap</p> })
}

const previewed = () => askedFor('POST /carry-overs').map(({ body }) => body as Schema['CarryOverWanted'])

describe('carrying over', () => {
  it('asks for an application before anything is worked out', async () => {
    show('')
    expect(await screen.findByText('Sit down at an application that you do not know.')).toBeTruthy()
    expect(previewed()).toEqual([])
  })

  it('takes what the hands know from one other application, named with its keymap, until one chooses', async () => {
    show()
    expect((await screen.findByText(/come to Faderloft, on top of its keymap Factory/)).textContent).toContain(
      '4 chords of Cutloom (Mine); 3 of them',
    )
    expect(previewed()).toEqual([{ target: 'faderloft', sources: ['cutloom'], said: {} }])
  })

  it('looks at the keyboard of a suite when one says which', async () => {
    const { address } = show()
    await screen.findByRole('option', { name: 'Bittern' })
    await userEvent.selectOptions(screen.getByLabelText(/at the keyboard of/), 'Bittern')
    await waitFor(() => {
      expect(previewed().at(-1)?.suite).toBe('bittern')
    })
    expect(address()).toBe('/across/carry-over?to=faderloft&suite=bittern')
  })

  it('accounts for each line once, by how it ends', async () => {
    show()
    await userEvent.click(await screen.findByRole('button', { name: 'carried 2' }))
    expect(screen.getAllByRole('row')).toHaveLength(3)
    await userEvent.click(screen.getByRole('button', { name: 'nothing to carry to 1' }))
    expect(within(screen.getAllByRole('row')[1] ?? document.body).getByText(/wait is nothing-to-carry-to/)).toBeTruthy()
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'reserved 0' }).disabled).toBe(true)
  })

  it('asks again with what is not taken', async () => {
    show()
    await userEvent.click(await screen.findByLabelText('Take lift of Cutloom'))
    await waitFor(() => {
      expect(previewed().at(-1)?.said).toEqual({ 'cutloom lift': false })
    })
  })

  it('forgets what was said of single lines when another application is chosen', async () => {
    show()
    await userEvent.click(await screen.findByLabelText('Take lift of Cutloom'))
    await waitFor(() => {
      expect(previewed().at(-1)?.said).toEqual({ 'cutloom lift': false })
    })
    await userEvent.selectOptions(screen.getByLabelText(/^Make/), 'Cutloom')
    await waitFor(() => {
      expect(previewed().at(-1)).toMatchObject({ target: 'cutloom', said: {} })
    })
  })

  it('is saved as a keymap under a name, and leads to it', async () => {
    whenAsked('POST /carry-overs/keymaps', { id: 3 })
    const { address } = show()
    await userEvent.type(await screen.findByLabelText('Save as a keymap of Faderloft called'), 'As I know it')
    await userEvent.click(screen.getByRole('button', { name: 'Save and use it' }))
    expect(await screen.findByText('Remap')).toBeTruthy()
    expect(address()).toBe('/remap/faderloft')
    expect(askedFor('POST /carry-overs/keymaps').map(({ body }) => body)).toEqual([
      { target: 'faderloft', sources: ['cutloom'], said: {}, versions: REPORT.made_from, name: 'As I know it' },
    ])
  })

  it('stays where the name is taken, and says so', async () => {
    whenAsked('POST /carry-overs/keymaps', () =>
      problem(422, { detail: 'Faderloft has a keymap "Mine" already.', remedy: 'Choose another.' }),
    )
    show()
    await userEvent.type(await screen.findByLabelText('Save as a keymap of Faderloft called'), 'Mine')
    await userEvent.click(screen.getByRole('button', { name: 'Save and use it' }))
    expect((await screen.findByRole('alert')).textContent).toContain('Faderloft has a keymap "Mine" already.')
  })
})
