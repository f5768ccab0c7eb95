import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { chordOf, CUTLOOM } from '../../tests/samples'
import { duration, remapFor } from './words'

describe('a duration', () => {
  it.each([
    [0, '0 s'],
    [59.4, '59 s'],
    [60, '1 min'],
    [75, '1 min 15 s'],
    [900, '15 min'],
    [3600, '1 h'],
    [4800, '1 h 20 min'],
  ])('of %d seconds is %s', (seconds, words) => {
    expect(duration(seconds)).toBe(words)
  })
})

it('a saving that needs another chord leads to giving it', () => {
  const saving = {
    application: CUTLOOM,
    command: { id: 'lift', name: 'Lift', known: true },
    binding: { context: { id: 'timeline', name: 'Timeline' }, chord: chordOf('Alt+KeyF') },
  } as Schema['Saving']
  expect(remapFor(saving)).toBe('/remap/cutloom?command=lift&context=timeline&chord=Alt%2BKeyF')
})
