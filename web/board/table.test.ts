import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  allContexts,
  contextIndex,
  elsewhereOf,
  holdOf,
  ladderOf,
  layerId,
  pressId,
  pressOf,
  splitPress,
  useOf,
  usesOf,
  type BoardKey,
  type TableApplication,
} from './table'

/** Everywhere, Desk and Note; K saws everywhere but planes on the desk, where holding it glues; G glues on the desk alone. */
const WORKSHOP = {
  id: 'workshop',
  name: 'Workshop',
  contexts: [
    { id: 'everywhere', name: 'Everywhere', depth: 0, takes_text: false },
    { id: 'desk', name: 'Desk', depth: 1, takes_text: false },
    { id: 'note', name: 'Note', depth: 1, takes_text: true },
  ],
  commands: [
    { id: 'saw', name: 'Saw' },
    { id: 'plane', name: 'Plane' },
    { id: 'glue', name: 'Glue' },
  ],
  reasons: ['', 'Desk is asked first.', 'Note takes text.'],
  rungs: [
    { context: 0, command: 0, verdict: 'wins', reason: 0 },
    { context: 1, command: 1, verdict: 'wins', reason: 0 },
    { context: 0, command: 0, verdict: 'beaten', reason: 1 },
    { context: 1, command: 2, verdict: 'wins', reason: 0 },
    { context: -1, command: -1, verdict: 'unbound', reason: 2 },
  ],
  ladders: [[], [0], [1, 2], [3], [4]],
  idle: [0, 0, 4],
  presses: { KeyK: [1, 2, 4], KeyG: [0, 3, 0], 'Shift+KeyK': [1, 1, 1] },
  holds: { KeyK: [undefined, 3] },
  uses: [
    ['20', '2-'],
    ['22', '2-'],
    ['10', '2-'],
    ['11', '2-'],
  ],
} as unknown as TableApplication

describe('a press', () => {
  it('is a layer and a key, whatever order the modifiers were held in', () => {
    expect(layerId(['Shift', 'Control'])).toBe('Control+Shift')
    expect(pressId(layerId(['Meta', 'AltGraph']), 'KeyE')).toBe('AltGraph+Meta+KeyE')
    expect(splitPress('Shift+Control+KeyB')).toEqual({ layer: 'Control+Shift', key: 'KeyB' })
  })

  it('is split again into the layer that was held and the key, in whatever order and number', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(['Control', 'Alt', 'AltGraph', 'Shift', 'Meta']), (held) => {
        expect(splitPress([...held, 'KeyQ'].join('+'))).toEqual({ layer: layerId(held), key: 'KeyQ' })
        expect(pressId(layerId(held), 'KeyQ').split('+').toSorted()).toEqual([...held, 'KeyQ'].toSorted())
      }),
    )
  })

  it('is the key alone where no modifier is held', () => {
    expect(pressId('', 'KeyB')).toBe('KeyB')
    expect(splitPress('KeyB')).toEqual({ layer: '', key: 'KeyB' })
  })

  it('is of another key while Fn is held, where the board says so', () => {
    const left = { key: 'ArrowLeft', with_fn: { key: 'Home' } } as BoardKey
    const letter = { key: 'KeyA', with_fn: null } as BoardKey
    expect(pressOf('Shift', left, true)).toBe('Shift+Home')
    expect(pressOf('Shift', left, false)).toBe('Shift+ArrowLeft')
    expect(pressOf('', letter, true)).toBe('KeyA')
  })
})

describe('the look-up table', () => {
  it('tells who gets a press, by the context with the focus', () => {
    expect(ladderOf(WORKSHOP, 'KeyK', 0).winner).toEqual({ name: 'Saw', id: 'saw', context: 'Everywhere', contextIndex: 0 })
    expect(ladderOf(WORKSHOP, 'KeyK', 1).winner).toEqual({ name: 'Plane', id: 'plane', context: 'Desk', contextIndex: 1 })
    expect(ladderOf(WORKSHOP, 'KeyK', 2).winner).toBeNull()
  })

  it('keeps every rung of a ladder with its reason', () => {
    expect(ladderOf(WORKSHOP, 'KeyK', 1).rungs).toMatchObject([
      { context: 'Desk', contextId: 'desk', commandId: 'plane', command: 'Plane', verdict: 'wins', reason: '' },
      { context: 'Everywhere', command: 'Saw', verdict: 'beaten', reason: 'Desk is asked first.' },
    ])
  })

  it('tells of the desktop where a rung belongs to no context', () => {
    expect(ladderOf(WORKSHOP, 'KeyQ', 2).rungs).toMatchObject([
      { context: 'Desktop', contextId: 'desktop', command: null, verdict: 'unbound', reason: 'Note takes text.' },
    ])
  })

  it('gives the same ladder for the same answer, so that it is not drawn again', () => {
    expect(ladderOf(WORKSHOP, 'Shift+KeyK', 0)).toBe(ladderOf(WORKSHOP, 'KeyK', 0))
  })

  it('has nobody for a press that nothing is bound to, and for a focus in all contexts together', () => {
    expect(ladderOf(WORKSHOP, 'KeyQ', 0)).toEqual({ rungs: [], winner: null })
    expect(ladderOf(WORKSHOP, 'KeyQ', allContexts(WORKSHOP)).rungs).toEqual([])
  })

  it('knows a hold only where it differs from the tap', () => {
    expect(holdOf(WORKSHOP, 'KeyK', 1)?.winner?.name).toBe('Glue')
    expect(holdOf(WORKSHOP, 'KeyK', 0)).toBeNull()
    expect(holdOf(WORKSHOP, 'KeyG', 1)).toBeNull()
  })

  it('names what a press does elsewhere, each command once', () => {
    expect(elsewhereOf(WORKSHOP, 'KeyK', 2)).toEqual(['Saw (Everywhere)', 'Plane (Desk)'])
    expect(elsewhereOf(WORKSHOP, 'Shift+KeyK', 0)).toEqual(['Saw (Everywhere)'])
  })

  it('tells taken, taken elsewhere and free apart', () => {
    expect(useOf(WORKSHOP, 'KeyK', 0)).toBe('taken')
    expect(useOf(WORKSHOP, 'KeyG', 0)).toBe('taken-elsewhere')
    expect(useOf(WORKSHOP, 'KeyQ', 0)).toBe('free')
  })

  it('has the uses of a layer in the order of the board, and none for keys that are only held', () => {
    expect(usesOf(WORKSHOP, 0, 0)).toEqual(['taken', 'free'])
    expect(usesOf(WORKSHOP, 2, 0)).toEqual(['taken-elsewhere', 'free'])
    expect(usesOf(WORKSHOP, 1, 1)).toEqual(['taken', undefined])
  })

  it('falls back to Everywhere for a context that is not named or not known', () => {
    expect(contextIndex(WORKSHOP, 'desk')).toBe(1)
    expect(contextIndex(WORKSHOP, '')).toBe(0)
    expect(contextIndex(WORKSHOP, 'cellar')).toBe(0)
  })
})
