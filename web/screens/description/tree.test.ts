import fc from 'fast-check'
import { expect, test } from 'vitest'
import { depths, movedInto, type DescribedContext } from './tree'

const TREE: DescribedContext[] = [
  { id: 'everywhere', name: 'Everywhere' },
  { id: 'a', name: 'A', parent: 'everywhere' },
  { id: 'b', name: 'B', parent: 'everywhere' },
  { id: 'c', name: 'C', parent: 'b' },
]

test('a context goes into another with all that stands in it', () => {
  expect(depths(movedInto(TREE, 'b', 'a')).map(({ context, depth }) => `${depth} ${context.id}`)).toEqual([
    '0 everywhere',
    '1 a',
    '2 b',
    '3 c',
  ])
})

test('whatever is moved where, none is lost, none stands in itself, and parents come before children', () => {
  const moves = fc.array(fc.tuple(fc.constantFrom('a', 'b', 'c'), fc.constantFrom('everywhere', 'a', 'b', 'c')), { maxLength: 20 })
  fc.assert(
    fc.property(moves, (made) => {
      const after = made.reduce<DescribedContext[]>((all, [id, parent]) => movedInto(all, id, parent), [...TREE])
      expect(after.map(({ id }) => id).sort()).toEqual(['a', 'b', 'c', 'everywhere'])
      expect(depths(after)).toHaveLength(TREE.length)
      for (const [index, one] of after.entries()) {
        if (one.parent !== undefined) expect(after.slice(0, index).some(({ id }) => id === one.parent)).toBe(true)
      }
    }),
  )
})
