import type { Schema } from '../api/client'
import css from './Keys.module.css'

/** Key caps by their legends alone, for what the server has not spelled yet. */
export function Caps({ caps }: { caps: readonly string[] }) {
  return (
    <span className={css.keys}>
      {caps.map((cap, index) => (
        <kbd key={index}>{cap}</kbd>
      ))}
    </span>
  )
}

/** A chord as caps; read aloud as words. */
export function Keys({ chord }: { chord: Schema['Chord'] }) {
  return (
    <span className={css.keys} data-chord={chord.id}>
      <span className="visually-hidden">{chord.spoken}</span>
      <span aria-hidden="true">
        {chord.caps.map((cap, index) => (
          <kbd key={index}>{cap}</kbd>
        ))}
      </span>
    </span>
  )
}

/** For a command that has no chord. */
export function NoKeys({ children = 'no chord' }: { children?: string }) {
  return <span className={css.noKeys}>{children}</span>
}

/** Several chords of one command, or the words for having none. */
export function KeysList({ chords }: { chords: Schema['Chord'][] }) {
  if (chords.length === 0) return <NoKeys />
  return (
    <span className={css.keysList}>
      {chords.map((chord) => (
        <Keys key={chord.id} chord={chord} />
      ))}
    </span>
  )
}
