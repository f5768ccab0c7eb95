import type { Schema } from '../../api/client'

export type DescribedContext = Schema['DescribedContext']

/** The contexts in the order of the tree, each with its depth below Everywhere. */
export function depths(all: readonly DescribedContext[]): { context: DescribedContext; depth: number }[] {
  const below = (parent: string | undefined, depth: number): { context: DescribedContext; depth: number }[] =>
    all.filter((one) => one.parent === parent).flatMap((context) => [{ context, depth }, ...below(context.id, depth + 1)])
  return below(undefined, 0)
}

/** The same with one context inside another, parents before children; nothing changes where it would come to stand inside itself. */
export function movedInto(all: readonly DescribedContext[], id: string, parent: string): DescribedContext[] {
  let at: string | undefined = parent
  while (at !== undefined) {
    if (at === id) return [...all]
    at = all.find((one) => one.id === at)?.parent
  }
  const moved = all.map((one) => (one.id === id ? { ...one, parent } : one))
  return depths(moved).map(({ context }) => context)
}
