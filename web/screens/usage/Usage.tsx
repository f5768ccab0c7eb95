import { useState } from 'react'
import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { useForgetSource, useUsageLog } from './mutations'
import { useUsage } from './queries'
import { Asking } from '../../parts/Asking'
import { counted } from '../../parts/counted'
import { Disclosure } from '../../parts/Disclosure'
import { SureButton } from '../../parts/SureButton'
import { KeysList } from '../../parts/Keys'
import { ProblemNote } from '../../parts/ProblemNote'
import { useAddress } from '../../parts/useAddress'
import { cx } from '../../parts/cx'
import css from './usage.module.css'
import layout from '../../parts/layout.module.css'
import table from '../../parts/table.module.css'

/** As many as one reads; the rest is asked for. */
const SHOWN = 40

/** How often commands are used, by key and by mouse, and where that is known from. Across weighs by it, Learn proposes by it. */
export function Usage() {
  const usage = useUsage()
  const { send, isSending, error } = useUsageLog()
  return (
    <Asking of={usage}>
      {(data) => (
        <>
          {data.sources.length === 0 ? (
            <p>
              There is no usage log yet. Until there is one, intents count by how often they are usually wanted. Suites can tell of your
              uses by themselves: say so when you sit down.
            </p>
          ) : (
            <Sources sources={data.sources} />
          )}
          <p className="quiet">
            Only commands, days and the hand are stored, never what was typed, for 400 days. You alone see them; the house sees sums of what
            five people or more have used.
          </p>
          <label className={css.usageFile}>
            Read a log (CSV: day, application, command, key, mouse){' '}
            <input
              type="file"
              accept=".csv,text/csv"
              className="form-control form-control-sm"
              disabled={isSending}
              onChange={(event) => {
                const file = event.target.files?.[0]
                if (file !== undefined) send(file)
                event.target.value = ''
              }}
            />
          </label>
          <ProblemNote error={error} />
          {data.sources.length > 0 && (
            <p className={css.turns}>
              <a href="/api/usage.csv" download>
                Export all of it
              </a>
              <SureButton
                question="All that is known of your uses goes; what you learn stays."
                isSending={isSending}
                onSure={() => send(null)}
              >
                Forget all of it
              </SureButton>
            </p>
          )}
          {data.unknown.length > 0 && <Unknown uses={data.unknown} />}
          {data.uses.length > 0 && <Uses uses={data.uses} />}
        </>
      )}
    </Asking>
  )
}

/** Where it comes from, each to be forgotten by itself. */
function Sources({ sources }: { sources: Schema['UsageSource'][] }) {
  const { send, isSending, error } = useForgetSource()
  return (
    <>
      <table className={table.findings}>
        <thead>
          <tr>
            <th scope="col">From</th>
            <th scope="col">Days</th>
            <th scope="col">Uses</th>
            <th scope="col">
              <span className="visually-hidden">Forget</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {sources.map((one) => (
            <tr key={one.id}>
              <td>{one.is_sitting ? `sitting in ${one.name}` : one.name}</td>
              <td>{one.first === null ? 'nothing yet' : one.first === one.last ? one.first : `${one.first} to ${one.last}`}</td>
              <td className={css.number}>{one.uses.toLocaleString()}</td>
              <td>
                <button type="button" className="plain" disabled={isSending} onClick={() => send(one.id)}>
                  Forget it<span className="visually-hidden"> {one.name}</span>
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <ProblemNote error={error} />
    </>
  )
}

/** What logs name and no catalogue has: it is not in any sum. */
function Unknown({ uses }: { uses: Schema['UnknownUse'][] }) {
  return (
    <Disclosure
      className={css.unknown}
      summary={`${counted(uses.length, 'command')} in your log ${uses.length === 1 ? 'is' : 'are'} not known here`}
    >
      {() => (
        <ul>
          {uses.map((one) => (
            <li key={`${one.application.id} ${one.command}`}>
              <strong>{one.command}</strong> in {one.application.name}, {counted(one.uses, 'use')}:{' '}
              {one.is_application_known ? (
                'its catalogue has no such command.'
              ) : (
                <>
                  no such application is known. <Link to="/applications">Bring it</Link>
                </>
              )}
            </li>
          ))}
        </ul>
      )}
    </Disclosure>
  )
}

function Uses({ uses }: { uses: Schema['UsedCommand'][] }) {
  const [read, write] = useAddress()
  const [isAll, setAll] = useState(false)
  const isMouse = read('only') === 'mouse'
  const byMouse = uses
    .filter(({ chords, by_mouse }) => chords.length > 0 && by_mouse > 0)
    .sort((one, other) => other.by_mouse - one.by_mouse)
  const some = isMouse ? byMouse : uses
  return (
    <>
      <div className={layout.filters} role="group" aria-label="Show">
        <button type="button" className="plain" aria-pressed={!isMouse} onClick={() => write({ only: '' })}>
          the most used
        </button>
        <button type="button" className="plain" aria-pressed={isMouse} onClick={() => write({ only: 'mouse' })}>
          done by mouse though there is a chord
        </button>
      </div>
      <table className={cx(table.findings, css.uses)} aria-label="Commands">
        <thead>
          <tr>
            <th scope="col">Command</th>
            <th scope="col">Chord</th>
            <th scope="col">By key</th>
            <th scope="col">By mouse</th>
          </tr>
        </thead>
        <tbody>
          {some.slice(0, isAll ? some.length : SHOWN).map((one) => (
            <tr key={`${one.application.id} ${one.command.id}`}>
              <td>
                <Link to={`/remap/${one.application.id}?command=${encodeURIComponent(one.command.id)}`}>{one.command.name}</Link>{' '}
                <span className="quiet">{one.application.name}</span>
              </td>
              <td>
                <KeysList chords={one.chords} />
              </td>
              <td className={css.number}>{one.by_key}</td>
              <td className={css.number}>{one.by_mouse}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {!isAll && some.length > SHOWN && (
        <button type="button" className="plain" onClick={() => setAll(true)}>
          Show all {some.length}
        </button>
      )}
    </>
  )
}
