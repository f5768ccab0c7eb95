import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { Keys, NoKeys } from '../../parts/Keys'
import { cx } from '../../parts/cx'
import css from './harmonise.module.css'
import layout from '../../parts/layout.module.css'
import table from '../../parts/table.module.css'
import { Empty } from '../../parts/Empty'

type Line = Schema['HarmonisedLine']
type Verdict = 'accepted' | 'refused' | 'untouched' | 'fixed'

interface Props {
  harmonisation: Schema['Harmonisation']
  result: Schema['HarmonisedResult']
  isSending: boolean
  onSearch: (wanted: Schema['HarmoniseWanted']) => void
  onApply: (name: string) => void
  onUndo: () => void
}

const VERDICTS: [Verdict, string][] = [
  ['accepted', 'keep this chord'],
  ['fixed', 'this chord everywhere'],
  ['refused', 'refuse'],
  ['untouched', 'leave it as it is'],
]

const keyOf = (line: Line) => `${line.application.id} ${line.command.id}`
const percent = (share: number | null) => (share === null ? '—' : `${Math.round(share * 100)} %`)

/** What the search found: each line with its reasons, to be accepted or refused, and the one step that writes them all. */
export function HarmonisedKit({ harmonisation, result, isSending, onSearch, onApply, onUndo }: Props) {
  const [said, setSaid] = useState<Record<string, Verdict>>({})
  const isOpen = harmonisation.state === 'done' || harmonisation.state === 'cancelled'

  function searchAgain() {
    const { applications, intents, suites, weights, seconds, fixed, untouched, accepted, refused } = harmonisation.request
    const those = (verdict: Verdict) => result.lines.filter((line) => said[keyOf(line)] === verdict)
    const commandOf = (line: Line) => ({ application: line.application.id, command: line.command.id })
    const chordOf = (line: Line) => ({ ...commandOf(line), chord: line.after?.id ?? null })
    onSearch({
      applications,
      intents,
      suites,
      weights,
      seconds,
      fixed: {
        ...fixed,
        ...Object.fromEntries(those('fixed').flatMap((line) => (line.after === null ? [] : [[line.intent.id, line.after.id]]))),
      },
      untouched: [...untouched, ...those('untouched').map(commandOf)],
      accepted: [...accepted, ...those('accepted').map(chordOf)],
      refused: [...refused, ...those('refused').map(chordOf)],
    })
  }

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
      {isOpen && (
        <Decide
          count={Object.keys(said).length}
          isEmpty={result.lines.length === 0}
          isSending={isSending}
          onSearchAgain={searchAgain}
          onApply={onApply}
        />
      )}
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
                  setSaid((before) => {
                    const rest = Object.fromEntries(Object.entries(before).filter(([key]) => key !== keyOf(line)))
                    return verdict === undefined ? rest : { ...rest, [keyOf(line)]: verdict }
                  })
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

interface DecideProps {
  count: number
  isEmpty: boolean
  isSending: boolean
  onSearchAgain: () => void
  onApply: (name: string) => void
}

function Decide({ count, isEmpty, isSending, onSearchAgain, onApply }: DecideProps) {
  const [name, setName] = useState('Harmonised')
  return (
    <div className={css.decide}>
      <Button size="sm" variant="outline-secondary" disabled={count === 0} onClick={onSearchAgain}>
        Search again around what you said ({count})
      </Button>
      <Form
        className={layout.saveAs}
        onSubmit={(event) => {
          event.preventDefault()
          onApply(name.trim())
        }}
      >
        <Form.Label htmlFor="harmonised-name">Copies of factory keymaps are called</Form.Label>
        <Form.Control id="harmonised-name" size="sm" maxLength={60} value={name} onChange={(event) => setName(event.target.value)} />
        <Button type="submit" size="sm" disabled={name.trim() === '' || isEmpty || count > 0 || isSending}>
          Apply to all keymaps
        </Button>
      </Form>
      {count > 0 && <p className="quiet">Search again first, so that the rest fits what you said.</p>}
    </div>
  )
}
