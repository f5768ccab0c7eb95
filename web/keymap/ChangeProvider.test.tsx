import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { later } from '../tests/later'
import { WithChanges } from '../tests/changes'
import { renderAt } from '../tests/page'
import { askedFor, json, problem, whenAsked } from '../tests/server'
import { ChangeButton } from './ChangeButton'

const CHANGE = { removed: [], added: [{ chord: 'F6', command: 'lift', context: 'timeline', gesture: 'tap' as const }] }
const WANTED = { application: 'cutloom', title: 'Lift: Add F6', change: CHANGE }
const MINE = { id: 7, version: 3, name: 'Mine', undo: null, came_of_it: null, application: { id: 'cutloom', name: 'Cutloom' } }
const CURRENT = 'GET /applications/cutloom/keymap'
const CHANGES = 'POST /keymaps/7/changes'

function show() {
  return renderAt(
    '/remap/cutloom',
    <WithChanges>
      <ChangeButton wanted={WANTED}>Add F6</ChangeButton>
      <ChangeButton wanted={WANTED} look="quiet" isDisabled>
        not now
      </ChangeButton>
    </WithChanges>,
    {},
    '/:screen/cutloom',
  )
}

const add = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Add F6', hidden: true })

describe('a change of one of my keymaps', () => {
  it('is sent on the version that the page shows, and told', async () => {
    whenAsked(CURRENT, MINE)
    whenAsked(CHANGES, { ...MINE, version: 4, undo: WANTED.title })
    show()
    await userEvent.click(add())
    expect(await screen.findByText('Lift: Add F6.')).toBeTruthy()
    expect(askedFor(CHANGES).map(({ body }) => body)).toEqual([
      { version: 3, title: 'Lift: Add F6', change: CHANGE, despite_clashes: false },
    ])
  })

  it('is made once for a double click, and no other can be begun until it is made', async () => {
    const answer = later<Response>()
    whenAsked(CURRENT, MINE)
    whenAsked(CHANGES, () => answer.promise)
    show()
    await userEvent.dblClick(add())
    await waitFor(() => {
      expect(add().disabled).toBe(true)
    })
    answer.come(json({ ...MINE, version: 4, undo: WANTED.title }))
    await screen.findByText('Lift: Add F6.')
    await waitFor(() => {
      expect(add().disabled).toBe(false)
    })
    expect(askedFor(CHANGES)).toHaveLength(1)
  })

  it('is undone from the message that tells of it', async () => {
    whenAsked(CURRENT, MINE)
    whenAsked(CHANGES, { ...MINE, version: 4, undo: WANTED.title })
    whenAsked('POST /keymaps/7/undo', { ...MINE, version: 5 })
    show()
    await userEvent.click(add())
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }))
    expect(await screen.findByText('Undone: Lift: Add F6.')).toBeTruthy()
    expect(askedFor('POST /keymaps/7/undo').map(({ body }) => body)).toEqual([{ version: 4, despite_clashes: false }])
  })

  it('that is refused says why and what to do, and asks for no name', async () => {
    whenAsked(CURRENT, MINE)
    whenAsked(CHANGES, () => problem(422, { detail: 'There is no command "lift".', remedy: 'Choose another.' }))
    show()
    await userEvent.click(add())
    expect((await screen.findByRole('alert')).textContent).toContain('There is no command "lift".')
    expect(screen.getByRole('alert').textContent).toContain('Choose another.')
    expect(screen.queryByRole('dialog')).toBeNull()
  })

  it('is not sent where the keymap did not come', async () => {
    show()
    await userEvent.click(add())
    expect((await screen.findByRole('alert')).textContent).toContain('The server does not answer.')
    expect(askedFor(CHANGES)).toEqual([])
  })
})

const CONSEQUENCES = { raised: [], settled: [], relearning: [], raises_fault: false }
const FAULT = {
  ...CONSEQUENCES,
  raised: [{ id: 'double-1', kind: 'double', title: 'Double', grade: 'fault', sentence: 'Timeline gives F6 to Lift and Split.' }],
  raises_fault: true,
}
const raisesFault = () => problem(409, { kind: 'raises-clash', detail: 'This brings a clash.', consequences: FAULT })

describe('a change, or a way back, from which a fault would come', () => {
  it('is shown before it is made, and made when one says so', async () => {
    let times = 0
    whenAsked(CURRENT, MINE)
    whenAsked(CHANGES, () => (times++ === 0 ? raisesFault() : json({ ...MINE, version: 4, undo: WANTED.title })))
    show()
    await userEvent.click(add())
    expect(await screen.findByText('Timeline gives F6 to Lift and Split.')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Go on, with the fault' }))
    expect(await screen.findByText('Lift: Add F6.')).toBeTruthy()
    expect(askedFor(CHANGES).map(({ body }) => body)).toEqual([
      { version: 3, title: 'Lift: Add F6', change: CHANGE, despite_clashes: false },
      { version: 3, title: 'Lift: Add F6', change: CHANGE, despite_clashes: true },
    ])
  })

  it('is not made when one leaves it', async () => {
    whenAsked(CURRENT, MINE)
    whenAsked(CHANGES, { ...MINE, version: 4, undo: WANTED.title })
    whenAsked('POST /keymaps/7/undo', raisesFault)
    show()
    await userEvent.click(add())
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }))
    await userEvent.click(await screen.findByRole('button', { name: 'Cancel, leave it as it is' }))
    await waitFor(() => {
      expect(screen.queryByRole('dialog')).toBeNull()
    })
    expect(askedFor('POST /keymaps/7/undo')).toHaveLength(1)
  })
})

describe('the message of a change', () => {
  const made = async () => {
    whenAsked(CURRENT, MINE)
    whenAsked(CHANGES, { ...MINE, version: 4, undo: WANTED.title })
    const page = show()
    await userEvent.click(add())
    await screen.findByText('Lift: Add F6.')
    return page
  }

  it('leaves with the page', async () => {
    const { router } = await made()
    await router.navigate('/clashes/cutloom')
    await waitFor(() => {
      expect(screen.queryByText('Lift: Add F6.')).toBeNull()
    })
  })

  it('offers no undo any more once the keymap has gone on', async () => {
    const { client } = await made()
    expect(screen.getByRole('button', { name: 'Undo' })).toBeTruthy()
    whenAsked(CURRENT, { ...MINE, version: 5 })
    await client.invalidateQueries()
    await waitFor(() => {
      expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull()
    })
    expect(screen.getByText('Lift: Add F6.')).toBeTruthy()
  })
})

describe('a change of the factory keymap', () => {
  const COPIES = 'POST /applications/cutloom/keymaps'

  it('asks for the name of a copy, and makes the copy with the change in it', async () => {
    whenAsked(CURRENT, { ...MINE, id: null, name: 'Factory' })
    whenAsked(COPIES, { ...MINE, version: 2, undo: WANTED.title })
    show()
    await userEvent.click(add())
    await userEvent.clear(await screen.findByLabelText('Name of the keymap'))
    await userEvent.type(await screen.findByLabelText('Name of the keymap'), 'Night trains')
    await userEvent.click(screen.getByRole('button', { name: 'Make the copy with this change' }))
    expect(await screen.findByText('Lift: Add F6.')).toBeTruthy()
    expect(askedFor(COPIES).map(({ body }) => body)).toEqual([
      { name: 'Night trains', title: 'Lift: Add F6', change: CHANGE, despite_clashes: false },
    ])
    await waitFor(() => {
      expect(screen.queryByRole('dialog')).toBeNull()
    })
  })

  it('stays in the dialog where the name is taken', async () => {
    whenAsked(CURRENT, { ...MINE, id: null, name: 'Factory' })
    whenAsked(COPIES, () =>
      problem(422, { kind: 'name-taken', detail: 'There is a keymap "Mine" already.', remedy: 'Choose another name.' }),
    )
    show()
    await userEvent.click(add())
    await userEvent.clear(await screen.findByLabelText('Name of the keymap'))
    await userEvent.type(await screen.findByLabelText('Name of the keymap'), 'Mine')
    await userEvent.click(screen.getByRole('button', { name: 'Make the copy with this change' }))
    expect((await screen.findByRole('alert')).textContent).toContain('There is a keymap "Mine" already.')
    expect(screen.getByLabelText<HTMLInputElement>('Name of the keymap').value).toBe('Mine')
  })
})

describe('a change of a keymap that somebody else has changed since', () => {
  const stale = (possible: boolean) => () =>
    problem(409, {
      kind: 'stale-keymap',
      detail: 'The keymap has changed.',
      merge: {
        version: 9,
        since: ['Split: Use V'],
        possible,
        consequences: possible ? CONSEQUENCES : null,
        conflicts: possible ? [] : [{ chord: 'F6', command: 'lift', context: 'timeline', gesture: 'tap' }],
      },
    })

  it('shows by what, and is made on top when one says so', async () => {
    let times = 0
    whenAsked(CURRENT, MINE)
    whenAsked(CHANGES, () => (times++ === 0 ? stale(true)() : json({ ...MINE, version: 10, undo: WANTED.title })))
    show()
    await userEvent.click(add())
    expect(await screen.findByText('Split: Use V')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Make it on top' }))
    expect(await screen.findByText('Lift: Add F6.')).toBeTruthy()
    expect(askedFor(CHANGES).map(({ body }) => body)).toEqual([
      { version: 3, title: 'Lift: Add F6', change: CHANGE, despite_clashes: false },
      { version: 9, title: 'Lift: Add F6', change: CHANGE, despite_clashes: false },
    ])
  })

  it('cannot be made on top where it does not fit any more, and says what is in the way', async () => {
    whenAsked(CURRENT, MINE)
    whenAsked(CHANGES, stale(false))
    show()
    await userEvent.click(add())
    expect(await screen.findByText(/F6 for lift/)).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Make it on top' })).toBeNull()
    await userEvent.click(screen.getByRole('button', { name: 'Load it again without my change' }))
    await waitFor(() => {
      expect(screen.queryByRole('dialog')).toBeNull()
    })
    expect(askedFor(CHANGES)).toHaveLength(1)
  })
})

describe('a button for a change', () => {
  it('can be off by itself', () => {
    show()
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'not now' }).disabled).toBe(true)
    expect(add().disabled).toBe(false)
  })
})
