import type { Schema } from '../api/client'

/** A chord as caps; read aloud as words. */
export function Keys({ chord }: { chord: Schema['Chord'] }) {
  return (
    <span className="keys" data-chord={chord.id}>
      <span className="visually-hidden">{chord.spoken}</span>
      <span aria-hidden="true">{chord.caps.map((cap, place) => <kbd key={place}>{cap}</kbd>)}</span>
    </span>
  )
}

/** Several chords of one command, or the words for having none. */
export function KeysList({ chords }: { chords: Schema['Chord'][] }) {
  if (chords.length === 0) return <span className="no-keys">no chord</span>
  return <span className="keys-list">{chords.map((chord) => <Keys key={chord.id} chord={chord} />)}</span>
}
