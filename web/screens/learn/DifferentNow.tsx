import type { Schema } from '../../api/client'
import { Asking } from '../../parts/Asking'
import { Keys } from '../../parts/Keys'
import { ProblemNote } from '../../parts/ProblemNote'
import { day } from '../../parts/when'
import { useBeginDrill, useKnown } from './mutations'
import { useDifferences } from './queries'
import table from '../../parts/table.module.css'
import css from './learn.module.css'

/** What has moved under the hands, each with its old chord. */
export function DifferentNow() {
  const drill = useBeginDrill()
  const known = useKnown()
  return (
    <section aria-labelledby="different">
      <h2 id="different">What is different now</h2>
      <Asking of={useDifferences()}>
        {({ moved, since }) => (
          <>
            <p className="quiet">Chords that ran something before {day(since)} and do not now.</p>
            <table className={table.findings}>
              <thead>
                <tr>
                  <th scope="col">Command</th>
                  <th scope="col">Was</th>
                  <th scope="col">Is now</th>
                  <th scope="col">The old chord</th>
                </tr>
              </thead>
              <tbody>
                {moved.map((one) => (
                  <Moved key={`${one.application.id} ${one.old.id}`} of={one} />
                ))}
              </tbody>
            </table>
            <p className={css.turns}>
              <button
                type="button"
                className="btn btn-sm btn-primary"
                disabled={drill.isSending || moved.every(({ now }) => now === null)}
                onClick={() => drill.send({ of: 'different' })}
              >
                Drill these
              </button>{' '}
              <button type="button" className="plain" disabled={known.isSending} onClick={() => known.send()}>
                I know these
              </button>
            </p>
            <ProblemNote error={drill.error ?? known.error} />
          </>
        )}
      </Asking>
    </section>
  )
}

function Moved({ of: { application, old, now, instead } }: { of: Schema['MovedChord'] }) {
  return (
    <tr>
      <td>
        {old.command.name}{' '}
        <span className="quiet">
          {application.name}, {old.context.name}
        </span>
      </td>
      <td>
        <s>
          <Keys chord={old.chord} />
        </s>
      </td>
      <td>{now === null ? <em>no chord</em> : <Keys chord={now.chord} />}</td>
      <td>{instead === null ? 'does nothing' : `runs ${instead.name}`}</td>
    </tr>
  )
}
