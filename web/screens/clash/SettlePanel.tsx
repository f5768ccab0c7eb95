import { useState } from 'react'
import type { Schema } from '../../api/client'
import { useSettlement } from './queries'
import { ChangeButton } from '../../keymap/ChangeButton'
import { Asking } from '../../parts/Asking'
import { ConsequenceList } from '../../parts/ConsequenceList'
import { Keys } from '../../parts/Keys'
import css from './clash.module.css'

/** A cheapest set of repairs that leaves no fault, nor a warning where that is asked for; each line can be left out. */
export function SettlePanel({ application }: { application: string }) {
  const [withWarnings, setWithWarnings] = useState(false)
  const settlement = useSettlement(application, withWarnings)
  return (
    <section aria-label="Settle all">
      <h2>Settle all {withWarnings ? 'clashes' : 'faults'}</h2>
      <label>
        <input type="checkbox" checked={withWarnings} onChange={(event) => setWithWarnings(event.target.checked)} /> the warnings too
      </label>
      <Asking of={settlement}>
        {(data) => <Lines key={data.repairs.map(({ id }) => id).join()} application={application} settlement={data} />}
      </Asking>
    </section>
  )
}

function Lines({ application, settlement }: { application: string; settlement: Schema['Settlement'] }) {
  const [refused, setRefused] = useState<ReadonlySet<string>>(new Set())
  const taken = settlement.repairs.filter(({ id }) => !refused.has(id))
  const all = settlement.repairs.length
  const change = { removed: taken.flatMap((one) => one.change.removed), added: taken.flatMap((one) => one.change.added) }
  const title = taken.length === all ? `Settle all: ${all === 1 ? 'one repair' : `${all} repairs`}` : `Settle ${taken.length} of ${all}`
  return (
    <>
      <p>
        {settlement.sentence}
        {all > 0 && (
          <span className="quiet">
            {' '}
            It costs {settlement.cost.toFixed(1)}; no set costs less than {settlement.bound.toFixed(1)}.
          </span>
        )}
      </p>
      <ul className={css.repairs}>
        {settlement.repairs.map((repair) => (
          <li key={repair.id}>
            <label>
              <input
                type="checkbox"
                checked={!refused.has(repair.id)}
                onChange={(event) => {
                  const next = new Set(refused)
                  if (event.target.checked) next.delete(repair.id)
                  else next.add(repair.id)
                  setRefused(next)
                }}
              />{' '}
              <Keys chord={repair.chord} /> {repair.steps.join('; ')}
            </label>
            <ConsequenceList of={repair.consequences} />
          </li>
        ))}
      </ul>
      {all > 0 && (
        <ChangeButton wanted={{ application, title, change }} isDisabled={taken.length === 0}>
          {taken.length === all ? (all === 1 ? 'Make this repair' : `Make all ${all} repairs`) : `Make ${taken.length} of ${all} repairs`}
        </ChangeButton>
      )}
    </>
  )
}
