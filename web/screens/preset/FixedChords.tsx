import { useState } from 'react'
import type { Schema } from '../../api/client'
import { Keys } from '../../parts/Keys'
import css from './preset.module.css'

/** Ids of fixed bindings by application. */
export type Fixed = Record<string, string[]>

interface Props {
  draft: Schema['ReleaseDraft']
  /** Undefined while they are those of the release before. */
  fixed: Fixed | undefined
  onChange: (fixed: Fixed) => void
}

const MOST_SHOWN = 8

/** The chords of the house that personal keys must have too: those that are fixed, and a field to find another. */
export function FixedChords({ draft, fixed, onChange }: Props) {
  const [words, setWords] = useState('')
  const now: Fixed = fixed ?? Object.fromEntries(draft.applications.map((one) => [one.application.id, one.fixed]))
  const all = draft.applications.flatMap(({ application, bindings }) => bindings.map((binding) => ({ application, binding })))
  const isFixed = ({ application, binding }: (typeof all)[number]) => now[application.id]?.includes(binding.id) === true
  const matches = all.filter(
    (one) =>
      !isFixed(one) &&
      words.trim() !== '' &&
      `${one.application.name} ${one.binding.command.name} ${one.binding.chord.label}`.toLowerCase().includes(words.trim().toLowerCase()),
  )
  const toggle = ({ application, binding }: (typeof all)[number], to: boolean) => {
    const ids = now[application.id] ?? []
    onChange({ ...now, [application.id]: to ? [...ids, binding.id] : ids.filter((id) => id !== binding.id) })
  }
  return (
    <fieldset className={css.fixed}>
      <legend>Fixed for everybody</legend>
      <ul>
        {all.filter(isFixed).map((one) => (
          <li key={`${one.application.id} ${one.binding.id}`}>
            <Keys chord={one.binding.chord} /> {one.binding.command.name} <small>{one.application.name}</small>{' '}
            <button type="button" className="plain" onClick={() => toggle(one, false)}>
              let it go<span className="visually-hidden"> {one.binding.command.name}</span>
            </button>
          </li>
        ))}
      </ul>
      <input
        type="search"
        className="form-control form-control-sm"
        aria-label="Fix another chord"
        placeholder="fix another: command or chord"
        value={words}
        onChange={(event) => setWords(event.target.value)}
      />
      <ul>
        {matches.slice(0, MOST_SHOWN).map((one) => (
          <li key={`${one.application.id} ${one.binding.id}`}>
            <button
              type="button"
              className="plain"
              onClick={() => {
                toggle(one, true)
                setWords('')
              }}
            >
              <Keys chord={one.binding.chord} /> {one.binding.command.name}{' '}
              <small>
                {one.application.name}, {one.binding.context.name}
              </small>
            </button>
          </li>
        ))}
        {matches.length > MOST_SHOWN && <li className="quiet">and {matches.length - MOST_SHOWN} more; type more of it</li>}
      </ul>
    </fieldset>
  )
}
