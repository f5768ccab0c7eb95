import type { Schema } from '../api/client'
import { allContexts, holdOf, ladderOf, type LadderView, type TableApplication } from './table'

/** One name on a key: what it runs, how, and where that comes from. */
export interface KeyName {
  name: string
  /** Tapped, held down, or both alike. */
  gesture: Schema['Gesture'] | 'both'
  /** Index of the context that has it; -1 for the desktop. */
  from: number
  /** Whether a context around the one with the focus has it. */
  isInherited: boolean
}

type Winner = NonNullable<LadderView['winner']>

/** What a press runs with the focus in one context, or in any where all are asked together; each name once. */
export function namesOf(application: TableApplication, press: string, index: number): KeyName[] {
  const isAll = index === allContexts(application)
  const names: KeyName[] = []
  const take = (winner: Winner | null | undefined, gesture: Schema['Gesture']) => {
    if (winner == null) return
    const known = names.find(({ name, from }) => name === winner.name && from === winner.contextIndex)
    if (known === undefined)
      names.push({ name: winner.name, gesture, from: winner.contextIndex, isInherited: !isAll && winner.contextIndex !== index })
    else if (known.gesture !== gesture) known.gesture = 'both'
  }
  for (const context of isAll ? application.contexts.keys() : [index]) {
    take(ladderOf(application, press, context).winner, 'tap')
    take(holdOf(application, press, context)?.winner, 'hold')
  }
  return names
}

const GESTURES: Record<KeyName['gesture'], string> = { tap: '', hold: ', held down', both: ', tapped or held' }

/** A name as it is read aloud. */
export const spokenName = ({ name, gesture }: KeyName): string => `${name}${GESTURES[gesture]}`

/** The most lines that a name on a key may take. */
const MOST_LINES = 4

/**
 * How long the longest line is, in letters, when names are broken between their words into one, two, three or four lines each: with it the
 * style makes the letters as large as the key has room for, so that every name stands whole and no word is broken.
 */
export function longestLines(names: readonly string[]): number[] {
  return Array.from({ length: MOST_LINES }, (_, lines) => Math.max(1, ...names.map((name) => narrowest(name.split(' '), lines + 1))))
}

/** The least width in which words fit so many lines, when each line takes as many as it can. */
function narrowest(words: string[], lines: number): number {
  const lengths = words.map((word) => word.length)
  for (let width = Math.max(...lengths); ; width++) {
    let used = 1
    let at = 0
    for (const length of lengths) {
      if (at > 0 && at + 1 + length > width) {
        used++
        at = 0
      }
      at += (at > 0 ? 1 : 0) + length
    }
    if (used <= lines) return width
  }
}
