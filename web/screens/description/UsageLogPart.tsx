import { useState } from 'react'
import type { Schema } from '../../api/client'
import { Choice } from '../../parts/Choice'
import { counted } from '../../parts/counted'
import { Field } from '../../parts/Field'
import { ProblemNote } from '../../parts/ProblemNote'
import { useSettled } from '../../parts/useSettled'
import type { PartProps } from './DescriptionScreen'
import { useDescribe } from './mutations'
import { useLogPreview } from './queries'
import table from '../../parts/table.module.css'
import css from './description.module.css'

/** What is pointed at so far; empty where nothing is. */
interface Pointed {
  day: string
  command: string
  /** Whether each line is one use, with a column that tells the hand. */
  isByUse: boolean
  key: string
  mouse: string
  hand: string
  keyWords: string
  mouseWords: string
}

const pointedAt = (columns: Schema['LogColumns'] | null): Pointed => ({
  day: columns?.day ?? '',
  command: columns?.command ?? '',
  isByUse: columns?.hand !== undefined,
  key: columns?.key ?? '',
  mouse: columns?.mouse ?? '',
  hand: columns?.hand?.column ?? '',
  keyWords: columns?.hand?.key.join(', ') ?? '',
  mouseWords: columns?.hand?.mouse.join(', ') ?? '',
})

const wordsOf = (text: string): string[] =>
  text
    .split(',')
    .map((word) => word.trim())
    .filter((word) => word !== '')

/** What the server is told; null while something is missing. */
function columnsOf({ day, command, isByUse, key, mouse, hand, keyWords, mouseWords }: Pointed): Schema['LogColumns'] | null {
  if (day === '' || command === '') return null
  if (isByUse)
    return hand === '' || wordsOf(keyWords).length === 0 || wordsOf(mouseWords).length === 0
      ? null
      : { day, command, hand: { column: hand, key: wordsOf(keyWords), mouse: wordsOf(mouseWords) } }
  return key === '' && mouse === '' ? null : { day, command, ...(key === '' ? {} : { key }), ...(mouse === '' ? {} : { mouse }) }
}

/** Which columns of the application's usage log say what, pointed at in a log of it. */
export function UsageLogPart({ brought, window }: PartProps) {
  const [file, setFile] = useState<File | null>(null)
  const [pointed, setPointed] = useState(() => pointedAt(brought.usage_log))
  const describe = useDescribe(brought.id, brought.version, window)
  const columns = columnsOf(pointed)
  const preview = useLogPreview(brought.id, file, columnsOf(useSettled(pointed)))
  const names = preview.data?.columns ?? []
  const options = names.map((name) => ({ id: name, name }))
  const point = (next: Partial<Pointed>) => setPointed((before) => ({ ...before, ...next }))
  return (
    <section aria-labelledby="usage-log">
      <h2 id="usage-log">Its usage log</h2>
      <p>
        Where {brought.name} writes how often its commands are used (CSV with a line of column names), suites can tell it for Learn. Point
        at what its columns say; nothing of other columns is ever read. Without this they are called day, command, key and mouse.
      </p>
      {brought.usage_log !== null && (
        <p>
          Now: <Told columns={brought.usage_log} />.{' '}
          {brought.may_change && (
            <button type="button" className="plain" disabled={describe.isSending} onClick={() => describe.send({ usage_log: null })}>
              Use our own columns instead
            </button>
          )}
        </p>
      )}
      <label className={css.logFile}>
        A log of it, to point at{' '}
        <input
          type="file"
          accept=".csv,text/csv"
          className="form-control form-control-sm"
          onChange={(event) => {
            const next = event.target.files?.[0]
            if (next !== undefined) setFile(next)
          }}
        />
      </label>
      <ProblemNote error={preview.error ?? describe.error} />
      {preview.data !== undefined && (
        <>
          <div className={css.logSample}>
            <table className={table.findings}>
              <caption className="visually-hidden">The first lines of the log</caption>
              <thead>
                <tr>
                  {names.map((name) => (
                    <th key={name} scope="col">
                      {name}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {preview.data.rows.map((row, index) => (
                  <tr key={index}>
                    {row.map((field, at) => (
                      <td key={at}>{field}</td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          <div className={css.logColumns}>
            <Choice label="The day " value={pointed.day} of={options} none="…" onChange={(day) => point({ day })} />
            <Choice label="The command " value={pointed.command} of={options} none="…" onChange={(command) => point({ command })} />
            <Choice
              label="A line is "
              value={pointed.isByUse ? 'use' : 'count'}
              of={[
                { id: 'count', name: 'a count of uses' },
                { id: 'use', name: 'one use' },
              ]}
              onChange={(kind) => point({ isByUse: kind === 'use' })}
            />
            {pointed.isByUse ? (
              <>
                <Choice label="The hand " value={pointed.hand} of={options} none="…" onChange={(hand) => point({ hand })} />
                <Field
                  label="Words for by key, with commas between"
                  value={pointed.keyWords}
                  isRequired={false}
                  onChange={(keyWords) => point({ keyWords })}
                />
                <Field
                  label="Words for by mouse, with commas between"
                  value={pointed.mouseWords}
                  isRequired={false}
                  onChange={(mouseWords) => point({ mouseWords })}
                />
              </>
            ) : (
              <>
                <Choice label="Uses by key " value={pointed.key} of={options} none="not told" onChange={(key) => point({ key })} />
                <Choice label="Uses by mouse " value={pointed.mouse} of={options} none="not told" onChange={(mouse) => point({ mouse })} />
              </>
            )}
          </div>
          <Read preview={preview.data} />
        </>
      )}
      {brought.may_change && (
        <p>
          <button
            type="button"
            className="btn btn-sm btn-primary"
            disabled={columns === null || describe.isSending || (preview.data !== undefined && preview.data.problem !== null)}
            onClick={() => columns !== null && describe.send({ usage_log: columns })}
          >
            Read its logs so
          </button>
        </p>
      )}
    </section>
  )
}

function Told({ columns: { day, command, key, mouse, hand } }: { columns: Schema['LogColumns'] }) {
  return (
    <>
      the day in “{day}”, the command in “{command}”
      {hand !== undefined && `, the hand in “${hand.column}” (${hand.key.join(', ')} by key; ${hand.mouse.join(', ')} by mouse)`}
      {key !== undefined && `, uses by key in “${key}”`}
      {mouse !== undefined && `, uses by mouse in “${mouse}”`}
    </>
  )
}

/** What was read with the columns that are pointed at. */
function Read({ preview: { read, problem } }: { preview: Schema['UsageLogPreview'] }) {
  if (problem !== null) return <p role="alert">{problem}</p>
  if (read === null) return <p className="quiet">Point at the day, the command, and how it was used.</p>
  const uses = `${counted(read.by_key, 'use')} by key and ${read.by_mouse.toLocaleString()} by mouse`
  return (
    <p role="status">
      So it tells of {counted(read.days, 'day')}: {uses}, of {counted(read.known, 'command')} that {read.known === 1 ? 'is' : 'are'} known
      {read.unknown.length > 0 && `, and of some that are not: ${read.unknown.join(', ')}`}.
    </p>
  )
}
