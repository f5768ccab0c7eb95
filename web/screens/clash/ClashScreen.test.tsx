import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { renderAt } from '../../tests/page'
import { APPLICATIONS, binding, chordOf, NO_CONSEQUENCES } from '../../tests/samples'
import { askedFor, problem, whenAsked } from '../../tests/server'
import { ClashScreen } from './ClashScreen'

const DOUBLE: Schema['Clash'] = {
  id: 'double-1',
  kind: 'double',
  title: 'Double',
  grade: 'fault',
  sentence: 'Timeline gives D to Lift and Dissolve.',
  bindings: [binding('KeyD', 'lift', 'timeline'), binding('KeyD', 'dissolve', 'timeline')],
  losing: [],
}
const SHADOW: Schema['Clash'] = {
  ...DOUBLE,
  id: 'shadow-1',
  kind: 'shadow',
  title: 'Shadow',
  grade: 'warning',
  sentence: 'Trim hides Nudge.',
}
const CLASHES = 'GET /applications/cutloom/clashes'

function show(clashes: Schema['Clash'][], { at = '', accepted = {} }: { at?: string; accepted?: Schema['Clashes']['accepted'] } = {}) {
  whenAsked('GET /applications', APPLICATIONS)
  whenAsked(CLASHES, { keymap: 'Mine', clashes, accepted })
  return renderAt(`/clashes/cutloom${at}`, <ClashScreen />, {}, '/clashes/:application')
}

describe('the docket', () => {
  it('counts faults, warnings and what is accepted', async () => {
    show([DOUBLE, SHADOW, { ...SHADOW, id: 'shadow-2' }], {
      accepted: { 'shadow-2': { reason: 'on purpose', since: '2026-03-02T10:00:00Z' } },
    })
    expect((await screen.findByText(/^Keymap/)).textContent).toContain('Mine: 1 fault, 1 warning, 1 accepted.')
    expect(within(screen.getByRole('list', { name: /Clashes of the keymap/ })).getAllByRole('button')).toHaveLength(2)
    expect(within(screen.getByRole('region', { name: 'Accepted' })).getByText('Accepted: on purpose')).toBeTruthy()
  })

  it('says that there is no clash where there is none, and offers nothing to settle', async () => {
    show([])
    expect(await screen.findByText('The keymap Mine has no clash.')).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Settle all' })).toBeNull()
  })

  it('is not said to be empty where it did not come', async () => {
    whenAsked('GET /applications', APPLICATIONS)
    whenAsked(CLASHES, () => problem(404, { detail: 'There is no application "cutloom".', remedy: 'Choose one.' }))
    renderAt('/clashes/cutloom', <ClashScreen />, {}, '/clashes/:application')
    expect((await screen.findByRole('alert')).textContent).toContain('There is no application')
    expect(screen.queryByText(/has no clash/)).toBeNull()
  })

  it('asks for parallels when one wants to see them, and one can go back', async () => {
    const { router, address } = show([SHADOW])
    await userEvent.click(await screen.findByLabelText(/show parallels/))
    expect(address()).toBe('/clashes/cutloom?parallels=1')
    await waitFor(() => {
      expect(askedFor(CLASHES).map(({ query }) => query.get('parallels'))).toContain('1')
    })
    await router.navigate(-1)
    expect(address()).toBe('/clashes/cutloom')
  })

  it('has tabs for the applications, the shown one marked', async () => {
    show([SHADOW])
    expect((await screen.findByRole('link', { name: 'Cutloom' })).getAttribute('aria-current')).toBe('page')
    expect(screen.getByRole('link', { name: 'Faderloft' }).getAttribute('href')).toBe('/clashes/faderloft')
  })
})

describe('a clash', () => {
  const REMEDY: Schema['Remedy'] = {
    title: 'Move Lift to F',
    change: { removed: [], added: [] },
    consequences: { ...NO_CONSEQUENCES, settled: [DOUBLE] },
  }
  const ACCEPTANCE = '/applications/cutloom/clashes/double-1/acceptance'

  it('shows the ways out when it is chosen, and that is an entry of the history', async () => {
    whenAsked('GET /applications/cutloom/clashes/double-1', { clash: DOUBLE, remedies: [REMEDY] })
    const { address } = show([DOUBLE])
    await userEvent.click(await screen.findByRole('button', { name: /Timeline gives D/ }))
    expect(await screen.findByRole('button', { name: 'Move Lift to F' })).toBeTruthy()
    expect(screen.getByText('Settles this clash.')).toBeTruthy()
    expect(address()).toBe('/clashes/cutloom?clash=double-1')
  })

  it('that nothing settles is said to be so', async () => {
    whenAsked('GET /applications/cutloom/clashes/double-1', { clash: DOUBLE, remedies: [] })
    show([DOUBLE], { at: '?clash=double-1' })
    expect(await screen.findByText('Nothing in this keymap would settle it.')).toBeTruthy()
  })

  it('is accepted with a reason, and not without one', async () => {
    whenAsked('GET /applications/cutloom/clashes/double-1', { clash: DOUBLE, remedies: [] })
    whenAsked(`PUT ${ACCEPTANCE}`, {})
    show([DOUBLE], { at: '?clash=double-1' })
    const accept = await screen.findByRole<HTMLButtonElement>('button', { name: 'Accept it' })
    expect(accept.disabled).toBe(true)
    await userEvent.type(screen.getByLabelText(/because/), '  until Friday ')
    await userEvent.click(accept)
    await waitFor(() => {
      expect(askedFor(`PUT ${ACCEPTANCE}`).map(({ body }) => body)).toEqual([{ reason: 'until Friday' }])
    })
  })

  it('that is accepted can count again', async () => {
    whenAsked('GET /applications/cutloom/clashes/double-1', { clash: DOUBLE, remedies: [] })
    whenAsked(`DELETE ${ACCEPTANCE}`, {})
    show([DOUBLE], { at: '?clash=double-1', accepted: { 'double-1': { reason: 'on purpose', since: '2026-03-02T10:00:00Z' } } })
    await userEvent.click(await screen.findByRole('button', { name: 'Let it count again' }))
    await waitFor(() => {
      expect(askedFor(`DELETE ${ACCEPTANCE}`)).toHaveLength(1)
    })
  })
})

describe('settling all faults', () => {
  const repair = (id: string): Schema['Repair'] => ({
    id,
    chord: chordOf('KeyD'),
    steps: [`${id} loses the chord`],
    cost: 1,
    change: { removed: [{ chord: 'KeyD', command: id, context: 'timeline', gesture: 'tap' }], added: [] },
    consequences: NO_CONSEQUENCES,
  })
  const SETTLEMENT = {
    repairs: [repair('lift'), repair('stop')],
    cost: 2,
    bound: 2,
    is_cheapest: true,
    sentence: 'No other set costs less.',
  }

  it('makes the repairs that are left, as one change under one name', async () => {
    whenAsked('GET /applications/cutloom/settlement', SETTLEMENT)
    show([DOUBLE], { at: '?settle=1' })
    expect(await screen.findByRole('button', { name: 'Make all 2 repairs' })).toBeTruthy()
    await userEvent.click(screen.getByLabelText(/stop loses the chord/))
    expect(screen.getByRole('button', { name: 'Make 1 of 2 repairs' })).toBeTruthy()
  })

  it('makes nothing where every repair is left out', async () => {
    whenAsked('GET /applications/cutloom/settlement', SETTLEMENT)
    show([DOUBLE], { at: '?settle=1' })
    for (const box of await screen.findAllByLabelText(/loses the chord/)) await userEvent.click(box)
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Make 0 of 2 repairs' }).disabled).toBe(true)
  })
})
