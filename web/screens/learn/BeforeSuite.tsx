import { useState } from 'react'
import type { Schema } from '../../api/client'
import { SuiteSelect } from '../../parts/AskedSelect'
import { Asking } from '../../parts/Asking'
import { counted } from '../../parts/counted'
import { Keys } from '../../parts/Keys'
import { ProblemNote } from '../../parts/ProblemNote'
import { useAddress } from '../../parts/useAddress'
import { useBeginDrill } from './mutations'
import { useSuiteDifferences } from './queries'
import table from '../../parts/table.module.css'
import css from './learn.module.css'

/** As many as one reads; the rest is asked for. */
const SHOWN = 12

/** Ten minutes before one sits down somewhere: what will be different there, and a drill of it. */
export function BeforeSuite() {
  const [read, write] = useAddress()
  const suite = read('suite')
  const differences = useSuiteDifferences(suite)
  return (
    <section aria-labelledby="before-suite">
      <h2 id="before-suite">Ten minutes before I sit down elsewhere</h2>
      <p className={css.sentence}>
        in <SuiteSelect label="Suite" none="a suite" value={suite} onChoose={(next) => write({ suite: next }, { replace: true })} />
      </p>
      <Asking of={differences}>{(found) => <Found key={suite} found={found} />}</Asking>
    </section>
  )
}

function Found({ found }: { found: Schema['SuiteDifferences'] }) {
  const { send, isSending, error } = useBeginDrill()
  const [isAll, setAll] = useState(false)
  if (found.count === 0) return <p>All that your hands know does the same in {found.suite.name}.</p>
  return (
    <>
      <p>
        {counted(found.count, 'chord of yours does', 'chords of yours do')} something else there, or nothing.{' '}
        <button
          type="button"
          className="btn btn-sm btn-primary"
          disabled={isSending}
          onClick={() => send({ of: 'suite', suite: found.suite.id })}
        >
          Drill what is different in {found.suite.name}
        </button>
      </p>
      <ProblemNote error={error} />
      <table className={table.findings}>
        <thead>
          <tr>
            <th scope="col">What I want</th>
            <th scope="col">Mine</th>
            <th scope="col">There it is</th>
            <th scope="col">Mine does there</th>
          </tr>
        </thead>
        <tbody>
          {found.surprises.slice(0, isAll ? found.surprises.length : SHOWN).map((one) => (
            <tr key={`${one.application.id} ${one.mine.id}`}>
              <td>
                {one.command.name}{' '}
                <span className="quiet">
                  {one.application.name}, {one.mine.context.name}
                </span>
              </td>
              <td>
                <Keys chord={one.mine.chord} />
              </td>
              <td>{one.there[0] === undefined ? <em>no chord</em> : <Keys chord={one.there[0].chord} />}</td>
              <td>
                {one.instead === null ? 'nothing' : one.instead.name}
                {one.is_dangerous && <strong> (destroys)</strong>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {!isAll && found.surprises.length > SHOWN && (
        <button type="button" className="plain" onClick={() => setAll(true)}>
          Show {found.surprises.length}
        </button>
      )}
    </>
  )
}
