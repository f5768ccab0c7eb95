import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { Link } from 'react-router'
import { useApplicationNames } from '../../api/applications'
import type { Schema } from '../../api/client'
import { Empty } from '../../parts/Empty'
import { RefusedKeymaps } from '../../keymap/RefusedKeymaps'
import { ScreenHead } from '../../parts/ScreenHead'
import { usePresets } from '../preset/queries'
import { useSession } from '../../api/session'
import { useHandOver, useImport, usePutBack } from './mutations'
import { useWatchedSuites } from '../../api/suites'
import { Asking } from '../../parts/Asking'
import { ProblemNote } from '../../parts/ProblemNote'
import { SYSTEMS } from '../../seat/seat'
import css from './suite.module.css'

const STANDINGS: Record<Schema['SuiteFile']['standing'], string> = {
  'in-step': 'in step',
  behind: 'behind',
  'changed-by-hand': 'changed by hand',
  'never-handed-over': 'nothing handed over yet',
}
const ORDERS: Record<Schema['Order']['kind'], string> = { install: 'Hand over', 'put-back': 'Put back' }
const STATES: Record<Schema['Order']['state'], string> = {
  preparing: 'being put together',
  waiting: 'waits for the workstation',
  sent: 'on its way',
  done: 'done',
  failed: 'failed',
}

/** The suites, and what is installed there now. */
export function SuiteScreen() {
  const suites = useWatchedSuites()
  return (
    <>
      <ScreenHead title="Suites">
        <p>
          <Link to="/travel">Travel check: would my keys work on another keyboard?</Link>
        </p>
      </ScreenHead>
      <RefusedKeymaps />
      <Asking of={suites}>
        {({ suites: all }) =>
          all.length === 0 ? (
            <Empty>No suite is known yet. A suite appears here once its workstation has a token.</Empty>
          ) : (
            <div className={css.suites}>
              {all.map((suite) => (
                <Suite key={suite.id} suite={suite} />
              ))}
            </div>
          )
        }
      </Asking>
    </>
  )
}

function Suite({ suite }: { suite: Schema['Suite'] }) {
  const mayHandOver = useSession().data?.person?.may_hand_over === true
  return (
    <section className={css.suite} aria-label={suite.name} data-online={suite.is_online}>
      <h2>
        {suite.name}{' '}
        <span className={css.presence}>{suite.is_online ? 'online' : suite.last_seen_at === null ? 'offline, never seen' : 'offline'}</span>
      </h2>
      <p className="quiet">
        {suite.board.name}, {suite.layout.name}, {SYSTEMS[suite.system]}
        {suite.is_read_only && ' · its folder is read-only'} · <Link to={`/travel?suite=${suite.id}`}>would my keys work here?</Link>
      </p>
      <Files suite={suite} />
      {mayHandOver ? (
        <HandOver suite={suite} />
      ) : (
        <p className="quiet">Your role looks and rehearses; handing over is for editors and the suite keeper.</p>
      )}
      {suite.orders.length > 0 && (
        <ol className={css.orders} aria-label="What was done last">
          {suite.orders.map((one) => (
            <li key={one.id} data-state={one.state}>
              {ORDERS[one.kind]} {one.title}: {STATES[one.state]}
              {one.error !== null && <> ({one.error})</>}
            </li>
          ))}
        </ol>
      )}
      {suite.copies.length > 0 && <Copies suite={suite} mayPutBack={mayHandOver} />}
    </section>
  )
}

function Files({ suite }: { suite: Schema['Suite'] }) {
  const importing = useImport(suite.id)
  return (
    <>
      <ul className={css.files}>
        {suite.files.map(({ application, standing, release, may_import }) => (
          <li key={application.id} data-standing={standing}>
            <i aria-hidden="true" />
            <strong>{application.name}</strong>
            <span>
              {STANDINGS[standing]}
              {release !== null && `, ${release.preset} ${release.number}`}
            </span>
            {standing === 'changed-by-hand' && may_import && (
              <button type="button" className="plain" disabled={importing.isSending} onClick={() => importing.send(application.id)}>
                import it
              </button>
            )}
            <Link to={`/rehearse?suite=${suite.id}&application=${application.id}`}>rehearse</Link>
          </li>
        ))}
      </ul>
      <ProblemNote error={importing.error} />
    </>
  )
}

function Copies({ suite, mayPutBack }: { suite: Schema['Suite']; mayPutBack: boolean }) {
  const { send, isSending, error } = usePutBack(suite.id)
  const nameOf = useApplicationNames()
  return (
    <details>
      <summary>
        {suite.copies.length} {suite.copies.length === 1 ? 'copy' : 'copies'} of overwritten files
      </summary>
      <ul>
        {suite.copies.map((copy) => (
          <li key={copy.name}>
            {nameOf(copy.application)}, overwritten {new Date(copy.taken_at).toLocaleString()}{' '}
            {mayPutBack && (
              <button type="button" className="plain" disabled={isSending} onClick={() => send(copy.name)}>
                put it back<span className="visually-hidden"> {copy.name}</span>
              </button>
            )}
          </li>
        ))}
      </ul>
      <ProblemNote error={error} />
    </details>
  )
}

function HandOver({ suite }: { suite: Schema['Suite'] }) {
  return (
    <Asking of={usePresets()}>
      {({ presets }) => <HandOverForm suite={suite} releases={presets.flatMap((preset) => preset.releases)} />}
    </Asking>
  )
}

function HandOverForm({ suite, releases }: { suite: Schema['Suite']; releases: Schema['Release'][] }) {
  const [chosen, setChosen] = useState('')
  const { send, isSending, error } = useHandOver(suite.id)
  const release = chosen === '' ? releases[0]?.id : Number(chosen)
  const willOverwrite = suite.files.filter(({ standing }) => standing === 'changed-by-hand')
  const isBusy = suite.is_busy || isSending
  if (release === undefined) {
    return (
      <p className="quiet">
        Nothing is saved to hand over yet. <Link to="/presets">Save a preset</Link>.
      </p>
    )
  }
  return (
    <Form
      className={css.handOver ?? ''}
      onSubmit={(event) => {
        event.preventDefault()
        send(release)
      }}
    >
      <Form.Select size="sm" aria-label={`Release for ${suite.name}`} value={release} onChange={(event) => setChosen(event.target.value)}>
        {releases.map((one) => (
          <option key={one.id} value={one.id}>
            {one.preset} {one.number}: {one.note}
          </option>
        ))}
      </Form.Select>
      <Button type="submit" size="sm" disabled={isBusy}>
        {isBusy ? 'On its way …' : 'Hand over'}
      </Button>
      {!suite.is_online && <p className="quiet">The suite is offline; it gets the release when it is back.</p>}
      {willOverwrite.length > 0 && (
        <p className="quiet">
          {willOverwrite.map(({ application }) => application.name).join(' and ')} was changed by hand there. It is overwritten; a copy
          stays there and can be put back.
        </p>
      )}
      <ProblemNote error={error} />
    </Form>
  )
}
