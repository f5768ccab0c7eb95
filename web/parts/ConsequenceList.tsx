import type { Schema } from '../api/client'
import { KeysList } from './Keys'

/** What a change settles, raises, and makes the hands relearn. */
export function ConsequenceList({ of }: { of: Schema['Consequences'] }) {
  return (
    <ul className="consequences">
      {of.raised.map((clash) => <li key={clash.id} data-kind={clash.grade}><b>New {clash.grade}:</b> {clash.sentence}</li>)}
      {of.settled.map((clash) => <li key={clash.id} data-kind="settled"><b>Settled:</b> {clash.sentence}</li>)}
      {of.raised.length === 0 && of.settled.length === 0 && <li data-kind="quiet">No clash comes or goes.</li>}
      {of.relearning.map(({ command, before, after }) => (
        <li key={command.id} data-kind={after.length === 0 ? 'loss' : 'relearn'}>
          <b>{after.length === 0 ? 'Loses its chord:' : 'Relearn:'}</b> {command.name} <KeysList chords={before} /> <span aria-label="becomes">→</span> <KeysList chords={after} />
        </li>
      ))}
    </ul>
  )
}
