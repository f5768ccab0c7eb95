import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { Keys } from '../../parts/Keys'

type Line = Schema['HarmonisedLine']
type Verdict = 'accepted' | 'refused' | 'untouched' | 'fixed'

interface Props {
  one: Schema['Harmonisation']
  result: Schema['HarmonisedResult']
  onSearch: (wish: Schema['HarmoniseWish']) => void
  onApply: (name: string) => void
  onUndo: () => void
}

const VERDICTS: [Verdict, string][] = [['accepted', 'keep this chord'], ['fixed', 'this chord everywhere'], ['refused', 'refuse'], ['untouched', 'leave it as it is']]

const keyOf = (line: Line) => `${line.application.id} ${line.command.id}`
const percent = (share: number | null) => share === null ? '—' : `${Math.round(share * 100)} %`

/** What the search found: each line with its reasons, to be accepted or refused, and the one step that writes them all. */
export function HarmonisedKit({ one, result, onSearch, onApply, onUndo }: Props) {
  const [said, setSaid] = useState<Record<string, Verdict>>({})
  const isOpen = one.state === 'done' || one.state === 'cancelled'

  function searchAgain() {
    const { applications, intents, rooms, weights, seconds, fixed, untouched, accepted, refused } = one.request
    const those = (verdict: Verdict) => result.lines.filter((line) => said[keyOf(line)] === verdict)
    const commandOf = (line: Line) => ({ application: line.application.id, command: line.command.id })
    const chordOf = (line: Line) => ({ ...commandOf(line), chord: line.after?.id ?? null })
    onSearch({
      applications, intents, rooms, weights, seconds,
      fixed: { ...fixed, ...Object.fromEntries(those('fixed').flatMap((line) => line.after === null ? [] : [[line.intent.id, line.after.id]])) },
      untouched: [...untouched, ...those('untouched').map(commandOf)],
      accepted: [...accepted, ...those('accepted').map(chordOf)], refused: [...refused, ...those('refused').map(chordOf)],
    })
  }

  return (
    <section className="harmonised" aria-label="What was found">
      <p>
        Agreement <strong>{percent(result.agreement_before)}</strong> <span aria-label="becomes">→</span> <strong>{percent(result.agreement_after)}</strong>.{' '}
        {result.is_optimal ? 'It is proved that no other choice is better.' : `Any other choice could be better by ${(result.gap * 100).toFixed(result.gap < 0.001 ? 2 : 1)} % at most.`}{' '}
        <span className="quiet">{result.lines.length} commands of {result.slots} get another chord; {result.intents} intents, {result.chords} chords to choose from.</span>{' '}
        <a href={`/api/harmonisations/${one.id}/instance.lp`} download>As LP text</a> · <a href={`/api/harmonisations/${one.id}/proof.json`} download>With its proof, JSON</a>
      </p>
      {one.state === 'applied' && <p className="said" role="status"><strong>Done.</strong> All keymaps of the kit have these chords now. <button type="button" className="plain" onClick={onUndo}>Take it back in all of them</button></p>}
      {one.state === 'undone' && <p className="said" role="status"><strong>Taken back.</strong> All keymaps are as they were.</p>}
      {isOpen && <Decide count={Object.keys(said).length} isEmpty={result.lines.length === 0} onSearchAgain={searchAgain} onApply={onApply} />}
      {result.lines.length === 0 ? <div className="empty"><p><strong>Nothing needs to change.</strong> The chords of today are the best there are.</p></div> : (
        <table className="findings harmonised-lines">
          <thead><tr><th scope="col">Command</th><th scope="col">Now</th><th scope="col">Then</th><th scope="col">Why, and what the next best would cost</th><th scope="col">You say</th></tr></thead>
          <tbody>
            {result.lines.map((line) => (
              <LineRow key={keyOf(line)} line={line} verdict={said[keyOf(line)]} isOpen={isOpen} onSay={(verdict) => {
                setSaid((before) => {
                  const rest = Object.fromEntries(Object.entries(before).filter(([key]) => key !== keyOf(line)))
                  return verdict === undefined ? rest : { ...rest, [keyOf(line)]: verdict }
                })
              }} />
            ))}
          </tbody>
        </table>
      )}
      {result.left.length > 0 && (
        <details><summary>{result.left.length} commands were left alone</summary>
          <ul>{result.left.map((left) => <li key={`${left.application.id} ${left.command.id}`}>{left.command.name} <span className="quiet">{left.application.name}.</span> {left.reason}</li>)}</ul>
        </details>
      )}
    </section>
  )
}

function LineRow({ line, verdict, isOpen, onSay }: { line: Line; verdict: Verdict | undefined; isOpen: boolean; onSay: (verdict: Verdict | undefined) => void }) {
  const next = line.runner_up
  return (
    <tr data-verdict={verdict ?? 'open'}>
      <th scope="row"><Link to={`/remap/${line.application.id}?command=${encodeURIComponent(line.command.id)}`}>{line.command.name}</Link> <span className="quiet">{line.application.name}</span></th>
      <td>{line.before === null ? <span className="no-keys">no chord</span> : <Keys chord={line.before} />}</td>
      <td>{line.after === null ? <span className="no-keys">no chord</span> : <Keys chord={line.after} />}</td>
      <td>
        {line.reasons.join('; ')}.
        {next !== null && <span className="difference">{next.is_now ? 'Staying as it is' : next.chord === null ? 'No chord' : <Keys chord={next.chord} />} would cost {next.dearer.toFixed(0)} more: {next.reason}.</span>}
      </td>
      <td>
        <select
          className="form-select form-select-sm verdict" aria-label={`What you say to ${line.command.name} of ${line.application.name}`} disabled={!isOpen} value={verdict ?? ''}
          onChange={(event) => { onSay(VERDICTS.find(([id]) => id === event.target.value)?.[0]) }}
        >
          <option value="">—</option>
          {VERDICTS.map(([id, word]) => <option key={id} value={id}>{word}</option>)}
        </select>
      </td>
    </tr>
  )
}

function Decide({ count, isEmpty, onSearchAgain, onApply }: { count: number; isEmpty: boolean; onSearchAgain: () => void; onApply: (name: string) => void }) {
  const [name, setName] = useState('Harmonised')
  return (
    <div className="decide">
      <Button size="sm" variant="outline-secondary" disabled={count === 0} onClick={onSearchAgain}>Search again around what you said ({count})</Button>
      <Form className="save-as" onSubmit={(event) => { event.preventDefault(); onApply(name.trim()) }}>
        <Form.Label htmlFor="harmonised-name">Copies of factory keymaps are called</Form.Label>
        <Form.Control id="harmonised-name" size="sm" maxLength={60} value={name} onChange={(event) => { setName(event.target.value) }} />
        <Button type="submit" size="sm" disabled={name.trim() === '' || isEmpty || count > 0}>Apply to all keymaps</Button>
      </Form>
      {count > 0 && <p className="quiet">Search again first, so that the rest fits what you said.</p>}
    </div>
  )
}
