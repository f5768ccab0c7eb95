import { useState } from 'react'
import { Link } from 'react-router'
import { useApplications } from '../../api/applications'
import type { Schema } from '../../api/client'
import { useSuitePage, useWatchedSuites } from '../../api/suites'
import { Asking } from '../../parts/Asking'
import { Disclosure } from '../../parts/Disclosure'
import { Choice } from '../../parts/Choice'
import { Empty } from '../../parts/Empty'
import { ProblemNote } from '../../parts/ProblemNote'
import { Secret } from '../../parts/Secret'
import { SureButton } from '../../parts/SureButton'
import { when } from '../../parts/when'
import { useKeyboards } from '../../seat/queries'
import { SYSTEMS } from '../../seat/seat'
import { useChangeSuite, useMakeSuite, useNewSuiteToken, useRetireSuite, useWithdrawSuiteToken, type NewSuite } from './mutations'
import css from './suite.module.css'

/** The suites as the keeper looks after them: what they are called, where they stand, and how their agents come in. */
export function SuiteKeeping() {
  return (
    <>
      <Make />
      <Asking of={useWatchedSuites()}>
        {({ suites }) =>
          suites.length === 0 ? (
            <Empty>There is no suite yet. Make one above, then give its token to the agent of its workstation.</Empty>
          ) : (
            <ul className={css.keeping}>
              {suites.map((suite) => (
                <li key={suite.id}>
                  <p>
                    <Link to={`/suites/${suite.id}`}>{suite.name}</Link>{' '}
                    <small>
                      {suite.board.name}, {suite.layout.name}, {SYSTEMS[suite.system]}
                    </small>
                  </p>
                  <Disclosure summary="Name, keyboard, token">{() => <Keeping suite={suite} />}</Disclosure>
                </li>
              ))}
            </ul>
          )
        }
      </Asking>
    </>
  )
}

function Make() {
  const make = useMakeSuite()
  return (
    <section aria-label="Make a suite">
      <h2>Make a suite</h2>
      <SuiteForm
        key={make.made?.id}
        start={{ name: '', board: 'full-ansi', layout: 'us', system: 'macos' }}
        verb="Make it"
        isSending={make.isSending}
        hasApplications
        onSend={(suite) => make.send(suite)}
      />
      <ProblemNote error={make.error} />
      {make.made !== undefined && <p role="status">{make.made.name} is there. Its agent needs a token: open it below.</p>}
    </section>
  )
}

interface FormProps {
  start: Omit<NewSuite, 'applications'>
  verb: string
  isSending: boolean
  hasApplications?: boolean
  onSend: (suite: NewSuite) => void
}

function SuiteForm({ start, verb, isSending, hasApplications = false, onSend }: FormProps) {
  const [given, setGiven] = useState<NewSuite>({ ...start, applications: [] })
  const keyboards = useKeyboards().data
  const applications = useApplications().data?.applications.filter(({ is_desktop: isDesktop }) => !isDesktop) ?? []
  const toggle = (id: string) =>
    setGiven({
      ...given,
      applications: given.applications.includes(id) ? given.applications.filter((one) => one !== id) : [...given.applications, id],
    })
  return (
    <form
      className={css.keepingForm}
      onSubmit={(event) => {
        event.preventDefault()
        onSend(given)
      }}
    >
      <label>
        Name
        <input
          className="form-control form-control-sm"
          required
          maxLength={60}
          value={given.name}
          onChange={(event) => setGiven({ ...given, name: event.target.value })}
        />
      </label>
      <Choice label="Board" value={given.board} of={keyboards?.boards ?? []} onChange={(board) => setGiven({ ...given, board })} />
      <Choice label="Layout" value={given.layout} of={keyboards?.layouts ?? []} onChange={(layout) => setGiven({ ...given, layout })} />
      <Choice
        label="System"
        value={given.system}
        of={Object.entries(SYSTEMS).map(([id, name]) => ({ id, name }))}
        onChange={(system) => setGiven({ ...given, system: system as NewSuite['system'] })}
      />
      {hasApplications && applications.length > 0 && (
        <fieldset>
          <legend>Applications</legend>
          {applications.map(({ id, name }) => (
            <label key={id}>
              <input type="checkbox" checked={given.applications.includes(id)} onChange={() => toggle(id)} /> {name}
            </label>
          ))}
        </fieldset>
      )}
      <button className="btn btn-outline-secondary btn-sm" disabled={isSending}>
        {verb}
      </button>
    </form>
  )
}

function Keeping({ suite }: { suite: Schema['Suite'] }) {
  const change = useChangeSuite(suite.id)
  const token = useNewSuiteToken(suite.id)
  const withdraw = useWithdrawSuiteToken(suite.id)
  const retire = useRetireSuite(suite.id)
  return (
    <div className={css.keepingOne}>
      <SuiteForm
        start={{ name: suite.name, board: suite.board.id, layout: suite.layout.id, system: suite.system }}
        verb="Save"
        isSending={change.isSending}
        onSend={({ name, board, layout, system }) => change.send({ name, board, layout, system })}
      />
      <Asking of={useSuitePage(suite.id)}>
        {({ agent }) => (
          <p>
            {agent.has_token
              ? `Its agent has a token${agent.token_made_at === null ? '' : `, made ${when(agent.token_made_at)}`}, and was ${
                  suite.seen_at === null ? 'never seen' : `last seen ${when(suite.seen_at)}`
                }.`
              : 'No agent may come in: there is no token.'}
          </p>
        )}
      </Asking>
      <p className={css.keepingWays}>
        <SureButton
          question="An agent with the token before is no longer let in. Go on?"
          isSending={token.isSending}
          onSure={() => token.send()}
        >
          New token
        </SureButton>
        <SureButton question="Its agent is no longer let in. Go on?" isSending={withdraw.isSending} onSure={() => withdraw.send()}>
          Withdraw the token
        </SureButton>
        <SureButton
          question={`${suite.name} is no longer listed; its history stays. Go on?`}
          isSending={retire.isSending}
          onSure={() => retire.send()}
        >
          Retire
        </SureButton>
      </p>
      {token.made !== undefined && <Secret label={`The token of ${suite.name}, for its agent.`} value={token.made.secret} />}
      <ProblemNote error={change.error ?? token.error ?? withdraw.error ?? retire.error} />
    </div>
  )
}
