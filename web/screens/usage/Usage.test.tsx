import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { renderAt } from '../../tests/page'
import { chordOf, CUTLOOM } from '../../tests/samples'
import { askedFor, problem, whenAsked } from '../../tests/server'
import { Usage } from './Usage'

const used = (command: string, byKey: number, byMouse: number, chord: string | null = 'KeyX'): Schema['UsedCommand'] => ({
  application: CUTLOOM,
  command: { id: command, name: command, known: true },
  by_key: byKey,
  by_mouse: byMouse,
  chords: chord === null ? [] : [chordOf(chord)],
})

const SOURCE: Schema['UsageSource'] = { id: 7, name: 'picture.csv', is_sitting: false, first: '2026-03-02', last: '2026-03-27', uses: 900 }

function show(uses: Schema['UsedCommand'][], sources: Schema['UsageSource'][] = [SOURCE], unknown: Schema['UnknownUse'][] = []) {
  whenAsked('GET /usage', { days: 20, sources, uses, unknown })
  return renderAt('/learn/usage', <Usage />)
}

const commands = async () =>
  within(await screen.findByRole('table', { name: 'Commands' }))
    .getAllByRole('row')
    .slice(1)
    .map((row) => within(row).getByRole('link').textContent)

describe('usage', () => {
  it('says by what intents count while there is no log', async () => {
    show([], [])
    expect(await screen.findByText(/There is no usage log yet/)).toBeTruthy()
    expect(screen.queryByRole('table')).toBeNull()
    expect(screen.queryByRole('button', { name: /^Forget/ })).toBeNull()
  })

  it('lists the most used first, as the server does', async () => {
    show([used('play', 90, 2), used('lift', 40, 60), used('undo', 30, 0)])
    expect(await commands()).toEqual(['play', 'lift', 'undo'])
  })

  it('lists what is done by mouse though there is a chord, by how often that is', async () => {
    const { address } = show([used('play', 90, 2), used('consolidate', 0, 80, null), used('lift', 40, 60), used('undo', 30, 0)])
    await userEvent.click(await screen.findByRole('button', { name: /done by mouse/ }))
    expect(await commands()).toEqual(['lift', 'play'])
    expect(address()).toBe('/learn/usage?only=mouse')
  })

  it('shows forty, and all when they are asked for', async () => {
    show(Array.from({ length: 45 }, (_, index) => used(`command ${index}`, 100 - index, 0)))
    expect(await commands()).toHaveLength(40)
    await userEvent.click(screen.getByRole('button', { name: 'Show all 45' }))
    expect(await commands()).toHaveLength(45)
    expect(screen.queryByRole('button', { name: /Show all/ })).toBeNull()
  })

  it('leads from a command to changing it', async () => {
    show([used('split at', 1, 0)])
    expect((await screen.findByRole('link', { name: 'split at' })).getAttribute('href')).toBe('/remap/cutloom?command=split%20at')
  })
})

describe('a usage log', () => {
  const empty = { days: 0, sources: [], uses: [], unknown: [] }

  it('is forgotten by itself when one says so', async () => {
    whenAsked('DELETE /usage/7', empty)
    show([used('lift', 1, 1)])
    await userEvent.click(await screen.findByRole('button', { name: 'Forget it picture.csv' }))
    expect(askedFor('DELETE /usage/7')).toHaveLength(1)
  })

  it('all of it is forgotten only when one is sure', async () => {
    whenAsked('DELETE /usage', empty)
    show([used('lift', 1, 1)])
    await userEvent.click(await screen.findByRole('button', { name: 'Forget all of it' }))
    expect(askedFor('DELETE /usage')).toHaveLength(0)
    await userEvent.click(screen.getByRole('button', { name: 'Yes, forget all of it' }))
    expect(askedFor('DELETE /usage')).toHaveLength(1)
  })

  it('tells which commands nobody knows, and where an application is missing', async () => {
    const unknown = [
      { application: CUTLOOM, is_application_known: true, command: 'warp', uses: 3 },
      { application: { id: 'lanternfish', name: 'lanternfish' }, is_application_known: false, command: 'glow', uses: 1 },
    ]
    show([], [SOURCE], unknown)
    await userEvent.click(await screen.findByText('2 commands in your log are not known here'))
    expect(screen.getByText(/its catalogue has no such command/)).toBeTruthy()
    expect(screen.getByRole('link', { name: 'Bring it' }).getAttribute('href')).toBe('/applications')
  })

  it('that is none is told, and the one before stays', async () => {
    whenAsked('DELETE /usage/7', () =>
      problem(422, { detail: 'This is no usage log.', remedy: 'Begin with day, application.', where: 'line 1' }),
    )
    show([used('lift', 1, 1)])
    await userEvent.click(await screen.findByRole('button', { name: 'Forget it picture.csv' }))
    expect((await screen.findByRole('alert')).textContent).toContain('This is no usage log. (line 1)')
    expect(screen.getByRole('cell', { name: 'picture.csv' })).toBeTruthy()
  })
})
