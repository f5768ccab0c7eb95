import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { KeysList } from '../../parts/Keys'
import { STATES } from './states'
import css from './across.module.css'
import table from '../../parts/table.module.css'
import { Empty } from '../../parts/Empty'

/** The same intent in several contexts of one application: one line for each, with a cell for each command. */
export function ContextStripes({ stripes }: { stripes: Schema['Stripe'][] }) {
  if (stripes.length === 0)
    return (
      <Empty>
        <strong>Nothing is there twice.</strong> No intent has more than one command in this application.
      </Empty>
    )
  return (
    <table className={table.findings}>
      <thead>
        <tr>
          <th scope="col">Intent</th>
          <th scope="col">In each context</th>
          <th scope="col">State</th>
        </tr>
      </thead>
      <tbody>
        {stripes.map((stripe) => (
          <tr key={stripe.intent.id} data-state={stripe.state}>
            <th scope="row">{stripe.intent.name}</th>
            <td>
              <ul className={css.contextCells}>
                {stripe.cells.map((cell) => (
                  <li key={cell.command?.id} data-runs-on={cell.runs_on}>
                    <KeysList chords={cell.chords.slice(0, 1)} />{' '}
                    <Link to={`/remap/${cell.application}?command=${encodeURIComponent(cell.command?.id ?? '')}`}>
                      {cell.command?.name}
                    </Link>{' '}
                    <span className="quiet">{cell.context?.name}</span>
                  </li>
                ))}
              </ul>
            </td>
            <td>{STATES[stripe.state]}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
