import { useState } from 'react'
import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { useUsageLog } from './mutations'
import { useUsage } from './queries'
import { Asking } from '../../parts/Asking'
import { KeysList } from '../../parts/Keys'
import { ProblemNote } from '../../parts/ProblemNote'
import { useAddress } from '../../parts/useAddress'
import { cx } from '../../parts/cx'
import css from './usage.module.css'
import layout from '../../parts/layout.module.css'
import table from '../../parts/table.module.css'

/** As many as one reads; the rest is asked for. */
const SHOWN = 40

/** How often commands are used, by key and by mouse. Everything in Across is weighed by it. */
export function Usage() {
  const usage = useUsage()
  const { send, isSending, error } = useUsageLog()
  return (
    <Asking of={usage}>
      {(data) => (
        <>
          <p>
            {data.name === null ? (
              'There is no usage log yet. Until there is one, intents count by how often they are usually wanted.'
            ) : (
              <>
                From <strong>{data.name}</strong>, {data.days} days.{' '}
              </>
            )}
            {data.name !== null && (
              <button type="button" className="plain" disabled={isSending} onClick={() => send(null)}>
                Forget it
              </button>
            )}
          </p>
          <label className={css.usageFile}>
            {data.name === null ? 'Read a log' : 'Read another log'} (CSV: day, application, command, key, mouse){' '}
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
          {data.uses.length > 0 && <Uses uses={data.uses} />}
        </>
      )}
    </Asking>
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
      <table className={cx(table.findings, css.uses)}>
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
