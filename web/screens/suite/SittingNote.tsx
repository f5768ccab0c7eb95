import { useState } from 'react'
import { Link } from 'react-router'
import { useSession } from '../../api/session'
import { useMySittings } from '../../api/suites'
import { laterPart } from '../../parts/later'
import { ProblemNote } from '../../parts/ProblemNote'
import { useLeave, useTellUsage } from './mutations'
import { until } from './words'
import css from './suite.module.css'

const SitDown = laterPart<'SitDown', { onClose: () => void }>(() => import('./SitDown'), 'SitDown')

/** On every screen: where one sits with the way out, or the way to sit down; and what one changed by hand there. */
export function SittingNote() {
  const [isOpen, setOpen] = useState(false)
  const data = useMySittings().data
  const maySit = useSession().data?.person?.may_sit_down === true
  const { send, isSending, error } = useLeave()
  const telling = useTellUsage()
  const sittings = data?.sittings ?? []
  return (
    <div className={css.sittingNote}>
      {sittings.map(({ id, suite, until: end, tells_usage: tells }) => (
        <p key={suite.id}>
          You sit in <Link to={`/suites/${suite.id}`}>{suite.name}</Link> {until(end).replace('they leave', 'you leave')}.{' '}
          <button type="button" className="plain" disabled={isSending} onClick={() => send(suite.id)}>
            Leave<span className="visually-hidden"> {suite.name}</span>
          </button>{' '}
          <label className={css.counting}>
            <input
              type="checkbox"
              checked={tells}
              disabled={telling.isSending}
              onChange={(event) => telling.send({ sitting: id, tells: event.target.checked })}
            />{' '}
            count my uses<span className="visually-hidden"> in {suite.name}</span>
          </label>
        </p>
      ))}
      {(data?.offers ?? []).map(({ sitting, suite, application }) => (
        <p key={`${sitting} ${application.id}`}>
          You changed {application.name} by hand in {suite.name}: <Link to={`/sittings/${sitting}/${application.id}`}>take it along?</Link>
        </p>
      ))}
      {maySit && sittings.length === 0 && (
        <button type="button" className="plain" onClick={() => setOpen(true)}>
          Sit down …
        </button>
      )}
      <ProblemNote error={error ?? telling.error} />
      {isOpen && <SitDown onClose={() => setOpen(false)} />}
    </div>
  )
}
