import type { Schema } from '../api/client'
import { KeysList } from './Keys'
import list from './ConsequenceList.module.css'

interface Props {
  of: Schema['Consequences']
  /** Id of the clash that is looked at, which need not be told again. */
  about?: string
}

/** What a change settles, raises, and makes the hands relearn. */
export function ConsequenceList({ of, about }: Props) {
  return (
    <ul className={list.consequences}>
      {of.raised.map((clash) => (
        <li key={clash.id} data-kind={clash.grade}>
          <b>New {clash.grade}:</b> {clash.sentence}
        </li>
      ))}
      {of.settled.map((clash) => (
        <li key={clash.id} data-kind="settled">
          <b>{clash.id === about ? 'Settles this clash.' : 'Settled:'}</b>
          {clash.id !== about && ` ${clash.sentence}`}
        </li>
      ))}
      {of.raised.length === 0 && of.settled.length === 0 && <li data-kind="quiet">No clash comes or goes.</li>}
      {of.relearning.map(({ command, before, after, effort_before, effort_after }) => (
        <li key={command.id} data-kind={after.length === 0 ? 'loss' : 'relearn'}>
          <b>{after.length === 0 ? 'Loses its chord:' : 'Relearn:'}</b> {command.name} <KeysList chords={before} />{' '}
          <span aria-label="becomes">→</span> <KeysList chords={after} />
          {effort_before !== null && effort_after !== null && effort_before !== effort_after && (
            <span className="quiet">
              {' '}
              {Math.round(effort_before)} mm before, {Math.round(effort_after)} mm after
            </span>
          )}
        </li>
      ))}
    </ul>
  )
}
