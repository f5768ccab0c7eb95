import { Link } from 'react-router'
import { Asking } from '../../parts/Asking'
import { counted } from '../../parts/counted'
import { Warning } from '../../parts/ProblemNote'
import { useHouseApplications } from './queries'
import { STATES } from './words'
import css from './description.module.css'

/** The applications that the house brought, and what is wrong with one where something is. */
export function HouseApplications() {
  return (
    <section aria-label="Brought by the house" className={css.house}>
      <h2>Brought by the house</h2>
      <Asking of={useHouseApplications()}>
        {({ applications, broken, may_bring: mayBring }) => (
          <>
            {broken.map(({ id, sentence, remedy, where }) => (
              <Warning key={id}>
                {sentence} {remedy} {where !== null && `(${where})`} Everything else works.
              </Warning>
            ))}
            {applications.length === 0 && (
              <p className="quiet">None yet. An application that is not listed above is brought by its key file.</p>
            )}
            <ul>
              {applications.map(({ id, name, state, by, command_count: count }) => (
                <li key={id}>
                  <Link to={`/house-applications/${id}`}>{name}</Link>{' '}
                  <span className="quiet">
                    {STATES[state]}
                    {by !== null && `, brought by ${by}`}; {counted(count, 'command')}
                  </span>
                </li>
              ))}
            </ul>
            {mayBring && (
              <Link className="btn btn-outline-secondary btn-sm" to="/house-applications/new">
                Bring an application
              </Link>
            )}
          </>
        )}
      </Asking>
    </section>
  )
}
