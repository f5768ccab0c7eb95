import { act, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import type { Schema } from '../../api/client'
import { ChangeContext, type WantedChange } from '../../keymap/changes'
import { renderAt } from '../../tests/page'
import { binding, CUTLOOM, NO_CONSEQUENCES } from '../../tests/samples'
import { askedFor, whenAsked } from '../../tests/server'
import { BulkEditScreen } from './BulkEditScreen'

const BINDINGS = [binding('KeyX', 'lift', 'timeline'), binding('KeyV', 'split', 'timeline'), binding('KeyB', 'open', 'bin')]
const CHANGE = { removed: [], added: [{ chord: 'Alt+KeyX', command: 'lift', context: 'timeline', gesture: 'tap' as const }] }
const PREVIEW = 'POST /applications/cutloom/bulk-edit'

const TABLE = {
  layers: [
    { id: '', caps: [], spoken: '' },
    { id: 'Alt', caps: ['Alt'], spoken: 'Alt' },
    { id: 'Shift', caps: ['Shift'], spoken: 'Shift' },
  ],
  applications: [
    {
      ...CUTLOOM,
      contexts: ['timeline', 'bin'].map((id) => ({ id, name: id, depth: 1, takes_text: false })),
    },
  ],
}

function show(bindings = BINDINGS, consequences: Schema['Consequences'] = NO_CONSEQUENCES, change: Schema['Change'] = CHANGE) {
  whenAsked('GET /applications/cutloom/keymap', { id: 7, version: 3, name: 'Mine', application: CUTLOOM, bindings })
  whenAsked('GET /table', TABLE)
  whenAsked(PREVIEW, { change, consequences })
  const make = vi.fn<(wanted: WantedChange) => void>()
  renderAt(
    '/remap/cutloom/bulk-edit',
    <ChangeContext value={{ make, goBack: vi.fn(), isMaking: false, notice: null }}>
      <BulkEditScreen />
    </ChangeContext>,
    {},
    '/remap/:application/bulk-edit',
  )
  return make
}

const previewed = () => askedFor(PREVIEW).map(({ body }) => body)

describe('a bulk edit', () => {
  it('asks for chords first, then for what is to become of them', async () => {
    show()
    expect(await screen.findByText('Choose chords in the list.')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'choose all 3' }))
    expect(screen.getByText('Fill the blanks above.')).toBeTruthy()
    expect(previewed()).toEqual([])
  })

  it('moves the chosen chords of a context to another layer, as one change with a name', async () => {
    const make = show()
    await userEvent.selectOptions(await screen.findByLabelText('Of context'), 'timeline')
    await userEvent.click(screen.getByRole('button', { name: 'choose all 2' }))
    await userEvent.selectOptions(screen.getByLabelText('Layer'), 'Alt')
    await userEvent.click(await screen.findByRole('button', { name: 'Move 2 chords to Alt' }))
    expect(previewed()).toEqual([
      { kind: 'to-layer', bindings: BINDINGS.slice(0, 2).map(({ id }) => id), layer: 'Alt', other_layer: '', context: null },
    ])
    expect(make.mock.calls).toMatchObject([[{ application: 'cutloom', title: 'Move 2 chords to Alt', change: CHANGE }]])
  })

  it('stays chosen until the change is made, whatever has to be asked before', async () => {
    const make = show()
    const lift = await screen.findByLabelText<HTMLInputElement>(/lift/)
    await userEvent.click(lift)
    await userEvent.selectOptions(screen.getByLabelText('Layer'), 'Alt')
    await userEvent.click(await screen.findByRole('button', { name: /^Move 1 chord/ }))
    expect(lift.checked).toBe(true)
    act(() => {
      make.mock.calls[0]?.[0].onMade?.()
    })
    expect(lift.checked).toBe(false)
  })

  it('copies chords to a context', async () => {
    show()
    await userEvent.click(await screen.findByLabelText(/lift/))
    await userEvent.selectOptions(screen.getByLabelText('What to do', { selector: 'select' }), 'copy-to-context')
    await userEvent.selectOptions(screen.getByLabelText('Context'), 'bin')
    expect(await screen.findByRole('button', { name: 'Copy 1 chords to bin' })).toBeTruthy()
  })

  it('exchanges two layers without a chord being chosen, and not one with itself', async () => {
    show()
    await userEvent.selectOptions(await screen.findByLabelText('What to do', { selector: 'select' }), 'exchange-layers')
    await userEvent.selectOptions(screen.getByLabelText('Layer'), 'Alt')
    await userEvent.selectOptions(screen.getByLabelText('Other layer'), 'Alt')
    expect(screen.getByText('Fill the blanks above.')).toBeTruthy()
    await userEvent.selectOptions(screen.getByLabelText('Other layer'), 'Shift')
    expect(await screen.findByRole('button', { name: 'Exchange Alt and Shift' })).toBeTruthy()
  })

  it('clears a context', async () => {
    show()
    await userEvent.selectOptions(await screen.findByLabelText('What to do', { selector: 'select' }), 'clear-context')
    await userEvent.selectOptions(screen.getByLabelText('Context'), 'bin')
    expect(await screen.findByRole('button', { name: 'Clear bin' })).toBeTruthy()
    await waitFor(() => {
      expect(previewed()).toMatchObject([{ kind: 'clear-context', bindings: [], context: 'bin' }])
    })
  })

  it('says where nothing would change, and offers no button', async () => {
    show(BINDINGS, NO_CONSEQUENCES, { removed: [], added: [] })
    await userEvent.selectOptions(await screen.findByLabelText('What to do', { selector: 'select' }), 'clear-context')
    await userEvent.selectOptions(screen.getByLabelText('Context'), 'bin')
    expect(await screen.findByText('Nothing would change.')).toBeTruthy()
  })

  it('forgets single chords that are unchosen', async () => {
    show()
    const list = within(await screen.findByRole('region', { name: 'Chords' }))
    await userEvent.click(list.getByRole('button', { name: 'choose all 3' }))
    await userEvent.click(list.getByLabelText(/split/))
    await userEvent.selectOptions(screen.getByLabelText('Layer'), 'Alt')
    expect(await screen.findByRole('button', { name: 'Move 2 chords to Alt' })).toBeTruthy()
    await userEvent.click(list.getByRole('button', { name: 'choose none' }))
    expect(screen.getByText('Choose chords in the list.')).toBeTruthy()
  })

  it('says that a keymap has no chord', async () => {
    show([])
    expect(await screen.findByText('This keymap has no chord.')).toBeTruthy()
  })
})
