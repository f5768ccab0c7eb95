import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { contextLetters } from './ContextMark'
import { longestLines, namesOf, spokenName } from './names'
import type { TableApplication } from './table'

/** Everywhere and Desk; K saws everywhere but planes on the desk, where holding it glues; E rubs, tapped and held. */
const BENCH = {
  id: 'bench',
  contexts: [
    { id: 'everywhere', name: 'Everywhere' },
    { id: 'desk', name: 'Desk' },
  ],
  commands: [
    { id: 'saw', name: 'Saw' },
    { id: 'plane', name: 'Plane' },
    { id: 'glue', name: 'Glue' },
    { id: 'rub', name: 'Rub' },
  ],
  reasons: [''],
  rungs: [
    { context: 0, command: 0, verdict: 'wins', reason: 0 },
    { context: 1, command: 1, verdict: 'wins', reason: 0 },
    { context: 1, command: 2, verdict: 'wins', reason: 0 },
    { context: 1, command: 3, verdict: 'wins', reason: 0 },
  ],
  ladders: [[], [0], [1], [2], [3]],
  idle: [0, 0],
  presses: { KeyK: [1, 2], KeyE: [0, 4], KeyS: [1, 1] },
  holds: { KeyK: [undefined, 3], KeyE: [0, 4] },
} as unknown as TableApplication

describe('the names on a key', () => {
  it('are what a tap and a hold run with the focus there', () => {
    expect(namesOf(BENCH, 'KeyK', 1).map(spokenName)).toEqual(['Plane', 'Glue, held down'])
    expect(namesOf(BENCH, 'KeyE', 1).map(spokenName)).toEqual(['Rub, tapped or held'])
    expect(namesOf(BENCH, 'KeyQ', 1)).toEqual([])
  })

  it('tell what comes from around from what is of the context itself', () => {
    expect(namesOf(BENCH, 'KeyS', 1)).toEqual([{ name: 'Saw', gesture: 'tap', from: 0, isInherited: true }])
    expect(namesOf(BENCH, 'KeyS', 0)[0]?.isInherited).toBe(false)
  })

  it('are all of them, each once and with its context, where all contexts are asked together', () => {
    expect(namesOf(BENCH, 'KeyK', 2).map(({ name, from }) => [name, from])).toEqual([
      ['Saw', 0],
      ['Plane', 1],
      ['Glue', 1],
    ])
    expect(namesOf(BENCH, 'KeyS', 2)).toHaveLength(1)
  })

  it('stand whole: whatever the words, no line is longer than told, and no word is broken', () => {
    const words = fc.array(fc.stringMatching(/^[a-z]{1,12}$/), { minLength: 1, maxLength: 8 })
    fc.assert(
      fc.property(words, (name) => {
        const told = longestLines([name.join(' ')])
        told.forEach((width, index) => {
          const lines: string[] = []
          for (const word of name) {
            const last = lines.at(-1)
            if (last !== undefined && last.length + 1 + word.length <= width) lines[lines.length - 1] = `${last} ${word}`
            else lines.push(word)
          }
          expect(lines.length).toBeLessThanOrEqual(Math.max(index + 1, 1))
          expect(Math.max(...lines.map((line) => line.length))).toBeLessThanOrEqual(width)
        })
        expect(told).toEqual(told.toSorted((one, other) => other - one))
      }),
    )
  })
})

describe('the letters of contexts', () => {
  it('are all different as long as the names allow it', () => {
    expect(contextLetters([{ name: 'Everywhere' }, { name: 'Timeline' }, { name: 'Trim' }, { name: 'Titles' }])).toEqual([
      'E',
      'T',
      'R',
      'I',
    ])
    expect(contextLetters([{ name: 'Aa' }, { name: 'A' }])).toEqual(['A', '·'])
  })
})
