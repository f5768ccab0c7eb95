import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { ApplicationSelect } from '../../parts/AskedSelect'
import { ApplicationChecks } from '../../parts/Checks'
import { HeadLine } from '../../parts/ScreenHead'
import { useStripes } from './queries'
import { Asking } from '../../parts/Asking'
import { Keys, NoKeys } from '../../parts/Keys'
import { useAddress } from '../../parts/useAddress'
import { ContextStripes } from './ContextStripes'
import { STATES } from './states'
import { cx } from '../../parts/cx'
import css from './across.module.css'
import stripes from '../../parts/stripes.module.css'
import table from '../../parts/table.module.css'

/** Stripes: how alike the applications are, or the contexts of one; the most damage first. */
export function Stripes() {
  const [read, write] = useAddress()
  const chosen = read('applications')
  const within = read('within')
  const group = read('group')
  const asked = useStripes(chosen, within)
  return (
    <Asking of={asked}>
      {(data) => {
        const groups = [...new Set(data.stripes.map(({ intent }) => intent.group))].sort()
        const shown = data.stripes.filter(({ intent }) => group === '' || intent.group === group)
        return (
          <>
            <HeadLine>
              <p>
                {data.agreement === null ? (
                  'There is nothing to compare yet.'
                ) : (
                  <>
                    <strong>{Math.round(data.agreement * 100)} %</strong> of the shared intents have the same first chord, the frequent ones
                    counting more.
                  </>
                )}
              </p>
              <label>
                Between{' '}
                <ApplicationSelect
                  className="form-select form-select-sm"
                  none="applications"
                  value={within}
                  onChoose={(id) => write({ within: id })}
                />
              </label>
              <label>
                Group{' '}
                <select className="form-select form-select-sm" value={group} onChange={(event) => write({ group: event.target.value })}>
                  <option value="">all</option>
                  {groups.map((one) => (
                    <option key={one}>{one}</option>
                  ))}
                </select>
              </label>
            </HeadLine>
            {within !== '' ? (
              <ContextStripes stripes={shown} />
            ) : (
              <>
                <ApplicationChecks legend="Compare" least={2} chosen={chosen} onChoose={(applications) => write({ applications })} />
                <table className={cx(stripes.stripes, stripes.wide)}>
                  <thead>
                    <tr>
                      <th scope="col">Intent</th>
                      {data.applications.map(({ id, name }) => (
                        <th scope="col" key={id}>
                          {name}
                        </th>
                      ))}
                      <th scope="col">State</th>
                    </tr>
                  </thead>
                  <tbody>
                    {shown.map((stripe) => (
                      <StripeRow key={stripe.intent.id} stripe={stripe} applications={data.applications} />
                    ))}
                  </tbody>
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
      {stripe.cells.map((cell, index) => (
        <td
          key={cell.application}
          data-runs-on={cell.runs_on}
          data-runs-into={stripe.cells[index + 1]?.runs_on === true}
          data-bound={cell.chords.length > 0}
        >
          {cell.command === null ? (
            <span className={cx(stripes.stripeCell, stripes.none)}>
              —<span className="visually-hidden"> no such command</span>
            </span>
          ) : (
            <Link className={stripes.stripeCell} to={`/remap/${cell.application}?command=${cell.command.id}`}>
              {cell.chords[0] === undefined ? <NoKeys /> : <Keys chord={cell.chords[0]} />}
              <span className={stripes.stripeCommand}>
                {cell.command.name}
                {cell.chords.length > 1 && ` (+${cell.chords.length - 1} more)`}
              </span>
            </Link>
          )}
        </td>
      ))}
      <td className={stripes.stripeState}>
        {STATES[stripe.state]}
        {stripe.state === 'differs' && (
          <span className={table.difference}>{stripe.cells.find(({ difference }) => difference !== null)?.difference}</span>
        )}
        {(stripe.state === 'broken' || stripe.state === 'partial') && <UseThereToo stripe={stripe} applications={applications} />}
      </td>
    </tr>
  )
}

/** Each side's chord, offered to the others; the way leads through Remap, where its clashes are shown. */
function UseThereToo({ stripe, applications }: { stripe: Schema['Stripe']; applications: Schema['Named'][] }) {
  const chords = [
    ...new Map(stripe.cells.flatMap(({ chords: [first] }) => (first === undefined ? [] : [[first.id, first] as const]))).values(),
  ]
  const offers = chords.flatMap((chord) =>
    stripe.cells.flatMap((to) => {
      if (to.command === null || to.chords[0]?.id === chord.id) return []
      const name = applications.find(({ id }) => id === to.application)?.name ?? to.application
      return [
        <Link
          key={`${chord.id} ${to.application}`}
          className={css.useToo}
          to={`/remap/${to.application}?command=${to.command.id}&chord=${encodeURIComponent(chord.id)}`}
        >
          <Keys chord={chord} /> in {name} too
        </Link>,
      ]
    }),
  )
  return offers.length === 0 ? null : (
    <details>
      <summary>
        Mend it<span className="visually-hidden"> for {stripe.intent.name}</span>
      </summary>
      {offers}
    </details>
  )
}
