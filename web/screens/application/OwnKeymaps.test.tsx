import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { renderAt } from '../../tests/page'
import { asked, askedFor, problem, whenAsked } from '../../tests/server'
import { OwnKeymaps } from './OwnKeymaps'

const DESK: Schema['KeymapBrief'] = {
  id: 1,
  application: 'cutloom',
  name: 'Desk',
  tags: ['mac'],
  version: 4,
  unsaved: 2,
  in_use: true,
  bindings: 97,
  follows: null,
  updated_at: '2026-03-02T10:00:00Z',
}
const ROAD: Schema['KeymapBrief'] = { ...DESK, id: 2, name: 'Road', tags: [], unsaved: 0, in_use: false, follows: 'Desk' }
const ELSEWHERE: Schema['KeymapBrief'] = { ...DESK, id: 3, application: 'faderloft', name: 'Mix' }

function show(keymaps: Schema['KeymapBrief'][] = [DESK, ROAD, ELSEWHERE], deleted: object[] = []) {
  whenAsked('GET /keymaps', { kit: 'Mine', keymaps, deleted })
  renderAt('/applications/cutloom', <OwnKeymaps application="cutloom" />)
}

const item = async (name: string) =>
  within(await screen.findByText(name, { selector: 'strong' }).then((found) => found.closest('li') ?? found))

describe('deleting a keymap', () => {
  it('asks first, and says for how long it can be restored', async () => {
    whenAsked('DELETE /keymaps/2', {})
    show()
    await userEvent.click(await screen.findByRole('button', { name: 'delete Road' }))
    expect(screen.getByText(/Delete Road\? It can be restored for 30 days/)).toBeTruthy()
    expect(askedFor('DELETE /keymaps/2')).toHaveLength(0)
    await userEvent.click(screen.getByRole('button', { name: 'Delete it' }))
    await waitFor(() => {
      expect(askedFor('DELETE /keymaps/2')).toHaveLength(1)
    })
  })
})

describe('copying a keymap', () => {
  it('asks for a name, and does not put the copy into use', async () => {
    const COPIES = 'POST /applications/cutloom/keymaps'
    whenAsked(COPIES, {})
    show()
    await userEvent.click(await screen.findByRole('button', { name: 'copy Road' }))
    const name = screen.getByLabelText('Name of the new keymap')
    await userEvent.clear(name)
    await userEvent.type(name, 'Night')
    await userEvent.click(screen.getByRole('button', { name: 'Make it' }))
    await waitFor(() => {
      expect(askedFor(COPIES).map(({ body }) => body)).toEqual([{ name: 'Night', copy_of: 2 }])
    })
  })
})

describe('the keymaps of an application', () => {
  it('are those of this application, with what each is', async () => {
    show()
    const desk = await item('Desk')
    expect(desk.getByText('in use')).toBeTruthy()
    expect(desk.getByText(/97 bindings, 2 changed since its last save/)).toBeTruthy()
    expect((await item('Road')).getByText(/follows Desk/)).toBeTruthy()
    expect(screen.queryByText('Mix')).toBeNull()
  })

  it('say that the factory keymap is in use where no other is', async () => {
    show([ROAD])
    expect((await item('Factory')).getByText('in use')).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'use the factory keymap' })).toBeNull()
  })

  it.each([
    ['use Road', 'POST /keymaps/2/use'],
    ['use the factory keymap', 'POST /applications/cutloom/use-factory'],
  ])('%s with one click', async (name, route) => {
    whenAsked(route, {})
    show()
    await userEvent.click(await screen.findByRole('button', { name }))
    await waitFor(() => {
      expect(askedFor(route)).toHaveLength(1)
    })
  })

  it('are asked for again when one was switched', async () => {
    whenAsked('POST /keymaps/2/use', {})
    show()
    await userEvent.click(await screen.findByRole('button', { name: 'use Road' }))
    await waitFor(() => {
      expect(askedFor('GET /keymaps').length).toBeGreaterThan(1)
    })
  })

  it('that were deleted can be restored', async () => {
    whenAsked('POST /keymaps/9/restore', {})
    show(
      [DESK],
      [
        { id: 9, application: 'cutloom', name: 'Old' },
        { id: 10, application: 'faderloft', name: 'Older' },
      ],
    )
    await userEvent.click(await screen.findByRole('button', { name: 'restore Old' }))
    await waitFor(() => {
      expect(asked.map(({ route }) => route)).toContain('POST /keymaps/9/restore')
    })
    expect(screen.queryByText(/Older/)).toBeNull()
  })
})

describe('name and tags', () => {
  it('are saved together, tags without blanks and empty ones', async () => {
    whenAsked('PATCH /keymaps/1', {})
    show()
    await userEvent.click(await screen.findByRole('button', { name: 'name and tags of Desk' }))
    const tags = screen.getByLabelText(/Tags/)
    expect(tags.getAttribute('value')).toBe('mac')
    await userEvent.clear(tags)
    await userEvent.type(tags, ' desk, , night ')
    await userEvent.click(screen.getByRole('button', { name: 'Save these' }))
    await waitFor(() => {
      expect(screen.queryByLabelText(/Tags/)).toBeNull()
    })
    expect(askedFor('PATCH /keymaps/1').map(({ body }) => body)).toEqual([{ name: 'Desk', tags: ['desk', 'night'] }])
  })

  it('stay open where the name is taken, which is said', async () => {
    whenAsked('PATCH /keymaps/1', () => problem(422, { detail: 'Cutloom has a keymap "Road" already.', remedy: 'Choose another name.' }))
    show()
    await userEvent.click(await screen.findByRole('button', { name: 'name and tags of Desk' }))
    await userEvent.click(screen.getByRole('button', { name: 'Save these' }))
    expect((await screen.findByRole('alert')).textContent).toContain('Cutloom has a keymap "Road" already.')
    expect(screen.getByLabelText(/Tags/)).toBeTruthy()
  })

  it('are of one keymap at a time', async () => {
    show()
    await userEvent.click(await screen.findByRole('button', { name: 'name and tags of Desk' }))
    await userEvent.click(screen.getByRole('button', { name: 'name and tags of Road' }))
    expect(screen.getAllByLabelText(/Tags/)).toHaveLength(1)
    expect(screen.getByLabelText(/^Name/).getAttribute('value')).toBe('Road')
  })
})
