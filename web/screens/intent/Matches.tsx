import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { Schema } from '../../api/client'
import { ApplicationSelect } from '../../parts/AskedSelect'
import { HeadLine } from '../../parts/ScreenHead'
import { useApplications } from '../../api/applications'
import { useSayMatches, type SaidMatch } from './mutations'
import { useIntents, useMatches } from './queries'
import { Asking } from '../../parts/Asking'
import { NoKeys } from '../../parts/Keys'
import { Empty } from '../../parts/Empty'
import { ProblemNote } from '../../parts/ProblemNote'
import { useAddress } from '../../parts/useAddress'
import { OwnIntents } from './OwnIntents'
import { cx } from '../../parts/cx'
import css from './intent.module.css'
import head from '../../parts/ScreenHead.module.css'
import layout from '../../parts/layout.module.css'
import table from '../../parts/table.module.css'

type Command = Schema['MatchedCommand']
type Said = Omit<SaidMatch, 'command'>

const ONLY = [
  ['', 'without an intent'],
  ['own', 'said by me'],
  ['all', 'all'],
] as const

/** What each command of an application is for: what the house knows, what is proposed, and what one says oneself. */
export function Matches() {
  const [read, write] = useAddress()
  const applications = useApplications()
  const first = applications.data?.applications.find((one) => !one.is_desktop)?.id ?? ''
  const application = read('application') === '' ? first : read('application')
  const only = read('only')
  const matches = useMatches(application)
  const { send, isSending, error } = useSayMatches(application)
  return (
    <>
      <HeadLine>
        <label className={head.atStart}>
          Commands of{' '}
          <ApplicationSelect className="form-select form-select-sm" value={application} onChoose={(id) => write({ application: id })} />
        </label>
        <div className={layout.filters} role="group" aria-label="Show">
          {ONLY.map(([id, name]) => (
            <button key={id} type="button" className="plain" aria-pressed={only === id} onClick={() => write({ only: id })}>
              {name}
            </button>
          ))}
        </div>
      </HeadLine>
      <ProblemNote error={error} />
      <Asking of={matches}>
        {({ commands }) => {
          const shown = commands.filter(({ match }) => only === 'all' || (only === 'own' ? match?.is_own === true : match === null))
          const sure = shown.filter((one) => one.match === null && one.is_sure)
          const acceptSure = () => {
            send(sure.flatMap(({ id, proposals: [best] }) => (best === undefined ? [] : [{ command: id, intent: best.intent }])))
          }
          return (
            <>
              {sure.length > 0 && (
                <p>
                  <Button size="sm" disabled={isSending} onClick={acceptSure}>
                    {sure.length === 1 ? 'Accept the one that is sure' : `Accept the ${sure.length} that are sure`}
                  </Button>
                </p>
              )}
              {shown.length === 0 ? (
                <Empty>
                  <strong>{only === 'own' ? 'You have not said anything yet.' : 'Every command has an intent.'}</strong>
                </Empty>
              ) : (
                <table className={cx(table.findings, css.matched)}>
                  <thead>
                    <tr>
                      <th scope="col">Command</th>
                      <th scope="col">Is for</th>
                      <th scope="col">Proposed, and why</th>
                    </tr>
                  </thead>
                  <tbody>
                    {shown.map((command) => (
                      <CommandRow
                        key={command.id}
                        command={command}
                        isSending={isSending}
                        onSay={(said) => send([{ command: command.id, ...said }])}
                      />
                    ))}
                  </tbody>
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

interface RowProps {
  command: Command
  isSending: boolean
  onSay: (said: Said) => void
}

function CommandRow({ command, isSending, onSay }: RowProps) {
  const [isOpen, setOpen] = useState(false)
  const first = command.proposals[0]
  return (
    <tr>
      <th scope="row">
        {command.name}
        <span className={table.difference}>{command.tooltip}</span>
      </th>
      <td>
        {command.match === null ? (
          <NoKeys>not said</NoKeys>
        ) : (
          <>
            {command.match.name}
            {command.match.difference !== null && <span className={table.difference}>near: {command.match.difference}</span>}
          </>
        )}{' '}
        {command.match?.is_own === true && (
          <button type="button" className="plain" disabled={isSending} onClick={() => onSay({ intent: null })}>
            withdraw it
          </button>
        )}
      </td>
      <td>
        {first === undefined ? (
          <span className="quiet">nothing fits</span>
        ) : (
          <>
            {first.name}{' '}
            <span className="quiet">
              {Math.round(first.confidence * 100)} %{command.is_sure && ', sure'}
            </span>{' '}
            {command.match?.intent !== first.intent && (
              <button type="button" className="plain" disabled={isSending} onClick={() => onSay({ intent: first.intent })}>
                yes, that
                <span className="visually-hidden">
                  : {command.name} is for {first.name}
                </span>
              </button>
            )}
            {first.evidence[0] !== undefined && <span className={table.difference}>{first.evidence[0]}</span>}
          </>
        )}{' '}
        <button
          type="button"
          className="plain"
          aria-expanded={isOpen}
          aria-label={`Choose an intent for ${command.name}`}
          onClick={() => setOpen(!isOpen)}
        >
          choose
        </button>
        {isOpen && (
          <Choose
            command={command}
            onSay={(said) => {
              setOpen(false)
              onSay(said)
            }}
          />
        )}
      </td>
    </tr>
  )
}

/** Any intent; one that the command only comes near wants a sentence on the difference. */
function Choose({ command, onSay }: Omit<RowProps, 'isSending'>) {
  const asked = useIntents()
  const [intent, setIntent] = useState(command.match?.intent ?? command.proposals[0]?.intent ?? '')
  const [isNear, setNear] = useState(false)
  const [difference, setDifference] = useState('')
  return (
    <form
      className={css.chooseIntent}
      onSubmit={(event) => {
        event.preventDefault()
        onSay(isNear ? { intent, is_near: true, difference } : { intent })
      }}
    >
      <select className="form-select form-select-sm" aria-label="Intent" value={intent} onChange={(event) => setIntent(event.target.value)}>
        <option value="">choose an intent</option>
        {command.proposals.length > 0 && (
          <optgroup label="proposed">
            {command.proposals.map((one) => (
              <option key={one.intent} value={one.intent}>
                {one.name}
              </option>
            ))}
          </optgroup>
        )}
        <optgroup label="all">
          {asked.data?.intents
            .filter((one) => command.proposals.every((proposed) => proposed.intent !== one.id))
            .map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
        </optgroup>
      </select>
      <label>
        <input type="checkbox" checked={isNear} onChange={(event) => setNear(event.target.checked)} /> only near it
      </label>
      {isNear && (
        <input
          className="form-control form-control-sm"
          aria-label="How it differs"
          placeholder="How it differs, in a sentence"
          maxLength={300}
          value={difference}
          onChange={(event) => setDifference(event.target.value)}
        />
      )}
      {asked.data === undefined && <Asking of={asked}>{() => null}</Asking>}
      <Button type="submit" size="sm" disabled={intent === '' || (isNear && difference.trim() === '')}>
        Say so
      </Button>
    </form>
  )
}
