import type { ReactNode } from 'react'
import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { useApplications, useStripes } from '../../api/queries'
import { Asking } from '../../parts/Asking'
import { Keys } from '../../parts/Keys'
import { useAddress } from '../../parts/useAddress'
import { ContextStripes } from './ContextStripes'
import { STATES } from './states'

/** Stripes: how alike the applications are, or the contexts of one; the most damage first. */
export function Stripes({ chosen, columns }: { chosen: string; columns: ReactNode }) {
  const [read, write] = useAddress()
  const within = read('within')
  const group = read('group')
  const stripes = useStripes(chosen, within)
  const applications = (useApplications().data?.applications ?? []).filter((one) => !one.is_desktop)
  return (
    <Asking of={stripes}>
      {(data) => {
        const groups = [...new Set(data.stripes.map(({ intent }) => intent.group))].sort()
        const shown = data.stripes.filter(({ intent }) => group === '' || intent.group === group)
        return (
          <>
            <div className="place-head">
              <p>{data.agreement === null ? 'There is nothing to compare yet.' : <><strong>{Math.round(data.agreement * 100)} %</strong> of the shared intents have the same first chord, the frequent ones counting more.</>}</p>
              <label>Between{' '}
                <select className="form-select form-select-sm" value={within} onChange={(event) => { write({ within: event.target.value }) }}>
                  <option value="">applications</option>
                  {applications.map(({ id, name }) => <option key={id} value={id}>contexts of {name}</option>)}
                </select>
              </label>
              <label>Group{' '}
                <select className="form-select form-select-sm" value={group} onChange={(event) => { write({ group: event.target.value }) }}>
                  <option value="">all</option>
                  {groups.map((one) => <option key={one}>{one}</option>)}
                </select>
              </label>
            </div>
            {within !== '' ? <ContextStripes stripes={shown} /> : (
              <>
                {columns}
                <table className="stripes wide">
                  <thead><tr><th scope="col">Intent</th>{data.applications.map(({ id, name }) => <th scope="col" key={id}>{name}</th>)}<th scope="col">State</th></tr></thead>
                  <tbody>{shown.map((stripe) => <StripeRow key={stripe.intent.id} stripe={stripe} applications={data.applications} />)}</tbody>
                </table>
              </>
            )}
          </>
        )
      }}
    </Asking>
  )
}

function StripeRow({ stripe, applications }: { stripe: Schema['Stripe']; applications: Schema['Named'][] }) {
  return (
    <tr data-state={stripe.state}>
      <th scope="row">{stripe.intent.name}</th>
      {stripe.cells.map((cell, place) => (
        <td key={cell.application} data-runs-on={cell.runs_on} data-runs-into={stripe.cells[place + 1]?.runs_on === true} data-bound={cell.chords.length > 0}>
          {cell.command === null
            ? <span className="stripe-cell none">—<span className="visually-hidden"> no such command</span></span>
            : (
              <Link className="stripe-cell" to={`/remap/${cell.application}?command=${cell.command.id}`}>
                {cell.chords[0] === undefined ? <span className="no-keys">no chord</span> : <Keys chord={cell.chords[0]} />}
                <span className="stripe-command">{cell.command.name}{cell.chords.length > 1 && ` (+${cell.chords.length - 1} more)`}</span>
              </Link>
            )}
        </td>
      ))}
      <td className="stripe-state">
        {STATES[stripe.state]}
        {stripe.state === 'differs' && <span className="difference">{stripe.cells.find(({ difference }) => difference !== null)?.difference}</span>}
        {(stripe.state === 'broken' || stripe.state === 'partial') && <UseThereToo stripe={stripe} applications={applications} />}
      </td>
    </tr>
  )
}

/** Each side's chord, offered to the others; the way leads through Remap, where its clashes are shown. */
function UseThereToo({ stripe, applications }: { stripe: Schema['Stripe']; applications: Schema['Named'][] }) {
  const chords = [...new Map(stripe.cells.flatMap(({ chords: [first] }) => first === undefined ? [] : [[first.id, first] as const])).values()]
  const offers = chords.flatMap((chord) => stripe.cells.flatMap((to) => {
    if (to.command === null || to.chords[0]?.id === chord.id) return []
    const name = applications.find(({ id }) => id === to.application)?.name ?? to.application
    return [(
      <Link key={`${chord.id} ${to.application}`} className="use-too" to={`/remap/${to.application}?command=${to.command.id}&chord=${encodeURIComponent(chord.id)}`}>
        <Keys chord={chord} /> in {name} too
      </Link>
    )]
  }))
  return offers.length === 0 ? null : <details><summary>Mend it<span className="visually-hidden"> for {stripe.intent.name}</span></summary>{offers}</details>
}
