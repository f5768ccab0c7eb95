import { useState } from 'react'
import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { Asking } from '../../parts/Asking'
import { counted } from '../../parts/counted'
import { ProblemNote } from '../../parts/ProblemNote'
import { SYSTEMS } from '../../seat/seat'
import type { PartProps } from './DescriptionScreen'
import { Proof } from './Proof'
import { useDescribe, usePutAway, useReady, useThrowAway } from './mutations'
import { useProposedMatches } from './queries'
import css from './description.module.css'

const ALL_SYSTEMS = ['macos', 'windows', 'linux'] as const

/** The last step: what it is called, where it runs, what its commands are for; then it is an application like any other. */
export function FinishPart({ brought, window }: PartProps) {
  const ready = useReady(brought.id, brought.version, window)
  const away = usePutAway(brought.id, brought.version, window)
  const gone = useThrowAway(brought.id, brought.version)
  return (
    <div className={css.file}>
      <div>
        <Names key={brought.version} brought={brought} window={window} />
        <Matches key={`matches ${brought.version}`} brought={brought} window={window} />
      </div>
      <div>
        <Proof proof={brought.proof} />
        {brought.state === 'in-use' ? (
          <section aria-label="In use">
            <h2>It is in use</h2>
            <p>Its factory keymap is protected; whoever changes it gets a copy.</p>
            <ul>
              <li>
                <Link to={`/remap/${brought.slug}`}>Remap {brought.name}</Link>
              </li>
              <li>
                <Link to="/across/harmonise">Harmonise it with others</Link>
              </li>
              <li>
                <Link to="/suites">Give it to a suite</Link>
              </li>
              <li>
                <Link to={`/applications/${brought.slug}`}>Its keymaps</Link>
              </li>
            </ul>
          </section>
        ) : (
          brought.may_change && (
            <p>
              <button className="btn btn-primary" disabled={ready.isSending || !brought.proof.holds} onClick={() => ready.send()}>
                {brought.may_confirm ? 'Use it in the house' : 'Propose it to the keeper'}
              </button>
              {brought.state === 'proposed' && !brought.may_confirm && <span role="status"> The keeper is asked to confirm it.</span>}
            </p>
          )
        )}
        {ready.error !== null && !ready.isSending && <ProblemNote error={ready.error} />}
        <section aria-label="Share it and put it away">
          <h2>Share it</h2>
          <p>
            <a href={`/api/house-applications/${brought.id}/file`} download>
              Save it as one file
            </a>
            , signed by this house: catalogue, description, factory keymap and matches.
          </p>
          {brought.state === 'in-use' && brought.may_confirm && (
            <button className="btn btn-outline-secondary btn-sm" disabled={away.isSending} onClick={() => away.send()}>
              Put it away; what was made with it stays
            </button>
          )}
          {brought.state !== 'in-use' && brought.state !== 'put-away' && brought.may_change && (
            <button className="btn btn-outline-secondary btn-sm" disabled={gone.isSending} onClick={() => gone.send()}>
              Throw the draft away
            </button>
          )}
          {away.error !== null && !away.isSending && <ProblemNote error={away.error} />}
          {gone.error !== null && !gone.isSending && <ProblemNote error={gone.error} />}
        </section>
      </div>
    </div>
  )
}

function Names({ brought, window }: PartProps) {
  const { send, isSending, error } = useDescribe(brought.id, brought.version, window)
  const [name, setName] = useState(brought.name)
  const [purpose, setPurpose] = useState(brought.purpose)
  const [fileName, setFileName] = useState(brought.file_name)
  const [systems, setSystems] = useState(brought.systems)
  return (
    <form
      aria-label="Names"
      className={css.names}
      onSubmit={(event) => {
        event.preventDefault()
        send({ name, purpose, file_name: fileName, systems })
      }}
    >
      <h2>What it is called, and where it runs</h2>
      <label>
        Name{' '}
        <input
          className="form-control"
          value={name}
          required
          readOnly={!brought.may_change}
          onChange={(event) => setName(event.target.value)}
        />
      </label>
      <label>
        What it is for{' '}
        <input
          className="form-control"
          value={purpose}
          required
          readOnly={!brought.may_change}
          onChange={(event) => setPurpose(event.target.value)}
        />
      </label>
      <label>
        What its key file is called in a suite{' '}
        <input
          className="form-control"
          value={fileName}
          required
          readOnly={!brought.may_change}
          onChange={(event) => setFileName(event.target.value)}
        />
      </label>
      <fieldset>
        <legend>Systems</legend>
        {ALL_SYSTEMS.map((system) => (
          <label key={system}>
            <input
              type="checkbox"
              checked={systems.includes(system)}
              disabled={!brought.may_change}
              onChange={(event) => setSystems(event.target.checked ? [...systems, system] : systems.filter((one) => one !== system))}
            />{' '}
            {SYSTEMS[system]}
          </label>
        ))}
      </fieldset>
      {brought.may_change && (
        <button className="btn btn-outline-secondary btn-sm" disabled={isSending}>
          Store
        </button>
      )}
      {error !== null && !isSending && <ProblemNote error={error} />}
    </form>
  )
}

type Match = Schema['ProposedMatches']['matches'][number]

function Matches({ brought, window }: PartProps) {
  return (
    <section aria-label="What the commands are for">
      <h2>What the commands are for</h2>
      <Asking of={useProposedMatches(brought.id, brought.version)}>
        {({ matches }) =>
          matches.length === 0 ? (
            <p>Nothing that is known here is like them.</p>
          ) : (
            <MatchList brought={brought} window={window} matches={matches} />
          )
        }
      </Asking>
    </section>
  )
}

function MatchList({ brought, window, matches }: PartProps & { matches: readonly Match[] }) {
  const { send, isSending, error } = useDescribe(brought.id, brought.version, window)
  const anyTaken = matches.some(({ is_taken: isTaken }) => isTaken)
  const [taken, setTaken] = useState(matches.filter((one) => (anyTaken ? one.is_taken : one.is_sure)).map(({ command }) => command.id))
  return (
    <>
      <p>
        So that stripes, carrying over and harmonising know them. {counted(matches.length, 'proposal')}; those that are sure are ticked.
      </p>
      <ul className={css.matches}>
        {matches.map(({ command, intent, is_sure: isSure }) => (
          <li key={command.id}>
            <label>
              <input
                type="checkbox"
                checked={taken.includes(command.id)}
                disabled={!brought.may_change}
                onChange={(event) => setTaken(event.target.checked ? [...taken, command.id] : taken.filter((id) => id !== command.id))}
              />{' '}
              {command.name} is for <strong>{intent.name}</strong> {!isSure && <span className="quiet">perhaps</span>}
            </label>
          </li>
        ))}
      </ul>
      {brought.may_change && (
        <button
          className="btn btn-outline-secondary btn-sm"
          disabled={isSending}
          onClick={() =>
            send({
              matches: matches
                .filter(({ command }) => taken.includes(command.id))
                .map(({ command, intent }) => ({ command: command.id, intent: intent.id })),
            })
          }
        >
          Take {counted(taken.length, 'match', 'matches')}
        </button>
      )}
      <span role="status" className="quiet">
        {' '}
        {brought.match_count > 0 && `${counted(brought.match_count, 'match', 'matches')} taken.`}
      </span>
      {error !== null && !isSending && <ProblemNote error={error} />}
    </>
  )
}
