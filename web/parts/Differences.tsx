import type { Schema } from '../api/client'
import { KeysList } from './Keys'
import css from './table.module.css'

interface Props {
  /** What the list is, for those who hear it. */
  label: string
  of: readonly Schema['CommandDifference'][]
  before: string
  after: string
}

/** Commands that are reached otherwise on two sides. */
export function Differences({ label, of, before, after }: Props) {
  return (
    <table className={css.findings} aria-label={label}>
      <thead>
        <tr>
          <th scope="col">Command</th>
          <th scope="col">Context</th>
          <th scope="col">{before}</th>
          <th scope="col">{after}</th>
        </tr>
      </thead>
      <tbody>
        {of.map((one) => (
          <tr key={`${one.context.id} ${one.command.id}`}>
            <th scope="row">{one.command.name}</th>
            <td>{one.context.name}</td>
            <td>
              <KeysList chords={one.before.map(({ chord }) => chord)} />
            </td>
            <td>
              <KeysList chords={one.after.map(({ chord }) => chord)} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
