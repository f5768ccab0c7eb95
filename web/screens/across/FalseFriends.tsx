import { useState } from 'react'
import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { ApplicationChecks } from '../../parts/Checks'
import { Empty } from '../../parts/Empty'
import { useAddress } from '../../parts/useAddress'
import { useFalseFriends } from './queries'
import { Asking } from '../../parts/Asking'
import { Keys } from '../../parts/Keys'
import { cx } from '../../parts/cx'
import css from './across.module.css'
import table from '../../parts/table.module.css'

/** As many as one reads; the rest is asked for. */
const SHOWN = 40

/** Chords that mislead somebody who knows them from elsewhere: what one expects, and what happens instead. */
export function FalseFriends() {
  const [read, write] = useAddress()
  const applications = read('applications')
  const friends = useFalseFriends(applications)
  const [isAll, setAll] = useState(false)
  return (
    <>
      <ApplicationChecks legend="Compare" least={2} chosen={applications} onChoose={(next) => write({ applications: next })} />
      <Asking of={friends}>
        {({ false_friends: all }) => {
          const dangerous = all.filter((one) => one.is_dangerous).length
          if (all.length === 0)
            return (
              <Empty>
                <strong>No chord misleads here.</strong> Whatever one of these applications teaches the hands, the others do too, or
                nothing.
              </Empty>
            )
          return (
            <>
              <p>
                {all.length} chords do something else than one expects;{' '}
                {dangerous === 0 ? (
                  'none of them destroys anything'
                ) : (
                  <>
                    <strong>{dangerous}</strong> of them can destroy work
                  </>
                )}
                .
              </p>
              <table className={cx(table.findings, css.friends)}>
                <thead>
                  <tr>
                    <th scope="col">Chord</th>
                    <th scope="col">What you expect</th>
                    <th scope="col">What happens instead</th>
                  </tr>
                </thead>
                <tbody>
                  {all.slice(0, isAll ? all.length : SHOWN).map((one) => (
                    <tr key={`${one.chord.id} ${one.instead.application.id} ${one.instead.id}`} data-dangerous={one.is_dangerous}>
                      <td>
                        <Keys chord={one.chord} />
                      </td>
                      <td>
                        {byIntent(one.expected).map(([intent, applications]) => (
                          <span key={intent} className={css.friend}>
                            {intent} <span className="quiet">{applications.join(', ')}</span>
                          </span>
                        ))}
                      </td>
                      <td>
                        <Instead side={one.instead} isDangerous={one.is_dangerous} />
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
              {!isAll && all.length > SHOWN && (
                <button type="button" className="plain" onClick={() => setAll(true)}>
                  Show all {all.length}
                </button>
              )}
            </>
          )
        }}
      </Asking>
    </>
  )
}

/** Which applications teach the hands which intent for the chord. */
function byIntent(sides: Schema['FriendSide'][]): [string, string[]][] {
  const found = new Map<string, Set<string>>()
  for (const { intent, application } of sides) found.set(intent ?? '', (found.get(intent ?? '') ?? new Set()).add(application.name))
  return [...found].map(([intent, applications]) => [intent, [...applications]])
}

function Instead({ side, isDangerous }: { side: Schema['FriendSide']; isDangerous: boolean }) {
  return (
    <>
      {isDangerous && <b className={css.danger}>destroys: </b>}
      <Link to={`/remap/${side.application.id}?command=${encodeURIComponent(side.command.id)}&context=${side.context.id}`}>
        {side.command.name}
      </Link>{' '}
      <span className="quiet">
        {side.context.name}, {side.application.name}. {side.tooltip}.
      </span>
    </>
  )
}
