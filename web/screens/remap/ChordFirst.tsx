import { useState } from 'react'
import { useTable } from '../../board/queries'
import { namesOf, spokenName } from '../../board/names'
import { contextIndex, ladderOf, splitPress, pressId } from '../../board/table'
import { useChords, useListening } from '../../listening/Listening'
import { Asking } from '../../parts/Asking'
import { Keys } from '../../parts/Keys'
import { useSpelledChord } from '../find/queries'
import css from './remap.module.css'

interface Props {
  application: string
  context: string
  chord: string
  onChoose: (command: string, context: string) => void
  /** @param other the press that the chord is exchanged with */
  onSwap: (other: string) => void
}

/** A chord came before its command: what it runs now, and what can be done with it. */
export function ChordFirst({ application, context, chord, onChoose, onSwap }: Props) {
  const table = useTable()
  const spelled = useSpelledChord(chord).data
  return (
    <Asking of={table}>
      {(data) => {
        const here = data.applications.find(({ id }) => id === application)
        if (here === undefined) return null
        const index = contextIndex(here, context)
        const { layer, key } = splitPress(chord)
        const press = pressId(layer, key)
        const names = namesOf(here, press, index)
        const { winner } = ladderOf(here, press, index)
        const winnerContext = winner === null ? '' : (here.contexts[winner.contextIndex]?.id ?? '')
        return (
          <section aria-label="The chord">
            <p className={css.verdict} role="status">
              {spelled !== undefined && <Keys chord={spelled.chord} />}{' '}
              {names.length === 0 ? `is free in ${here.contexts[index]?.name}.` : `runs ${names.map(spokenName).join(' and ')}.`}
            </p>
            <p>
              Write the word of the command that it should run. {names.length > 0 && 'Or:'}{' '}
              {winner !== null && (
                <button type="button" className="plain" onClick={() => onChoose(winner.id, winnerContext)}>
                  give {winner.name} another chord
                </button>
              )}{' '}
              {names.length > 0 && <Swap onSwap={onSwap} />}
            </p>
          </section>
        )
      }}
    </Asking>
  )
}

/** Takes the next chord as the one to exchange with. */
function Swap({ onSwap }: { onSwap: (other: string) => void }) {
  const [isWaiting, setWaiting] = useState(false)
  const { start } = useListening()
  return isWaiting ? (
    <SwapListener onSwap={onSwap} />
  ) : (
    <button
      type="button"
      className="plain"
      onClick={() => {
        setWaiting(true)
        start()
      }}
    >
      swap it with another key
    </button>
  )
}

function SwapListener({ onSwap }: { onSwap: (other: string) => void }) {
  useChords('to swap with', onSwap, { once: true })
  return <strong>press the other key</strong>
}
