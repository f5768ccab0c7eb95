import { useLayoutEffect, useRef } from 'react'
import { useNavigate } from 'react-router'
import type { Schema } from '../../api/client'
import { useListening } from '../../listening/Listening'
import { ApplicationSelect, ContextOptions } from '../../parts/AskedSelect'
import { Keys } from '../../parts/Keys'
import { KeymapLine } from './KeymapLine'
import css from './remap.module.css'

interface Props {
  here: Schema['Application']
  remap: Schema['Remap'] | undefined
  chord: string
  onContext: (context: string) => void
  onClearChord: () => void
  gesture: Schema['Gesture']
  onGesture: (gesture: string) => void
}

/** What is wanted, with blanks for what is not said yet. */
export function Sentence({ here, remap, chord, onContext, onClearChord, gesture, onGesture }: Props) {
  const { isListening, startKey } = useListening()
  const navigate = useNavigate()
  const toApplication = (id: string) => void navigate(`/remap/${id}`)
  const wanted = remap?.wanted ?? null
  const line = useRef<HTMLDivElement>(null)
  // A change of the chord is told where the reader's eyes are: the sentence flashes its chord.
  useLayoutEffect(() => {
    line.current?.animate([{ opacity: 0.4 }, { opacity: 1 }], 150)
  }, [wanted?.chord.id])
  return (
    <div className={css.sentence} ref={line}>
      <p>
        In <ApplicationSelect withDesktop label="Application" value={here.id} onChoose={toApplication} />, while{' '}
        <select
          aria-label="Context"
          value={remap?.context.id ?? ''}
          disabled={remap === undefined}
          onChange={(event) => onContext(event.target.value)}
        >
          {remap === undefined && <option value="">…</option>}
          <ContextOptions isTree contexts={here.contexts} />
        </select>{' '}
        has the focus,{' '}
        <b className={css.blank} data-filled={wanted !== null}>
          {wanted !== null && <Keys chord={wanted.chord} />}
          {wanted === null && (isListening ? 'press the chord' : `press ${startKey} and a chord`)}
        </b>
        {chord !== '' && (
          <button type="button" className="plain" onClick={onClearChord}>
            clear
          </button>
        )}
        {here.tells_hold && (
          <select aria-label="Gesture" value={gesture} onChange={(event) => onGesture(event.target.value)}>
            <option value="tap">tapped</option>
            <option value="hold">held down</option>
          </select>
        )}{' '}
        shall run{' '}
        <b className={css.blank} data-filled={remap !== undefined}>
          {remap?.command.name ?? 'a command found below'}
        </b>
        .
      </p>
      <KeymapLine application={here.id} />
    </div>
  )
}
