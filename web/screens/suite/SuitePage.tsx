import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { useApplicationNames } from '../../api/applications'
import type { Schema } from '../../api/client'
import { useSuitePage } from '../../api/suites'
import { Asking } from '../../parts/Asking'
import { ProblemNote, Warning } from '../../parts/ProblemNote'
import { ScreenHead } from '../../parts/ScreenHead'
import { SYSTEMS } from '../../seat/seat'
import { FollowForm } from './FollowForm'
import { useDecide, useImport, useLeave } from './mutations'
import { SitDown } from './SitDown'
import { Stick } from './Stick'
import { Story } from './Story'
import { SuiteApplications } from './SuiteApplications'
import { clock, presence, release, standingInWords, until } from './words'
import css from './suite.module.css'

/** One suite: what it should have and has, who sits there, its story. */
export function SuitePage() {
  const { suite = '' } = useParams()
  return <Asking of={useSuitePage(suite)}>{(page) => <Page page={page} />}</Asking>
}

function Page({ page }: { page: Schema['SuitePage'] }) {
  const { suite } = page
  return (
    <>
      <ScreenHead title={suite.name}>
        <p>
          {presence(suite)} · {suite.board.name}, {suite.layout.name}, {SYSTEMS[suite.system]} · <Link to="/suites">All suites</Link>
        </p>
      </ScreenHead>
      {suite.second_agent_at !== null && (
        <Warning>
          Another agent came with the token of {suite.name} at {clock(suite.second_agent_at)}, and was refused. Each workstation needs a
          token of its own.
        </Warning>
      )}
      <div className={css.page}>
        <div>
          <Files suite={suite} mayKeep={page.may_keep} />
          {page.may_keep && <SuiteApplications suite={suite} />}
          <Sitting page={page} />
          <FollowForm key={suite.follows?.release.id ?? 'none'} suite={suite} mayKeep={page.may_keep} />
          {page.may_keep && <Stick suite={suite} />}
        </div>
        <div>
          <Regulars regulars={page.regulars} suite={suite} />
          <Story page={page} />
          <Copies page={page} />
          <p className="quiet">
            {page.agent.version === null ? 'No agent has reported yet.' : `Agent ${page.agent.version}.`}{' '}
            {Math.abs(page.agent.skew_seconds) > 60 && `Its clock is ${Math.round(Math.abs(page.agent.skew_seconds) / 60)} minutes off. `}
            {page.agent.running.length > 0 && `Running: ${page.agent.running.join(', ')}.`}
          </p>
        </div>
      </div>
    </>
  )
}

function Files({ suite, mayKeep }: { suite: Schema['Suite']; mayKeep: boolean }) {
  const importing = useImport(suite.id)
  return (
    <section aria-label="Key files">
      <h2>Key files</h2>
      <ul className={css.files}>
        {suite.files.map((file) => (
          <li key={file.application.id} data-standing={file.standing}>
            <i aria-hidden="true" />
            <p>
              <strong>{file.application.name}</strong> {standingInWords(file, suite.is_online)} <small>{fromTo(file)}</small>
            </p>
            {file.held !== null && <p className={css.fault}>{file.held}</p>}
            {file.is_loaded === false && (
              <p className={css.fault}>
                {file.application.name} does not take this file: {file.says}
              </p>
            )}
            {file.problems.map(({ id, sentence }) => (
              <p key={id} className={css.fault}>
                {sentence}
              </p>
            ))}
            <p className={css.ways}>
              {(file.standing === 'changed-by-hand' || file.standing === 'nobody-gave' || file.standing === 'left') && (
                <>
                  <Link to={`/suites/${suite.id}/files/${file.application.id}`}>
                    {mayKeep ? 'look, and decide' : 'look what is different'}
                    <span className="visually-hidden"> about {file.application.name}</span>
                  </Link>
                  <button
                    type="button"
                    className="plain"
                    disabled={importing.isSending}
                    onClick={() => importing.send(file.application.id)}
                  >
                    take it into my keys<span className="visually-hidden"> for {file.application.name}</span>
                  </button>
                </>
              )}
              <Link to={`/rehearse?suite=${suite.id}&application=${file.application.id}`}>rehearse</Link>
            </p>
          </li>
        ))}
      </ul>
      <p className={css.ways}>
        <Link to={`/compare?before=kit&after=suite%20${suite.id}`}>compare with my keys</Link>
        <Link to={`/across/familiarity?suite=${suite.id}`}>how familiar it is to me</Link>
        <Link to={`/travel?suite=${suite.id}`}>would my keys work here?</Link>
      </p>
      <ProblemNote error={importing.error} />
    </section>
  )
}

function fromTo({ there, due, standing, source }: Schema['SuiteFile']): string {
  if (standing === 'in-step') return source === 'guest' ? 'of whoever sits there' : release(due)
  if (standing === 'left') return there === null ? 'changed by hand' : release(there)
  const now = there === null ? '' : `${release(there)} is there`
  const next = due === null ? '' : `${release(due)} is due`
  return [now, next].filter((part) => part !== '').join(', ')
}

function Sitting({ page: { suite, may_leave, may_sit_down } }: { page: Schema['SuitePage'] }) {
  const [isOpen, setOpen] = useState(false)
  const { send, isSending, error } = useLeave()
  return (
    <section aria-label="Who sits here">
      <h2>Who sits here</h2>
      {suite.sitting === null ? (
        <p>{suite.is_giving_back ? 'Nobody; what was found before is on its way back.' : 'Nobody.'}</p>
      ) : (
        <p>
          <b>{suite.sitting.is_me ? 'You' : suite.sitting.person}</b>, since {clock(suite.sitting.since)}, {until(suite.sitting.until)}
        </p>
      )}
      <p className={css.turns}>
        {may_sit_down && suite.sitting?.is_me !== true && (
          <button type="button" className="btn btn-sm btn-outline-secondary" onClick={() => setOpen(true)}>
            Sit down here
          </button>
        )}
        {may_leave && (
          <button type="button" className="btn btn-sm btn-outline-secondary" disabled={isSending} onClick={() => send(suite.id)}>
            {suite.sitting?.is_me === true ? 'Leave, and give it back as it was' : 'Free the suite'}
          </button>
        )}
      </p>
      <ProblemNote error={error} />
      {isOpen && <SitDown suite={suite.id} onClose={() => setOpen(false)} />}
    </section>
  )
}

function Regulars({ regulars, suite }: { regulars: Schema['Regular'][]; suite: Schema['Suite'] }) {
  if (regulars.length === 0) return null
  return (
    <section aria-label="Often here">
      <h2>
        Often here <small>in the last 90 days, and how much of what their hands know does the same in {suite.name}</small>
      </h2>
      <ul className={css.regulars}>
        {regulars.map(({ person, times, share }) => (
          <li key={person}>
            {person} <small>{times === 1 ? 'once' : `${times} times`}</small>
            {share !== null && (
              <span>
                <meter min={0} max={1} value={share} aria-hidden="true" /> {Math.round(share * 100)} % familiar
              </span>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}

function Copies({ page: { suite, copies, may_keep } }: { page: Schema['SuitePage'] }) {
  if (copies.length === 0) return null
  return (
    <details>
      <summary>{copies.length === 1 ? '1 copy' : `${copies.length} copies`} of overwritten files</summary>
      <ul>
        {copies.map((copy) => (
          <Copy key={`${copy.application} ${copy.sha256}`} copy={copy} suite={suite} mayKeep={may_keep} />
        ))}
      </ul>
    </details>
  )
}

function Copy({ copy, suite, mayKeep }: { copy: Schema['Copy']; suite: Schema['Suite']; mayKeep: boolean }) {
  const { send, isSending, error } = useDecide(suite.id, copy.application)
  const nameOf = useApplicationNames()
  const there = suite.files.find(({ application }) => application.id === copy.application)?.sha256 ?? null
  return (
    <li>
      {nameOf(copy.application)}, overwritten {clock(copy.taken_at)} ({Math.max(1, Math.round(copy.bytes / 1024))} kB){' '}
      {mayKeep && copy.may_put_back && copy.sha256 !== there && (
        <button
          type="button"
          className="plain"
          disabled={isSending}
          onClick={() => send({ way: 'put-back', sha256: there, copy: copy.sha256 })}
        >
          put it back<span className="visually-hidden"> for {nameOf(copy.application)}</span>
        </button>
      )}
      <ProblemNote error={error} />
    </li>
  )
}
