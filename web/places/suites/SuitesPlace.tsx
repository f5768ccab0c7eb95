import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { Link, useNavigate } from 'react-router'
import { answer, api, type Schema } from '../../api/client'
import { forgetSuites, usePresets, useSession, useSuites } from '../../api/queries'
import { Asking } from '../../parts/Asking'
import { ProblemNote } from '../../parts/ProblemNote'
import { SYSTEMS, useSeat } from '../../seat/seat'

const STANDINGS: Record<Schema['SuiteFile']['standing'], string> = {
  'in-step': 'in step', behind: 'behind', 'changed-by-hand': 'changed by hand', 'never-handed-over': 'nothing handed over yet',
}
const ORDERS: Record<Schema['Order']['kind'], string> = { install: 'Hand over', 'put-back': 'Put back' }
const STATES: Record<Schema['Order']['state'], string> = {
  preparing: 'being put together', waiting: 'waits for the workstation', sent: 'on its way', done: 'done', failed: 'failed',
}

/** The rooms, and what is installed there now. */
export function SuitesPlace() {
  const suites = useSuites()
  return (
    <>
      <div className="place-head"><h1>Suites</h1><p><Link to="/suites/travel">Travel check: would my keys work on another keyboard?</Link></p></div>
      <Asking of={suites}>
        {({ suites: all }) => all.length === 0
          ? <div className="empty"><p>No room is known yet. A room appears here once its workstation has a token.</p></div>
          : <div className="rooms">{all.map((suite) => <Room key={suite.id} suite={suite} />)}</div>}
      </Asking>
    </>
  )
}

function Room({ suite }: { suite: Schema['Suite'] }) {
  const query = useSeat()
  const navigate = useNavigate()
  const mayHandOver = useSession().data?.person?.may_hand_over === true
  const [error, setError] = useState<Error | null>(null)
  const path = { suite: suite.id }

  function order(request: Promise<unknown>) {
    setError(null)
    request.catch((failure: unknown) => { setError(failure as Error) }).finally(() => void forgetSuites())
  }

  async function takeIn(application: string) {
    const report = await answer(api.POST('/suites/{suite}/take-ins', { params: { path, query }, body: { application } }))
    await navigate(`/applications/${application}/key-files/${report.id}`)
  }

  return (
    <section className="room" aria-label={suite.name} data-online={suite.is_online}>
      <h2>{suite.name} <span className="room-presence">{suite.is_online ? 'online' : suite.last_seen_at === null ? 'offline, never seen' : 'offline'}</span></h2>
      <p className="quiet">{suite.board.name}, {suite.layout.name}, {SYSTEMS[suite.system]}{suite.is_read_only && ' · its folder is read-only'} · <Link to={`/suites/travel?room=${suite.id}`}>would my keys work here?</Link></p>
      <ul className="room-files">
        {suite.files.map((file) => (
          <li key={file.application.id} data-standing={file.standing}>
            <i aria-hidden="true" />
            <strong>{file.application.name}</strong>
            <span>{STANDINGS[file.standing]}{file.release !== null && `, ${file.release.preset} ${file.release.number}`}</span>
            {file.standing === 'changed-by-hand' && file.may_take_in && <button type="button" className="plain" onClick={() => { order(takeIn(file.application.id)) }}>take the change in as a draft</button>}
            <Link to={`/rehearse?suite=${suite.id}&application=${file.application.id}`}>rehearse</Link>
          </li>
        ))}
      </ul>
      {mayHandOver
        ? <HandOver suite={suite} onHandOver={(release) => { order(answer(api.POST('/suites/{suite}/handovers', { params: { path, query }, body: { release } }))) }} />
        : <p className="quiet">Your role looks and rehearses; handing over is for editors and the suite keeper.</p>}
      <ProblemNote error={error} />
      {suite.orders.length > 0 && (
        <ol className="room-orders" aria-label="What was done last">
          {suite.orders.map((one) => <li key={one.id} data-state={one.state}>{ORDERS[one.kind]} {one.title}: {STATES[one.state]}{one.error !== null && <> ({one.error})</>}</li>)}
        </ol>
      )}
      {suite.copies.length > 0 && (
        <details>
          <summary>{suite.copies.length} kept {suite.copies.length === 1 ? 'copy' : 'copies'} of overwritten files</summary>
          <ul className="copies">
            {suite.copies.map((copy) => (
              <li key={copy.name}>
                {copy.application}, kept {new Date(copy.taken_at).toLocaleString()}{' '}
                {mayHandOver && <button type="button" className="plain" onClick={() => { order(answer(api.POST('/suites/{suite}/put-backs', { params: { path, query }, body: { copy: copy.name } }))) }}>put it back<span className="visually-hidden"> {copy.name}</span></button>}
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  )
}

function HandOver({ suite, onHandOver }: { suite: Schema['Suite']; onHandOver: (release: number) => void }) {
  const presets = usePresets().data?.presets ?? []
  const releases = presets.flatMap((preset) => preset.releases)
  const [chosen, setChosen] = useState('')
  const release = chosen === '' ? releases[0]?.id : Number(chosen)
  const willOverwrite = suite.files.filter(({ standing }) => standing === 'changed-by-hand')
  if (release === undefined) return <p className="quiet">Nothing is saved to hand over yet. <Link to="/presets">Save a preset</Link>.</p>
  return (
    <Form className="hand-over" onSubmit={(event) => { event.preventDefault(); onHandOver(release) }}>
      <Form.Select size="sm" aria-label={`Release for ${suite.name}`} value={release} onChange={(event) => { setChosen(event.target.value) }}>
        {releases.map((one) => <option key={one.id} value={one.id}>{one.preset} {one.number}: {one.note}</option>)}
      </Form.Select>
      <Button type="submit" size="sm" disabled={suite.is_busy}>{suite.is_busy ? 'On its way …' : 'Hand over'}</Button>
      {!suite.is_online && <p className="quiet">The room is offline; it gets the release when it is back.</p>}
      {willOverwrite.length > 0 && <p className="quiet">{willOverwrite.map(({ application }) => application.name).join(' and ')} was changed by hand there. It is overwritten; a copy is kept and can be put back.</p>}
    </Form>
  )
}
