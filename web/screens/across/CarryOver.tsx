import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useNavigate } from 'react-router'
import type { Schema } from '../../api/client'
import { ApplicationSelect, SuiteSelect } from '../../parts/AskedSelect'
import { useApplications } from '../../api/applications'
import { useSaveCarryOver } from './mutations'
import { useCarryOver } from './queries'
import { Asking } from '../../parts/Asking'
import { ConsequenceList } from '../../parts/ConsequenceList'
import { Empty } from '../../parts/Empty'
import { Disclosure } from '../../parts/Disclosure'
import { Keys } from '../../parts/Keys'
import { ProblemNote } from '../../parts/ProblemNote'
import { useAddress } from '../../parts/useAddress'
import { ApplicationChecks } from '../../parts/Checks'
import { cx } from '../../parts/cx'
import css from './across.module.css'
import layout from '../../parts/layout.module.css'
import table from '../../parts/table.module.css'

type Line = Schema['CarriedLine']
type Said = Record<string, boolean>

const ENDINGS: [Line['ending'], string][] = [
  ['carried', 'carried'],
  ['differs', 'carried, but behaves differently'],
  ['displaces', 'takes another command’s chord'],
  ['nothing-to-carry-to', 'nothing to carry to'],
  ['out-of-reach', 'out of reach'],
  ['reserved', 'reserved'],
]

/** Makes one application behave like others: the report of every binding first, then a keymap of its own. */
export function CarryOver() {
  return (
    <Asking of={useApplications()}>
      {({ applications }) => <Choosing applications={applications.filter((one) => !one.is_desktop).map(({ id }) => id)} />}
    </Asking>
  )
}

function Choosing({ applications }: { applications: string[] }) {
  const [read, write] = useAddress()
  const target = read('to')
  const from = read('from')
  const suite = read('suite')
  const others = applications.filter((id) => id !== target)
  const sources = from === '' ? others.slice(0, 1) : from.split(',').filter((id) => id !== target)
  const [said, setSaid] = useState<Said>({})
  const wanted = target === '' || sources.length === 0 ? null : { target, sources, said, ...(suite === '' ? {} : { suite }) }
  const report = useCarryOver(wanted)
  const choose = (next: Record<string, string>) => {
    setSaid({})
    write(next)
  }
  return (
    <>
      <div className={css.carry}>
        <label>
          Make{' '}
          <ApplicationSelect
            className="form-select form-select-sm"
            none="choose an application"
            value={target}
            onChoose={(to) => choose({ to })}
          />
        </label>
        <label>
          at the keyboard of{' '}
          <SuiteSelect className="form-select form-select-sm" none="this seat" value={suite} onChoose={(next) => choose({ suite: next })} />
        </label>
        <ApplicationChecks
          legend="behave like"
          least={1}
          chosen={sources.join()}
          but={target}
          onChoose={(next) => choose({ from: next === '' ? others.join() : next })}
        />
      </div>
      {wanted === null ? (
        <Empty>
          <strong>Sit down at an application that you do not know.</strong> Choose it, and what your hands know already. You see what
          becomes of each of your chords before anything is written.
        </Empty>
      ) : (
        <Asking of={report}>
          {(data) => (
            <ReportOf
              key={`${target} ${from} ${suite}`}
              report={data}
              wanted={wanted}
              said={said}
              onSay={(next) => setSaid({ ...said, ...next })}
            />
          )}
        </Asking>
      )}
    </>
  )
}

interface ReportProps {
  report: Schema['CarryOver']
  wanted: Schema['CarryOverWanted']
  said: Said
  onSay: (said: Said) => void
}

function ReportOf({ report, wanted, said, onSay }: ReportProps) {
  const [ending, setEnding] = useState('')
  const shown = report.lines.filter((line) => ending === '' || line.ending === ending)
  const accepted = report.lines.filter(({ is_accepted }) => is_accepted).length
  return (
    <>
      <p>
        <strong>{report.lines.length}</strong> chords of {wanted.sources.map((id) => keymapOf(report, id)).join(', ')}; {accepted} of them
        come to {report.target.name}, on top of its keymap {report.made_from[report.target.id]?.name}.
      </p>
      {report.lost.length > 0 && (
        <Disclosure
          summary={`${report.lost.length === 1 ? 'One chord' : `${report.lost.length} chords`} of the new keymap cannot be pressed there`}
        >
          {() => (
            <ul>
              {report.lost.map(({ binding, sentence }) => (
                <li key={binding.id}>
                  <Keys chord={binding.chord} /> {binding.command.name}: {sentence}
                </li>
              ))}
            </ul>
          )}
        </Disclosure>
      )}
      <div className={layout.filters} role="group" aria-label="Show">
        <button type="button" className="plain" aria-pressed={ending === ''} onClick={() => setEnding('')}>
          all {report.lines.length}
        </button>
        {ENDINGS.map(([id, name]) => (
          <button
            key={id}
            type="button"
            className="plain"
            data-ending={id}
            aria-pressed={ending === id}
            disabled={report.counts[id] === 0}
            onClick={() => setEnding(id)}
          >
            {name} {report.counts[id]}
          </button>
        ))}
      </div>
      <SaveAs report={report} wanted={wanted} said={said} />
      <Disclosure className={css.consequences} summary="What that settles, raises and makes the hands relearn">
        {() => <ConsequenceList of={report.consequences} />}
      </Disclosure>
      <table className={cx(table.findings, css.carried)}>
        <thead>
          <tr>
            <th scope="col">Take it</th>
            <th scope="col">Chord</th>
            <th scope="col">Does</th>
            <th scope="col">In {report.target.name}</th>
            <th scope="col">How it ends</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((line) => (
            <ReportLine key={line.id} line={line} onSay={(isAccepted) => onSay({ [line.id]: isAccepted })} />
          ))}
        </tbody>
      </table>
    </>
  )
}

/** Which keymap of an application the chords come from. */
function keymapOf(report: Schema['CarryOver'], application: string): string {
  const from = report.lines.find((line) => line.from.id === application)?.from.name ?? application
  return `${from} (${report.made_from[application]?.name ?? ''})`
}

function ReportLine({ line, onSay }: { line: Line; onSay: (isAccepted: boolean) => void }) {
  const name = ENDINGS.find(([id]) => id === line.ending)?.[1]
  return (
    <tr data-ending={line.ending}>
      <td>
        {line.to !== null && (
          <input
            type="checkbox"
            aria-label={`Take ${line.binding.command.name} of ${line.from.name}`}
            checked={line.is_accepted}
            onChange={(event) => onSay(event.target.checked)}
          />
        )}
      </td>
      <td>
        <Keys chord={line.binding.chord} />
        {line.binding.gesture === 'hold' && <span className="quiet"> held</span>}
      </td>
      <td>
        {line.binding.command.name} <span className="quiet">{line.from.name}</span>
      </td>
      <td>
        {line.to === null ? (
          '—'
        ) : (
          <>
            {line.to.command.name} {line.to.chord.label !== line.binding.chord.label && <Keys chord={line.to.chord} />}
          </>
        )}
      </td>
      <td>
        <b>{name}</b>
        {line.sentence !== '' && <span className={table.difference}>{line.sentence}</span>}
      </td>
    </tr>
  )
}

function SaveAs({ report, wanted, said }: Omit<ReportProps, 'onSay'>) {
  const navigate = useNavigate()
  const [name, setName] = useState('')
  const { send, isSending, error } = useSaveCarryOver(() => navigate(`/remap/${report.target.id}`))
  return (
    <Form
      className={layout.saveAs ?? ''}
      onSubmit={(event) => {
        event.preventDefault()
        send({ ...wanted, said, versions: report.made_from, name: name.trim() })
      }}
    >
      <Form.Label htmlFor="carried-name">Save as a keymap of {report.target.name} called</Form.Label>
      <Form.Control id="carried-name" size="sm" maxLength={60} value={name} onChange={(event) => setName(event.target.value)} />
      <Button type="submit" size="sm" disabled={name.trim() === '' || isSending}>
        {isSending ? 'Saving …' : 'Save and use it'}
      </Button>
      <ProblemNote error={error} />
    </Form>
  )
}
