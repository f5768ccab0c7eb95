import { useRef, useState } from 'react'
import type { Schema } from '../../api/client'

/** A change that was made on this screen, for the list of what was done just now. */
export interface Done {
  title: string
  chord: Schema['Chord']
  command: string
  /** The removal of the chord that the command had before, where it has both now. */
  instead: { title: string; change: Schema['Change'] } | null
}

/** New chords come beside the old one, or in its place; remembered on this machine. */
export type Manner = 'as-well' | 'instead'

const STORED = 'remap-manner'

/**
 * Commands one after the other: which chord was given here and now (it is taken, where it is free), in which manner it comes, and what
 * was done so far.
 */
export function useRow() {
  const [given, give] = useState('')
  const [done, setDone] = useState<Done[]>([])
  const [manner, setManner] = useState<Manner>(() => (localStorage.getItem(STORED) === 'instead' ? 'instead' : 'as-well'))
  const words = useRef<HTMLInputElement>(null)
  return {
    /** The chord that was given here and now; empty while none was, whatever stands in the address. */
    given,
    give,
    done,
    add: (one: Done) => setDone((before) => [one, ...before]),
    manner,
    chooseManner: (next: Manner) => {
      localStorage.setItem(STORED, next)
      setManner(next)
    },
    words,
  }
}

/** What a choice leaves behind that could be taken away in a second step: the old chord of a command that has both now. */
export function insteadOf(choices: readonly Schema['Choice'][], taken: Schema['Choice']): Done['instead'] {
  const other = choices.find(({ kind }) => kind === (taken.kind === 'take-over' ? 'take-over-instead' : 'replace'))
  if (other === undefined || (taken.kind !== 'add-beside' && taken.kind !== 'take-over')) return null
  const added = taken.change.added[0]
  const removed = other.change.removed.filter(({ command }) => command === added?.command)
  return removed.length === 0 ? null : { title: other.title, change: { removed, added: [] } }
}
