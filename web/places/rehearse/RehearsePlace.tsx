import { useMutation } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import { answer, api, type Schema } from '../../api/client'
import { queries, useApplications, useRehearsal, useSuites } from '../../api/queries'
import { useChords } from '../../listening/Listening'
import { Asking } from '../../parts/Asking'
import { Keys } from '../../parts/Keys'
import { ProblemNote } from '../../parts/ProblemNote'
import { useAddress } from '../../parts/useAddress'
import { useSeat } from '../../seat/seat'
import { StripPicture } from './StripPicture'

/** Chords pressed in a room's stand-in, answered by the key file that is installed there. */
export function RehearsePlace() {
  const query = useSeat()
  const [read, write] = useAddress()
  const suites = useSuites()
  const applications = useApplications()
  const [error, setError] = useState<Error | null>(null)
  const suite = suites.data?.suites.find(({ id }) => id === read('suite')) ?? suites.data?.suites[0]
  // Only what the room has can be pressed there.
  const here = (applications.data?.applications ?? []).filter(({ id }) => suite?.applications.includes(id) === true)
  const application = here.find(({ id }) => id === read('application')) ?? here[0]
  const gesture = application?.tells_hold === true && read('gesture') === 'hold' ? 'hold' : 'tap'
  const focus = application?.contexts.find(({ id }) => id === read('focus'))?.id ?? application?.contexts[0]?.id ?? ''
  const id = read('rehearsal')
  const rehearsal = useRehearsal(id)

  // Chords come faster than the address changes: the first begins the rehearsal, those right behind it find it here.
  const about = `${suite?.id ?? ''} ${application?.id ?? ''}`
  const begun = useRef({ about: '', id: '' })

  async function begin(): Promise<string> {
    if (suite === undefined || application === undefined) return ''
    const made = await answer(api.POST('/suites/{suite}/rehearsals', { params: { path: { suite: suite.id }, query }, body: { application: application.id } }))
    write({ suite: suite.id, application: application.id, rehearsal: made.id })
    begun.current = { about, id: made.id }
    return made.id
  }

  const press = useMutation({
    // One after the other, so that they arrive in the order in which they were pressed.
    scope: { id: 'presses' },
    mutationFn: async (chord: string) => {
      const rehearsing = id !== '' ? id : begun.current.about === about ? begun.current.id : await begin()
      const after = await answer(api.POST('/rehearsals/{rehearsal}/presses', { params: { path: { rehearsal: rehearsing }, query }, body: { chord, focus, gesture } }))
      queries.setQueryData(['rehearsal', rehearsing, query], after)
    },
    onSuccess: () => { setError(null) },
    onError: setError,
  })
  useChords(suite === undefined || application === undefined ? null : `for ${application.name} in ${suite.name}`, (chord) => { press.mutate(chord) })

  return (
    <>
      <div className="place-head"><h1>Rehearse</h1></div>
      <Asking of={suites}>
        {({ suites: all }) => (
          <>
            <div className="rehearsal-choice">
              <label>Suite{' '}
                <select className="form-select form-select-sm" value={suite?.id ?? ''} onChange={(event) => { write({ suite: event.target.value, rehearsal: '' }) }}>
                  {all.map(({ id: value, name }) => <option key={value} value={value}>{name}</option>)}
                </select>
              </label>
              <label>Application{' '}
                <select className="form-select form-select-sm" value={application?.id ?? ''} onChange={(event) => { write({ application: event.target.value, focus: '', rehearsal: '' }) }}>
                  {here.map(({ id: value, name }) => <option key={value} value={value}>{name}</option>)}
                </select>
              </label>
              <label>Focus{' '}
                <select className="form-select form-select-sm" value={focus} onChange={(event) => { write({ focus: event.target.value }) }}>
                  {application?.contexts.map(({ id: value, name }) => <option key={value} value={value}>{name}</option>)}
                </select>
              </label>
              {application?.tells_hold === true && (
                <label>As{' '}
                  <select className="form-select form-select-sm" value={gesture} onChange={(event) => { write({ gesture: event.target.value }) }}>
                    <option value="tap">a tap</option>
                    <option value="hold">a hold</option>
                  </select>
                </label>
              )}
              <Button variant="outline-secondary" size="sm" disabled={id === ''} onClick={() => void begin().catch((failure: unknown) => { setError(failure as Error) })}>Start over</Button>
            </div>
            {suite !== undefined && !suite.is_online && <p className="problem" role="alert"><strong>{suite.name} is offline.</strong> Presses wait until its workstation is back.</p>}
            <ProblemNote error={error} />
            {id === ''
              ? <div className="empty"><p><strong>Press F9 and then chords.</strong> The stand-in at the workstation reads its installed key file and says what each of them did.</p></div>
              : <Asking of={rehearsal}>{(data) => <Log presses={data.presses} />}</Asking>}
          </>
        )}
      </Asking>
    </>
  )
}

function Log({ presses }: { presses: Schema['Press'][] }) {
  const state = presses.findLast((press) => press.answer?.state !== undefined)?.answer?.state
  return (
    <>
      {state !== undefined && <StripPicture state={state} />}
      <ol className="presses" aria-label="What was pressed, the latest first" aria-live="polite">
        {[...presses].reverse().map((press) => (
          <li key={press.id} data-state={press.state}>
            <Keys chord={press.chord} /> <span className="quiet">{press.gesture === 'hold' && 'held '}in {press.focus.name}</span>{' '}
            {press.answer === null ? <em>waits for the workstation …</em> : <><strong>{press.answer.did ?? press.answer.error}</strong> <span className="quiet">{press.answer.because}</span></>}
          </li>
        ))}
      </ol>
      {presses.length === 0 && <p className="quiet">Press F9 and then a chord.</p>}
    </>
  )
}
