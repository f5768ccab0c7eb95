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

/** Chords of a command that can also be held: told in words, since the caps are the same. */
export function HeldKeys({ taps, holds }: { taps: Schema['Chord'][]; holds: Schema['Chord'][] }) {
  return (
    <span className={css.keysList}>
      {taps.map((chord) => (
        <span key={chord.id} className={css.gesture}>
          tap <Keys chord={chord} />
        </span>
      ))}
      {holds.map((chord, index) => (
        <span key={chord.id} className={css.gesture}>
          {taps.length + index > 0 && 'or '}hold <Keys chord={chord} />
        </span>
      ))}
    </span>
  )
}
