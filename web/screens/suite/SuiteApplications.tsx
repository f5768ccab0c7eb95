import { useState } from 'react'
import { useApplications } from '../../api/applications'
import type { Schema } from '../../api/client'
import { Asking } from '../../parts/Asking'
import { Disclosure } from '../../parts/Disclosure'
import { ProblemNote } from '../../parts/ProblemNote'
import { useSuiteApplications } from './mutations'
import css from './suite.module.css'

/** Which applications a suite has; those that the house brought are among them. */
export function SuiteApplications({ suite }: { suite: Schema['Suite'] }) {
  return <Disclosure summary="Which applications it has">{() => <Choice suite={suite} />}</Disclosure>
}

function Choice({ suite }: { suite: Schema['Suite'] }) {
  const there = suite.files.map(({ application }) => application.id)
  const [chosen, setChosen] = useState(there)
  const { send, isSending, error } = useSuiteApplications(suite.id)
  return (
    <Asking of={useApplications()}>
      {({ applications }) => (
        <form
          className={css.has}
          onSubmit={(event) => {
            event.preventDefault()
            send(applications.filter(({ id, is_desktop: isDesktop }) => !isDesktop && chosen.includes(id)).map(({ id }) => id))
          }}
        >
          {applications
            .filter(({ is_desktop: isDesktop }) => !isDesktop)
            .map(({ id, name }) => (
              <label key={id}>
                <input
                  type="checkbox"
                  checked={chosen.includes(id)}
                  onChange={(event) => setChosen(event.target.checked ? [...chosen, id] : chosen.filter((one) => one !== id))}
                />{' '}
                {name}
              </label>
            ))}
          <button className="btn btn-outline-secondary btn-sm" disabled={isSending}>
            It has these
          </button>
          {error !== null && !isSending && <ProblemNote error={error} />}
        </form>
      )}
    </Asking>
  )
}
