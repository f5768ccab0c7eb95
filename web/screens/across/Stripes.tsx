import { useState } from 'react'
import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { MendHere } from '../../keymap/MendHere'
import { ApplicationSelect } from '../../parts/AskedSelect'
import { counted } from '../../parts/counted'
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

/** Up to this many stripes all groups are open at first. */
const ALL_OPEN = 40

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
                    <strong>{Math.round(data.agreement * 100)} %</strong> of the shared intents have a chord in common, the frequent ones
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
                  {[...new Set(shown.map(({ intent }) => intent.group))].map((one, index) => (
                    <StripeGroup
                      key={`${one} of ${group}`}
                      name={one}
                      stripes={shown.filter(({ intent }) => intent.group === one)}
                      applications={data.applications}
                      isOpenFirst={index === 0 || shown.length <= ALL_OPEN}
                    />
                  ))}
                </table>
              </>
            )}
          </>
        )
      }}
    </Asking>
  )
}

interface GroupProps {
  name: string
  stripes: Schema['Stripe'][]
  applications: Schema['Named'][]
  isOpenFirst: boolean
}

/** The stripes of one group of intents under a head that says how alike they are, and opens them. */
function StripeGroup({ name, stripes: ofGroup, applications, isOpenFirst }: GroupProps) {
  const [isOpen, setOpen] = useState(isOpenFirst)
  const broken = ofGroup.filter(({ state }) => state === 'broken' || state === 'partial').length
  return (
    <tbody>
      <tr className={css.groupHead}>
        <th colSpan={applications.length + 2} scope="rowgroup">
          <button type="button" className="plain" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
            {name}
          </button>{' '}
          <span className="quiet">
            {counted(ofGroup.length, 'intent')}, {broken === 0 ? 'none broken' : `${broken} broken`}
          </span>
        </th>
      </tr>
      {isOpen && ofGroup.map((stripe) => <StripeRow key={stripe.intent.id} stripe={stripe} applications={applications} />)}
    </tbody>
  )
}

function StripeRow({ stripe, applications }: { stripe: Schema['Stripe']; applications: Schema['Named'][] }) {
  const [isMending, setMending] = useState(false)
  return (
    <>
      <tr data-state={stripe.state}>
        <th scope="row">{stripe.intent.name}</th>
        {stripe.cells.map((cell, index) => (
          <td
            key={cell.application}
            data-runs-on={cell.runs_on}
            data-runs-through={cell.runs_through}
            data-runs-into={stripe.cells[index + 1]?.runs_on === true || stripe.cells[index + 1]?.runs_through === true}
            data-bound={cell.chords.length > 0}
          >
            <Cell cell={cell} />
          </td>
        ))}
        <td className={stripes.stripeState}>
          {STATES[stripe.state]}
          {stripe.state === 'differs' && (
            <span className={table.difference}>{stripe.cells.find(({ difference }) => difference !== null)?.difference}</span>
          )}
          {stripe.can_be_mended && (
            <button type="button" className="plain" aria-expanded={isMending} onClick={() => setMending(!isMending)}>
              mend it<span className="visually-hidden">: {stripe.intent.name}</span>
            </button>
          )}
        </td>
      </tr>
      {isMending && (
        <tr className={css.mending}>
          <td colSpan={applications.length + 2}>
            <UseThereToo stripe={stripe} applications={applications} />
          </td>
        </tr>
      )}
    </>
  )
}

function Cell({ cell }: { cell: Schema['StripeCell'] }) {
  if (cell.command === null)
    return (
      <span className={cx(stripes.stripeCell, stripes.none)}>
        {!cell.runs_through && '—'}
        <span className="visually-hidden"> no such command</span>
      </span>
    )
  return (
    <Link className={stripes.stripeCell} to={`/remap/${cell.application}?command=${cell.command.id}`}>
      {cell.chords[0] === undefined ? <NoKeys /> : <Keys chord={cell.chords[0]} />}
      <span className={stripes.stripeCommand}>
        {cell.command.name}
        {cell.chords.length > 1 && ` (+${cell.chords.length - 1} more)`}
      </span>
    </Link>
  )
}

/** Each side's chord, offered to the others that lack it, with what follows there. */
function UseThereToo({ stripe, applications }: { stripe: Schema['Stripe']; applications: Schema['Named'][] }) {
  const [chosen, setChosen] = useState<{ application: Schema['Named']; command: Schema['Named']; chord: string } | null>(null)
  const chords = [
    ...new Map(stripe.cells.flatMap(({ chords: [first] }) => (first === undefined ? [] : [[first.id, first] as const]))).values(),
  ]
  return (
    <>
      <p className={css.mendOffers}>
        {chords.flatMap((chord) =>
          stripe.cells.flatMap(({ command, application: id, chords: own }) => {
            const application = applications.find((one) => one.id === id)
            if (command === null || application === undefined || own.some((one) => one.id === chord.id)) return []
            const isChosen = chosen?.application.id === id && chosen.chord === chord.id
            return [
              <button
                key={`${chord.id} ${id}`}
                type="button"
                className="plain"
                aria-pressed={isChosen}
                onClick={() => setChosen(isChosen ? null : { application, command, chord: chord.id })}
              >
                <Keys chord={chord} /> in {application.name} too
              </button>,
            ]
          }),
        )}
      </p>
      {chosen !== null && <MendHere key={`${chosen.application.id} ${chosen.chord}`} {...chosen} />}
    </>
  )
}
