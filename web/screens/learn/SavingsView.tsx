import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { Asking } from '../../parts/Asking'
import { counted } from '../../parts/counted'
import { Disclosure } from '../../parts/Disclosure'
import { Empty } from '../../parts/Empty'
import { Keys } from '../../parts/Keys'
import { ProblemNote } from '../../parts/ProblemNote'
import { useAddress } from '../../parts/useAddress'
import { useLearnCards } from './mutations'
import { useSavings } from './queries'
import { SpeedChoice } from './SpeedChoice'
import { cardOf, duration, isThere, KINDS, remapFor } from './words'
import layout from '../../parts/layout.module.css'
import table from '../../parts/table.module.css'
import { cx } from '../../parts/cx'
import css from './learn.module.css'

/** What shortcuts would save, command by command, with what it was worked out from. */
export function SavingsView() {
  return <Asking of={useSavings()}>{(savings) => <Told of={savings} />}</Asking>
}

function Told({ of: savings }: { of: Schema['Savings'] }) {
  const [read, write] = useAddress()
  const { send, isSending, error } = useLearnCards()
  const application = read('application')
  const shown = savings.savings.filter((one) => application === '' || one.application.id === application)
  const { assumptions } = savings
  return (
    <>
      <p className={css.line}>
        {assumptions.weeks === 0 ? 'Nothing is known yet of what you do by mouse.' : `${duration(savings.seconds_a_week)} a week`}
      </p>
      {assumptions.weeks > 0 && (
        <p className="quiet">
          By key instead of by mouse, over {counted(savings.count, 'command')}, from {counted(assumptions.weeks, 'week')} of your log (
          {assumptions.first_day} to {assumptions.last_day}).
          {savings.without_offer > 0 &&
            ` ${counted(savings.without_offer, 'command')} without a chord ${savings.without_offer === 1 ? 'is' : 'are'} not in the sum.`}
        </p>
      )}
      <Disclosure className={css.assumptions} summary="What this assumes">
        {() => <Assumptions of={savings} />}
      </Disclosure>
      <SpeedChoice savings={savings} />
      <ProblemNote error={error} />
      {assumptions.weeks === 0 ? (
        <Empty>
          <strong>There is no usage log yet.</strong> <Link to="/learn/usage">Bring one</Link>; then each command has its seconds here.
        </Empty>
      ) : (
        <>
          <div className={layout.filters} role="group" aria-label="Application">
            <button type="button" className="plain" aria-pressed={application === ''} onClick={() => write({ application: '' })}>
              all, {duration(savings.seconds_a_week)}
            </button>
            {savings.by_application.map((one) => (
              <button
                key={one.application.id}
                type="button"
                className="plain"
                aria-pressed={application === one.application.id}
                onClick={() => write({ application: one.application.id })}
              >
                {one.application.name}, {duration(one.seconds_a_week)}
              </button>
            ))}
          </div>
          <table className={cx(table.findings, css.savings)}>
            <thead>
              <tr>
                <th scope="col">Command</th>
                <th scope="col">Now</th>
                <th scope="col">Chord</th>
                <th scope="col">Uses a week</th>
                <th scope="col">Each</th>
                <th scope="col">A week</th>
                <th scope="col">
                  <span className="visually-hidden">Learn</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {shown.map((one) => (
                <SavingRow
                  key={`${one.application.id} ${one.command.id} ${one.kind}`}
                  of={one}
                  isSending={isSending}
                  onLearn={() => send([cardOf(one)])}
                />
              ))}
            </tbody>
          </table>
        </>
      )}
    </>
  )
}

function SavingRow({ of: one, isSending, onLearn }: { of: Schema['OwnSaving']; isSending: boolean; onLearn: () => void }) {
  return (
    <tr>
      <td>
        {one.command.name} <span className="quiet">{one.application.name}</span>
      </td>
      <td>{KINDS[one.kind]}</td>
      <td>
        <Keys chord={one.binding.chord} />
        {!isThere(one) && <span className="quiet"> offered</span>}
      </td>
      <td className={css.number}>{Math.round(one.uses)}</td>
      <td className={css.number} title={`${one.before.operators} against ${one.after.operators}`}>
        {one.before.seconds.toFixed(2)} s → {one.after.seconds.toFixed(2)} s
      </td>
      <td className={css.number}>{duration(one.seconds_a_week)}</td>
      <td>
        {one.is_learning ? (
          <span className="quiet">being learned</span>
        ) : isThere(one) ? (
          <button type="button" className="plain" disabled={isSending} onClick={onLearn}>
            Learn it<span className="visually-hidden"> {one.command.name}</span>
          </button>
        ) : (
          <Link to={remapFor(one)}>
            Give it this chord<span className="visually-hidden"> {one.command.name}</span>
          </Link>
        )}
      </td>
    </tr>
  )
}

function Assumptions({ of: { assumptions } }: { of: Schema['Savings'] }) {
  return (
    <ul>
      <li>
        The keystroke-level model (Card, Moran and Newell 1980): a keystroke {assumptions.key_seconds} s, pointing with the mouse{' '}
        {assumptions.point_seconds} s, a hand between mouse and keyboard {assumptions.home_seconds} s, making up one’s mind{' '}
        {assumptions.mental_seconds} s. A mouse button is a keystroke, a held modifier too.
      </li>
      <li>By mouse: one pointing and one press for each menu title down to the command; one of each where no menu has it.</li>
      <li>By key: the right hand lies on the mouse, and leaves it and comes back only where the left hand does not reach.</li>
      <li>No search in menus, no mistakes, no waiting for the application: these cost the mouse more than the keyboard.</li>
      <li>A week is the mean of the last four weeks in which your log has uses.</li>
    </ul>
  )
}
