import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { answer, api, type Schema } from '../../api/client'
import { forgetKit, useApplications, useIntents, useMatches } from '../../api/queries'
import { Asking } from '../../parts/Asking'
import { ProblemNote } from '../../parts/ProblemNote'
import { useAddress } from '../../parts/useAddress'
import { useSeat } from '../../seat/seat'
import { OwnIntents } from './OwnIntents'

type Command = Schema['MatchedCommand']
interface Wanted { command: string; intent: string | null; is_near?: boolean; difference?: string | null }

const ONLY = [['', 'without an intent'], ['own', 'said by me'], ['all', 'all']] as const

/** What each command of an application is for: what the house knows, what is proposed, and what one says oneself. */
export function Matches() {
  const [read, write] = useAddress()
  const applications = (useApplications().data?.applications ?? []).filter((one) => !one.is_desktop)
  const application = read('application') === '' ? applications[0]?.id ?? '' : read('application')
  const only = read('only')
  const query = useSeat()
  const matches = useMatches(application)
  const [error, setError] = useState<Error | null>(null)

  async function say(wanted: Wanted[]) {
    setError(null)
    try {
      await answer(api.PUT('/applications/{application}/matches', { params: { path: { application }, query }, body: { matches: wanted } }))
      await forgetKit()
    } catch (failure) {
      setError(failure as Error)
    }
  }

  return (
    <>
      <div className="place-head">
        <label className="at-start">Commands of{' '}
          <select className="form-select form-select-sm" value={application} onChange={(event) => { write({ application: event.target.value }) }}>
            {applications.map(({ id, name }) => <option key={id} value={id}>{name}</option>)}
          </select>
        </label>
        <div className="endings" role="group" aria-label="Show">
          {ONLY.map(([id, name]) => <button key={id} type="button" className="plain" aria-pressed={only === id} onClick={() => { write({ only: id }) }}>{name}</button>)}
        </div>
      </div>
      <ProblemNote error={error} />
      <Asking of={matches}>
        {({ commands }) => {
          const shown = commands.filter(({ match }) => only === 'all' || (only === 'own' ? match?.is_own === true : match === null))
          const sure = shown.filter((one) => one.match === null && one.is_sure)
          return (
            <>
              {sure.length > 0 && <p><Button size="sm" onClick={() => void say(sure.flatMap(({ id, proposals: [first] }) => first === undefined ? [] : [{ command: id, intent: first.intent }]))}>{sure.length === 1 ? 'Accept the one that is sure' : `Accept the ${sure.length} that are sure`}</Button></p>}
              {shown.length === 0 ? <div className="empty"><p><strong>{only === 'own' ? 'You have not said anything yet.' : 'Every command has an intent.'}</strong></p></div> : (
                <table className="findings matched">
                  <thead><tr><th scope="col">Command</th><th scope="col">Is for</th><th scope="col">Proposed, and why</th></tr></thead>
                  <tbody>{shown.map((command) => <CommandRow key={command.id} command={command} onSay={(wanted) => void say([{ command: command.id, ...wanted }])} />)}</tbody>
                </table>
              )}
            </>
          )
        }}
      </Asking>
      <OwnIntents />
    </>
  )
}

function CommandRow({ command, onSay }: { command: Command; onSay: (wanted: Omit<Wanted, 'command'>) => void }) {
  const [isOpen, setOpen] = useState(false)
  const first = command.proposals[0]
  return (
    <tr>
      <th scope="row">{command.name}<span className="difference">{command.tooltip}</span></th>
      <td>
        {command.match === null ? <span className="no-keys">not said</span> : <>{command.match.name}{command.match.difference !== null && <span className="difference">near: {command.match.difference}</span>}</>}{' '}
        {command.match?.is_own === true && <button type="button" className="plain" onClick={() => { onSay({ intent: null }) }}>take it back</button>}
      </td>
      <td>
        {first === undefined ? <span className="quiet">nothing fits</span> : (
          <>
            {first.name} <span className="quiet">{Math.round(first.confidence * 100)} %{command.is_sure && ', sure'}</span>{' '}
            {command.match?.intent !== first.intent && <button type="button" className="plain" onClick={() => { onSay({ intent: first.intent }) }}>yes, that<span className="visually-hidden">: {command.name} is for {first.name}</span></button>}
            {first.evidence[0] !== undefined && <span className="difference">{first.evidence[0]}</span>}
          </>
        )}{' '}
        <button type="button" className="plain" aria-expanded={isOpen} aria-label={`Choose an intent for ${command.name}`} onClick={() => { setOpen(!isOpen) }}>choose</button>
        {isOpen && <Choose command={command} onSay={(wanted) => { setOpen(false); onSay(wanted) }} />}
      </td>
    </tr>
  )
}

/** Any intent; one that the command only comes near wants a sentence on the difference. */
function Choose({ command, onSay }: { command: Command; onSay: (wanted: Omit<Wanted, 'command'>) => void }) {
  const intents = useIntents().data?.intents ?? []
  const [intent, setIntent] = useState(command.match?.intent ?? command.proposals[0]?.intent ?? '')
  const [isNear, setNear] = useState(false)
  const [difference, setDifference] = useState('')
  return (
    <form className="choose-intent" onSubmit={(event) => { event.preventDefault(); onSay(isNear ? { intent, is_near: true, difference } : { intent }) }}>
      <select className="form-select form-select-sm" aria-label="Intent" value={intent} onChange={(event) => { setIntent(event.target.value) }}>
        <option value="">choose an intent</option>
        {command.proposals.length > 0 && <optgroup label="proposed">{command.proposals.map((one) => <option key={one.intent} value={one.intent}>{one.name}</option>)}</optgroup>}
        <optgroup label="all">{intents.filter((one) => command.proposals.every((proposed) => proposed.intent !== one.id)).map((one) => <option key={one.id} value={one.id}>{one.name}</option>)}</optgroup>
      </select>
      <label><input type="checkbox" checked={isNear} onChange={(event) => { setNear(event.target.checked) }} /> only near it</label>
      {isNear && <input className="form-control form-control-sm" aria-label="How it differs" placeholder="How it differs, in a sentence" maxLength={300} value={difference} onChange={(event) => { setDifference(event.target.value) }} />}
      <Button type="submit" size="sm" disabled={intent === '' || (isNear && difference.trim() === '')}>Say so</Button>
    </form>
  )
}
