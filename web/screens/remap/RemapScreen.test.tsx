import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import type { Schema } from '../../api/client'
import { ChangeContext, type WantedChange } from '../../keymap/changes'
import { ListeningProvider } from '../../listening/Listening'
import { renderAt } from '../../tests/page'
import { APPLICATIONS, chordOf, CUTLOOM } from '../../tests/samples'
import { whenAsked } from '../../tests/server'
import { RemapScreen } from './RemapScreen'

const COMMAND = { id: 'lift', name: 'Lift', known: true }
const TIMELINE = { id: 'timeline', name: 'Timeline' }
const NOTHING: Schema['Consequences'] = { settled: [], raised: [], relearning: [], raises_fault: false }
const LADDER: Schema['Ladder'] = { focus: TIMELINE, sentence: '', winner: null, rungs: [] }

const choice = (kind: Schema['Choice']['kind'], title: string, removed: string[] = []): Schema['Choice'] => ({
  kind,
  title,
  change: {
    removed: removed.map((chord) => ({ chord, command: 'lift', context: 'timeline', gesture: 'tap' as const })),
    added: [{ chord: 'KeyT', command: 'lift', context: 'timeline', gesture: 'tap' as const }],
  },
  consequences: NOTHING,
  ladder_after: LADDER,
})

const wanted = (more: Partial<Schema['Wanted']> = {}): Schema['Wanted'] => ({
  chord: chordOf('KeyT'),
  gesture: 'tap',
  reach: { kind: 'as-written', sentence: '', pressed: null },
  is_already_so: false,
  is_free: true,
  unsayable: null,
  holders: [],
  neighbours: [],
  destroys_elsewhere: [],
  ladder: LADDER,
  choices: [choice('add-beside', 'Add T beside D'), choice('replace', 'Use T instead of D', ['KeyD'])],
  ...more,
})

/** What is wanted, of the chord that was asked for. */
const of = (chord: string, asWanted: Schema['Wanted']): Schema['Wanted'] => ({
  ...asWanted,
  chord: chordOf(chord),
  choices: asWanted.choices.map((one) => ({
    ...one,
    change: { ...one.change, added: one.change.added.map((added) => ({ ...added, chord })) },
  })),
})

function show(address = '/remap/cutloom', asWanted: Schema['Wanted'] = wanted()) {
  const made: WantedChange[] = []
  const make = vi.fn((one: WantedChange) => {
    made.push(one)
    one.onMade?.()
  })
  whenAsked('GET /applications', APPLICATIONS)
  whenAsked('GET /table', { layers: [], board: { keys: [] }, applications: [] })
  whenAsked('GET /suites', { suites: [] })
  whenAsked('PUT /look', { application: 'cutloom', context: 'everywhere', kit: '' })
  whenAsked('GET /applications/cutloom/keymap', {
    ...{ application: CUTLOOM, id: 7, name: 'Mine', version: 3, undo: 'Lift: Add T beside D', redo: null, bindings: [] },
    ...{ is_protected: false, follows: null, saved_at: null, unsaved: 0, refused: null, notices: [], came_of_it: null },
  })
  whenAsked('GET /find', {
    applications: [CUTLOOM],
    chord: null,
    chord_problem: null,
    answers: [
      {
        state: 'single',
        runs_on: [],
        intent: null,
        hits: [
          {
            application: CUTLOOM,
            command: COMMAND,
            menu: ['Clip', 'Lift'],
            tooltip: '',
            context: TIMELINE,
            is_menu_only: false,
            is_changed: false,
            chords: [chordOf('KeyD')],
            holds: [],
          },
        ],
      },
    ],
  })
  whenAsked('GET /applications/cutloom/remap', ({ query }) => {
    const data: Schema['Remap'] = {
      command: { ...COMMAND, menu: ['Clip', 'Lift'], tooltip: 'Takes it out', home: 'timeline', is_menu_only: false, desktop: null },
      context: TIMELINE,
      bindings: [],
      offers: [{ chord: chordOf('KeyY'), effort_mm: 20, reasons: ['near'] }],
      wanted: query.get('chord') === null ? null : of(query.get('chord') ?? '', asWanted),
    }
    return new Response(JSON.stringify(data), { headers: { 'Content-Type': 'application/json' } })
  })
  const page = renderAt(
    address,
    <ChangeContext value={{ make, goBack: vi.fn(), isMaking: false, notice: null }}>
      <ListeningProvider>
        <RemapScreen />
      </ListeningProvider>
    </ChangeContext>,
    {},
    '/remap/:application',
  )
  return { ...page, made }
}

const field = () => screen.getByRole<HTMLInputElement>('searchbox', { name: 'Find the command' })

async function nameLift(): Promise<void> {
  await screen.findByRole('searchbox')
  await userEvent.type(field(), 'lift{Enter}')
  await screen.findByText('press the chord')
}

describe('a row of commands', () => {
  it('takes a word, Enter and a free key, and is ready for the next one', async () => {
    const { made, address } = show()
    await nameLift()
    fireEvent.keyDown(window, { code: 'KeyT' })
    await waitFor(() => {
      expect(made.map(({ title }) => title)).toEqual(['Lift: Add T beside D'])
    })
    await waitFor(() => {
      expect(address()).toBe('/remap/cutloom')
    })
    expect(document.activeElement).toBe(field())
    expect(field().value).toBe('')
    const done = within(screen.getByRole('region', { name: 'Done just now' }))
    expect(done.getByRole('button', { name: 'Undo' })).toBeTruthy()
    expect(done.getByRole('button', { name: 'Use T instead of D' })).toBeTruthy()
  })

  it('takes the free key in place of the old one where that is the manner', async () => {
    const { made } = show()
    await screen.findByRole('searchbox')
    await userEvent.click(screen.getByRole('radio', { name: 'instead of it' }))
    await nameLift()
    fireEvent.keyDown(window, { code: 'KeyT' })
    await waitFor(() => {
      expect(made.map(({ title }) => title)).toEqual(['Lift: Use T instead of D'])
    })
    localStorage.clear()
  })

  it('offers the ways to a taken key, and Enter takes the first', async () => {
    const taken = wanted({ is_free: false, choices: [choice('take-over', 'Take T over'), choice('swap', 'Swap')] })
    const { made } = show('/remap/cutloom', taken)
    await nameLift()
    fireEvent.keyDown(window, { code: 'KeyT' })
    const first = await screen.findByRole('button', { name: 'Take T over' })
    await waitFor(() => {
      expect(document.activeElement).toBe(first)
    })
    expect(made).toEqual([])
    await userEvent.keyboard('{Enter}')
    expect(made.map(({ title }) => title)).toEqual(['Lift: Take T over'])
  })

  it('takes another way by its number', async () => {
    const taken = wanted({ is_free: false, choices: [choice('take-over', 'Take T over'), choice('swap', 'Swap')] })
    const { made } = show('/remap/cutloom', taken)
    await nameLift()
    fireEvent.keyDown(window, { code: 'KeyT' })
    await screen.findByRole('button', { name: 'Swap' })
    await userEvent.keyboard('2')
    expect(made.map(({ title }) => title)).toEqual(['Lift: Swap'])
  })

  it('never takes a chord that only stood in the address', async () => {
    const { made } = show('/remap/cutloom?command=lift&chord=KeyT')
    await screen.findByRole('button', { name: 'Add T beside D' })
    await new Promise((resolve) => setTimeout(resolve, 100))
    expect(made).toEqual([])
  })

  it('takes the chord that was pressed, and not the one that stood in the address before it', async () => {
    const { made } = show('/remap/cutloom?command=lift&chord=KeyT')
    await screen.findByRole('button', { name: 'Add T beside D' })
    fireEvent.keyDown(window, { code: 'F9' })
    fireEvent.keyDown(window, { code: 'KeyY' })
    await waitFor(() => {
      expect(made.flatMap(({ change }) => change.added.map(({ chord }) => chord))).toEqual(['KeyY'])
    })
  })

  it('lets the chord come first', async () => {
    const { made, address } = show()
    await screen.findByRole('searchbox')
    await screen.findByText(/Mine/)
    fireEvent.keyDown(window, { code: 'F9' })
    fireEvent.keyDown(window, { code: 'KeyT' })
    await waitFor(() => {
      expect(address()).toBe('/remap/cutloom?chord=KeyT')
    })
    await userEvent.type(field(), 'lift{Enter}')
    await waitFor(() => {
      expect(made.map(({ title }) => title)).toEqual(['Lift: Add T beside D'])
    })
  })

  it('goes back to the word with Escape', async () => {
    const { address } = show('/remap/cutloom?command=lift&chord=KeyT')
    const button = await screen.findByRole('button', { name: 'Add T beside D' })
    button.focus()
    await userEvent.keyboard('{Escape}')
    expect(address()).toBe('/remap/cutloom')
    expect(document.activeElement).toBe(field())
  })

  it('says what the same chord destroys in the next application', async () => {
    show(
      '/remap/cutloom?command=lift&chord=KeyT',
      wanted({
        destroys_elsewhere: [
          {
            application: { id: 'faderloft', name: 'Faderloft' },
            binding: {
              id: 'x',
              chord: chordOf('KeyT'),
              gesture: 'tap',
              command: { id: 'clear', name: 'Clear', known: true },
              context: { id: 'tracks', name: 'Tracks' },
            },
          },
        ],
      }),
    )
    expect(await screen.findByText(/destroys elsewhere: Clear in Faderloft \(Tracks\)/)).toBeTruthy()
  })
})

describe('an application that is not known', () => {
  it('is named, with those that are', async () => {
    show('/remap/nothing')
    expect(await screen.findByText(/There is no application “nothing” here/)).toBeTruthy()
    expect(screen.getByRole('link', { name: 'Cutloom' }).getAttribute('href')).toBe('/remap/cutloom')
  })
})
