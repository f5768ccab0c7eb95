import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { Keys, NoKeys } from '../../parts/Keys'
import { cx } from '../../parts/cx'
import css from './harmonise.module.css'
import table from '../../parts/table.module.css'
import { Empty } from '../../parts/Empty'
import { ApplyPanel } from './ApplyPanel'
import { keyOf, VERDICTS, type Line, type Said, type Verdict } from './verdicts'

interface Props {
  harmonisation: Schema['Harmonisation']
  result: Schema['HarmonisedResult']
  isSending: boolean
  said: Said
  onSay: (said: Said) => void
  onApply: (name: string) => void
  onUndo: () => void
}

const percent = (share: number | null) => (share === null ? '—' : `${Math.round(share * 100)} %`)

/** What the search found: each line with its reasons, to be accepted or refused, and the one step that writes them all. */
export function HarmonisedKit({ harmonisation, result, said, isSending, onSay, onApply, onUndo }: Props) {
  const isOpen = harmonisation.state === 'done' || harmonisation.state === 'cancelled'
  return (
    <section className={css.harmonised} aria-label="What was found">
      <p>
        Agreement <strong>{percent(result.agreement_before)}</strong> <span aria-label="becomes">→</span>{' '}
        <strong>{percent(result.agreement_after)}</strong>.{' '}
        {result.is_optimal
          ? 'It is proved that no other choice is better.'
          : `Any other choice could be better by ${(result.gap * 100).toFixed(result.gap < 0.001 ? 2 : 1)} % at most.`}{' '}
        <span className="quiet">
          {result.lines.length} commands of {result.slots} get another chord; {result.intents} intents, {result.chords} chords to choose
          from.
        </span>{' '}
        <a href={`/api/harmonisations/${harmonisation.id}/instance.lp`} download>
          As LP text
        </a>{' '}
        ·{' '}
        <a href={`/api/harmonisations/${harmonisation.id}/proof.json`} download>
          With its proof, JSON
        </a>
      </p>
      {harmonisation.state === 'applied' && (
        <p role="status">
          <strong>Done.</strong> All keymaps of the kit have these chords now.{' '}
          <button type="button" className="plain" disabled={isSending} onClick={onUndo}>
            Undo it in all of them
          </button>
        </p>
      )}
      {harmonisation.state === 'undone' && (
        <p role="status">
          <strong>Undone.</strong> All keymaps are as they were.
        </p>
      )}
      {isOpen && <ApplyPanel lines={result.lines} saidOf={Object.keys(said).length} isSending={isSending} onApply={onApply} />}
      {result.lines.length === 0 ? (
        <Empty>
          <strong>Nothing needs to change.</strong> The chords of today are the best there are.
        </Empty>
      ) : (
        <table className={cx(table.findings, css.harmonisedLines)}>
          <thead>
            <tr>
              <th scope="col">Command</th>
              <th scope="col">Now</th>
              <th scope="col">Then</th>
              <th scope="col">Why, and what the next best would cost</th>
              <th scope="col">You say</th>
            </tr>
          </thead>
          <tbody>
            {result.lines.map((line) => (
              <LineRow
                key={keyOf(line)}
                line={line}
                verdict={said[keyOf(line)]}
                isOpen={isOpen}
                onSay={(verdict) => {
                  const rest = Object.fromEntries(Object.entries(said).filter(([key]) => key !== keyOf(line)))
                  onSay(verdict === undefined ? rest : { ...rest, [keyOf(line)]: verdict })
                }}
              />
            ))}
          </tbody>
        </table>
      )}
      {result.left.length > 0 && (
        <details>
          <summary>{result.left.length} commands were left alone</summary>
          <ul>
            {result.left.map((left) => (
              <li key={`${left.application.id} ${left.command.id}`}>
                {left.command.name} <span className="quiet">{left.application.name}.</span> {left.reason}
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  )
}

/** A number that is added, with its sign. */
const signed = (value: number) => `${value < 0 ? '−' : '+'}${Math.abs(value).toFixed(1)}`

interface LineProps {
  line: Line
  verdict: Verdict | undefined
  isOpen: boolean
  onSay: (verdict: Verdict | undefined) => void
}

function LineRow({ line, verdict, isOpen, onSay }: LineProps) {
  const next = line.runner_up
  return (
    <tr data-verdict={verdict ?? 'open'}>
      <th scope="row">
        <Link to={`/remap/${line.application.id}?command=${encodeURIComponent(line.command.id)}`}>{line.command.name}</Link>{' '}
        <span className="quiet">{line.application.name}</span>
      </th>
      <td>{line.before === null ? <NoKeys /> : <Keys chord={line.before} />}</td>
      <td>{line.after === null ? <NoKeys /> : <Keys chord={line.after} />}</td>
      <td>
        {line.reasons.join('; ')}.
        {next !== null && (
          <span className={table.difference}>
            {next.is_now ? 'Staying as it is' : next.chord === null ? 'No chord' : <Keys chord={next.chord} />} would cost{' '}
            {next.dearer.toFixed(1)} more: {next.parts.map(({ dearer, reason }) => `${signed(dearer)}, ${reason}`).join('; ')}.
          </span>
        )}
      </td>
      <td>
        <select
          className={cx(css.verdict, 'form-select form-select-sm')}
          aria-label={`What you say to ${line.command.name} of ${line.application.name}`}
          disabled={!isOpen}
          value={verdict ?? ''}
          onChange={(event) => onSay(VERDICTS.find(([id]) => id === event.target.value)?.[0])}
        >
          <option value="">—</option>
          {VERDICTS.map(([id, word]) => (
            <option key={id} value={id}>
              {word}
            </option>
          ))}
        </select>
      </td>
    </tr>
  )
}
