import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { renderAt } from '../../tests/page'
import { binding, CUTLOOM } from '../../tests/samples'
import { askedFor, problem, whenAsked } from '../../tests/server'
import { WithChanges } from '../../tests/changes'
import { ChangesScreen } from './ChangesScreen'

const Page = () => (
  <WithChanges>
    <ChangesScreen />
  </WithChanges>
)

const MINE = { id: 7, version: 3, name: 'Mine', application: CUTLOOM, came_of_it: null }
const REVERT = 'POST /keymaps/7/revert'

const difference = (command: string, context: string): Schema['CommandDifference'] => ({
  command: { id: command, name: command, known: true },
  context: { id: context, name: context },
  before: [],
  after: [binding('F6', command, context)],
})

function show(
  differences: Schema['CommandDifference'][],
  { at = '', against = 'the last save', id = 7 }: { at?: string; against?: string; id?: number | null } = {},
) {
  whenAsked('GET /applications/cutloom/keymap', { ...MINE, id })
  whenAsked('GET /keymaps', {
    kit: 'Kit',
    deleted: [],
    keymaps: [
      { id: 7, application: 'cutloom', name: 'Mine' },
      { id: 8, application: 'cutloom', name: 'Road' },
      { id: 9, application: 'faderloft', name: 'Mix' },
    ],
  })
  whenAsked('GET /keymaps/7/comparison', { with: against, differences })
  return renderAt(`/remap/cutloom/changes${at}`, <Page />, {}, '/remap/:application/changes')
}

describe('what was changed', () => {
  it('is against the last save, until one compares with something else', async () => {
    const { router, address } = show([difference('lift', 'timeline')])
    await screen.findByRole('row', { name: /^lift/ })
    expect(askedFor('GET /keymaps/7/comparison').map(({ query }) => query.get('with'))).toEqual(['saved'])
    await userEvent.selectOptions(screen.getByLabelText('Compare with'), 'factory')
    expect(address()).toBe('/remap/cutloom/changes?with=factory')
    await router.navigate(-1)
    expect(address()).toBe('/remap/cutloom/changes')
  })

  it('can be compared with the other keymaps of the application, and no other', async () => {
    show([difference('lift', 'timeline')])
    await screen.findByRole('option', { name: 'Road' })
    expect(
      within(screen.getByLabelText('Compare with'))
        .getAllByRole('option')
        .map(({ textContent }) => textContent),
    ).toEqual(['its last save', 'the factory keymap', 'Road'])
  })

  it('is said to be nothing where nothing differs', async () => {
    show([])
    expect(await screen.findByText('Nothing differs from the last save.')).toBeTruthy()
    expect(screen.queryByRole('button', { name: /^Revert/ })).toBeNull()
  })

  it('is nothing that there could be while the factory keymap is in use', async () => {
    show([], { id: null })
    expect(await screen.findByText('The factory keymap is in use; it never changes.')).toBeTruthy()
    expect(askedFor('GET /keymaps/7/comparison')).toEqual([])
  })
})

describe('reverting', () => {
  it.each([
    ['', 'Revert everything to the last save', { to: 'saved' }],
    ['?context=timeline', 'Revert this context to the last save', { to: 'saved', context: 'timeline' }],
  ])('goes back with all that is shown, on the version that is shown: %s', async (at, name, wanted) => {
    whenAsked(REVERT, MINE)
    show([difference('lift', 'timeline'), difference('wait', 'bin')], { at })
    await userEvent.click(await screen.findByRole('button', { name }))
    await waitFor(() => {
      expect(askedFor(REVERT).map(({ body }) => body)).toEqual([{ version: 3, despite_clashes: false, ...wanted }])
    })
  })

  it('goes back with one command in its context alone', async () => {
    whenAsked(REVERT, MINE)
    show([difference('lift', 'timeline'), difference('wait', 'bin')], { at: '?with=factory', against: 'the factory keymap' })
    await userEvent.click(await screen.findByRole('button', { name: 'revert wait' }))
    await waitFor(() => {
      expect(askedFor(REVERT).map(({ body }) => body)).toEqual([
        { version: 3, despite_clashes: false, to: 'factory', context: 'bin', command: 'wait' },
      ])
    })
  })

  it('leads to no keymap of another name', async () => {
    show([difference('lift', 'timeline')], { at: '?with=8', against: 'Road' })
    await screen.findByRole('row', { name: /^lift/ })
    expect(screen.queryByRole('button', { name: /^[Rr]evert/ })).toBeNull()
  })

  it('that is stale says so, and the list is asked for again', async () => {
    whenAsked(REVERT, () =>
      problem(409, { kind: 'stale-keymap', detail: 'The keymap has changed in the meantime.', remedy: 'Look again.' }),
    )
    show([difference('lift', 'timeline')])
    await userEvent.click(await screen.findByRole('button', { name: /^Revert everything/ }))
    expect((await screen.findByRole('alert')).textContent).toContain('has changed in the meantime')
    expect(askedFor('GET /keymaps/7/comparison').length).toBeGreaterThan(1)
  })
})
