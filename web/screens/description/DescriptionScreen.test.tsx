import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { BROUGHT } from '../../tests/applications'
import { renderAt } from '../../tests/page'
import { APPLICATIONS } from '../../tests/samples'
import { askedFor, problem, whenAsked } from '../../tests/server'
import { DescriptionScreen } from './DescriptionScreen'

const CHANGE = 'PATCH /house-applications/4'

function show(part = '', brought: Partial<Schema['HouseApplication']> = {}) {
  const all = { ...BROUGHT, ...brought }
  whenAsked('GET /house-applications/4', all)
  whenAsked('GET /house-applications/4/proposed-matches', {
    matches: [
      { command: { id: 'split', name: 'Split' }, intent: { id: 'split', name: 'Split here' }, is_sure: true, is_taken: false },
      { command: { id: 'join', name: 'Join' }, intent: { id: 'join', name: 'Join clips' }, is_sure: false, is_taken: false },
    ],
  })
  whenAsked('GET /applications', APPLICATIONS)
  whenAsked(CHANGE, (request) => {
    const change = request.body as Partial<Schema['HouseApplication']>
    return new Response(JSON.stringify({ ...all, ...change, commands: all.commands, version: all.version + 1 }), {
      headers: { 'Content-Type': 'application/json' },
    })
  })
  return renderAt(
    `/house-applications/4${part === '' ? '' : `?part=${part}`}`,
    <DescriptionScreen />,
    { '/applications': <p>all of them</p> },
    '/house-applications/:houseApplication',
  )
}

const sent = () => askedFor(CHANGE).map(({ body }) => body)

describe('the key file', () => {
  it('says what each marked word is, also to who does not see the mark', async () => {
    show()
    expect(await screen.findByRole('button', { name: 'Ctrl-B, chord Primary+KeyB' })).toBeTruthy()
    expect(screen.getByRole('button', { name: 'reel_list, context' })).toBeTruthy()
    expect(screen.getByText('Not read: "Knurl" is not one of Ctrl')).toBeTruthy()
    expect(screen.getByText('a guess, 40 %')).toBeTruthy()
  })

  it('sends what somebody says of a word, and shows it as a sentence that can be taken back', async () => {
    show()
    await userEvent.click(await screen.findByRole('button', { name: 'Knurl' }))
    const pointed = within(screen.getByRole('region', { name: 'What you pointed at' }))
    expect(pointed.getByRole('heading').textContent).toBe('“Knurl” in line 3 is …')
    await userEvent.click(pointed.getByRole('button', { name: 'Shift' }))
    expect(await screen.findByText('“Knurl” means Shift.')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Take it back' }))
    await waitFor(() => expect(sent()).toHaveLength(2))
    expect(sent()).toEqual([
      { version: 3, corrections: [{ says: 'word', word: 'Knurl', means: 'Shift' }] },
      { version: 4, corrections: [] },
    ])
  })

  it('says of a place where it is, so that others like it follow', async () => {
    show()
    await userEvent.click(await screen.findByRole('button', { name: /^split, what runs/ }))
    await userEvent.click(screen.getByRole('button', { name: 'its name for people' }))
    await waitFor(() => expect(sent()).toEqual([{ version: 3, corrections: [{ says: 'title', line: 2, from: 0, to: 5, word: 'split' }] }]))
  })

  it('gives up pointing with Escape', async () => {
    show()
    await userEvent.click(await screen.findByRole('button', { name: 'Knurl' }))
    await userEvent.keyboard('{Escape}')
    expect(screen.queryByRole('region', { name: 'What you pointed at' })).toBeNull()
  })

  it('is one stop of the tab key; arrows go from word to word and from line to line', async () => {
    show()
    const list = within(await screen.findByRole('list', { name: /^Lines/ }))
    const words = list.getAllByRole('button')
    expect(words.filter(({ tabIndex }) => tabIndex === 0)).toHaveLength(1)
    words[0]?.focus()
    await userEvent.keyboard('{ArrowRight}')
    expect(document.activeElement?.textContent).toBe('reel_list')
    await userEvent.keyboard('{ArrowDown}')
    expect(document.activeElement?.textContent).toBe('split')
    await userEvent.keyboard('{ArrowUp}{ArrowLeft}')
    expect(document.activeElement?.textContent).toBe('reel_list')
  })

  it('says why a change was refused, and shows what is there', async () => {
    show()
    await screen.findByRole('heading', { level: 1, name: 'Lanternfish' })
    whenAsked(CHANGE, () => problem(409, { kind: 'stale-application', detail: 'Somebody else has changed it.', remedy: 'Look at it.' }))
    await userEvent.click(screen.getByRole('button', { name: 'Knurl' }))
    await userEvent.click(screen.getByRole('button', { name: 'Control' }))
    expect(await screen.findByText(/Somebody else has changed it/)).toBeTruthy()
  })

  it('does not send a text that is no JSON', async () => {
    show()
    await userEvent.click(await screen.findByText('The description as text'))
    const text = screen.getByLabelText('The description as JSON')
    fireEvent.change(text, { target: { value: '{"id": ' } })
    await userEvent.click(screen.getByRole('button', { name: 'Read the file by this' }))
    expect(screen.getByRole('alert').textContent).toContain('not JSON')
    fireEvent.change(text, { target: { value: '{"id": "x"}' } })
    await userEvent.click(screen.getByRole('button', { name: 'Read the file by this' }))
    await waitFor(() => expect(sent()).toEqual([{ version: 3, dialect: { id: 'x' } }]))
  })

  it('lets nobody point who may not change it', async () => {
    show('', { may_change: false })
    await userEvent.click(await screen.findByRole('button', { name: 'Knurl' }))
    expect(screen.queryByRole('region', { name: 'What you pointed at' })).toBeNull()
  })

  it('goes through a long file in steps, and to the next line that was left', async () => {
    const { address } = show('', { line_count: 500, proof: { ...BROUGHT.proof, left: [{ line: 333, sentence: 'odd' }] } })
    await userEvent.click(await screen.findByRole('button', { name: 'Later' }))
    expect(address()).toContain('from=121')
    await userEvent.click(screen.getByRole('button', { name: /^A line that was not read/ }))
    expect(address()).toContain('from=330')
  })
})

describe('the contexts', () => {
  it('go into one another by dragging and by keys, and are stored together', async () => {
    show('contexts')
    const [, reelList, cueSheet] = within(await screen.findByRole('region', { name: 'Contexts' })).getAllByRole('listitem')
    if (reelList === undefined || cueSheet === undefined) throw new Error('The tree has three contexts.')
    const dragged = {
      id: '',
      setData: (_: string, id: string) => (dragged.id = id),
      getData: () => dragged.id,
    }
    fireEvent.dragStart(cueSheet, { dataTransfer: dragged })
    fireEvent.drop(reelList, { dataTransfer: dragged })
    expect(screen.getByRole('textbox', { name: 'Name of the context cue-sheet, inside Reel list' })).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Cue sheet: further out' }))
    screen.getByRole('textbox', { name: /cue-sheet, inside Everywhere/ }).focus()
    await userEvent.keyboard('{Alt>}{ArrowRight}{/Alt}')
    await userEvent.click(within(cueSheet).getByRole('checkbox', { name: 'takes text' }))
    await userEvent.click(screen.getByRole('button', { name: 'Keep the contexts so' }))
    await waitFor(() => expect(sent()).toHaveLength(1))
    expect((sent()[0] as { contexts: unknown[] }).contexts).toEqual([
      { id: 'everywhere', name: 'Everywhere' },
      { id: 'reel-list', name: 'Reel list', parent: 'everywhere', written: ['reel_list'] },
      { id: 'cue-sheet', name: 'Cue sheet', parent: 'reel-list', text_entry: true },
    ])
  })

  it('can be put back as they were before they are stored', async () => {
    show('contexts')
    fireEvent.change(await screen.findByRole('textbox', { name: /reel-list/ }), { target: { value: 'Rolls' } })
    await userEvent.click(screen.getByRole('button', { name: 'As they were' }))
    expect(screen.getByDisplayValue('Reel list')).toBeTruthy()
    expect(screen.getByRole('button', { name: 'The contexts are stored' })).toHaveProperty('disabled', true)
  })

  it('ask who wins with a chord of the file itself', async () => {
    show('contexts')
    const question = within(
      await screen.findByRole('group', { name: 'Reel list and Everywhere both have Ctrl-B, and Reel list has the focus: which one runs?' }),
    )
    await userEvent.click(question.getByRole('radio', { name: 'The one of Everywhere' }))
    await waitFor(() => expect(sent()).toEqual([{ version: 3, precedence: 'everywhere-first' }]))
  })
})

describe('the commands', () => {
  it('are changed in their row', async () => {
    show('commands')
    await userEvent.click(await screen.findByRole('button', { name: 'Split' }))
    await userEvent.clear(screen.getByLabelText('Name'))
    await userEvent.type(screen.getByLabelText('Name'), 'Cut')
    fireEvent.change(screen.getByLabelText('Menu path'), { target: { value: 'Edit > Cut' } })
    await userEvent.click(screen.getByLabelText('cannot be undone'))
    await userEvent.click(screen.getByRole('button', { name: 'Store' }))
    await waitFor(() => expect(sent()).toHaveLength(1))
    expect(sent()[0]).toEqual({
      version: 3,
      commands: [
        { do: 'change', id: 'split', name: 'Cut', menu: ['Edit', 'Cut'], tooltip: 'Cuts', context: 'reel-list', traits: ['destructive'] },
      ],
    })
  })

  it('are made one where two are marked', async () => {
    show('commands')
    await userEvent.click(await screen.findByRole('checkbox', { name: 'Mark Split' }))
    await userEvent.click(screen.getByRole('checkbox', { name: 'Mark Join' }))
    await userEvent.click(screen.getByRole('button', { name: '“Join” is “Split”: make them one' }))
    await waitFor(() => expect(sent()).toEqual([{ version: 3, commands: [{ do: 'merge', id: 'join', into: 'split' }] }]))
  })

  it('come from a table whose columns are pointed at, or from a plain list', async () => {
    show('commands')
    await userEvent.click(await screen.findByText(/^More commands/))
    const text = screen.getByLabelText(/^A list with one name/)
    fireEvent.change(text, { target: { value: 'title,path\nOpen,File > Open' } })
    await userEvent.selectOptions(screen.getByLabelText('“path” is'), 'the menu path')
    await userEvent.click(screen.getByRole('button', { name: /^Add what is new/ }))
    await waitFor(() => expect(sent()).toHaveLength(1))
    fireEvent.change(text, { target: { value: 'Open\nClose' } })
    await userEvent.click(screen.getByRole('button', { name: /^Add what is new/ }))
    await waitFor(() => expect(sent()).toHaveLength(2))
    expect(sent().map((one) => (one as { commands: unknown }).commands)).toEqual([
      [{ do: 'add', text: 'title,path\nOpen,File > Open', columns: ['name', 'menu'], has_header: true }],
      [{ do: 'add', text: 'Open\nClose' }],
    ])
  })

  it('say so where none is called so', async () => {
    show('commands', { commands: [], commands_matching: 0 })
    expect(await screen.findByText('No command is called so.')).toBeTruthy()
  })
})

describe('using it', () => {
  it('is proposed by an editor, with the matches that are sure', async () => {
    whenAsked('POST /house-applications/4/ready', { ...BROUGHT, state: 'proposed', version: 4 })
    show('finish')
    await userEvent.click(await screen.findByRole('button', { name: 'Take 1 match' }))
    await waitFor(() => expect(sent()).toEqual([{ version: 3, matches: [{ command: 'split', intent: 'split' }] }]))
    await userEvent.click(screen.getByRole('button', { name: 'Propose it to the keeper' }))
    expect(await screen.findByText(/The keeper is asked to confirm it/)).toBeTruthy()
  })

  it('waits for the proof', async () => {
    show('finish', { proof: { ...BROUGHT.proof, holds: false, same: false } })
    expect(await screen.findByRole('button', { name: 'Propose it to the keeper' })).toHaveProperty('disabled', true)
    expect(screen.getByText(/would not come out as it went in/)).toBeTruthy()
  })

  it('leads on when it is in use, and offers the keeper to put it away', async () => {
    whenAsked('POST /house-applications/4/put-away', { ...BROUGHT, state: 'put-away', version: 4 })
    show('finish', { state: 'in-use', may_confirm: true })
    expect((await screen.findByRole('link', { name: 'Remap Lanternfish' })).getAttribute('href')).toBe('/remap/lanternfish')
    await userEvent.click(screen.getByRole('button', { name: /^Put it away/ }))
    expect(await screen.findByText(/^put away/)).toBeTruthy()
  })

  it('throws a draft away and goes back to the list', async () => {
    whenAsked('DELETE /house-applications/4', () => new Response(null, { status: 204 }))
    show('finish')
    await userEvent.click(await screen.findByRole('button', { name: 'Throw the draft away' }))
    expect(await screen.findByText('all of them')).toBeTruthy()
  })
})

describe('a newer version', () => {
  const NEWER: Schema['NewerVersion'] = {
    stayed: 10,
    gone: [{ id: 'lock', name: 'Lock' }],
    new: ['seal_up'],
    renamed: [{ id: 'join', name: 'Join', word: 'join_two' }],
    chords_removed: [],
    chords_added: [],
    keymaps: [{ id: 1, name: 'Mine', of: 'picture editor', all: 12, stay: 10, renamed: 1, gone: 1 }],
    suites: ['Dunlin'],
  }

  it('tells what it changes where before anything changes, and takes a no to a likeness', async () => {
    whenAsked('POST /house-applications/4/version-previews', NEWER)
    whenAsked('POST /house-applications/4/versions', { ...BROUGHT, state: 'in-use', has_earlier: true, version: 4 })
    show('newer', { state: 'in-use' })
    await userEvent.upload(await screen.findByLabelText('Its newer key file'), new File(['x'], 'newer.conf'))
    expect((await screen.findByRole('row', { name: /Mine, picture editor/ })).textContent).toBe('Mine, picture editor121011')
    expect(screen.getByText(/Suites that have it: Dunlin/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'No, it is another command' }))
    await waitFor(() => expect(askedFor('POST /house-applications/4/version-previews')).toHaveLength(2))
    expect(askedFor('POST /house-applications/4/versions')).toEqual([])
    await userEvent.click(screen.getByRole('button', { name: 'Take it in' }))
    expect(await screen.findByRole('button', { name: /^Back to the version before/ })).toBeTruthy()
  })
})
