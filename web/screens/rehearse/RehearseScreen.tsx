import Button from 'react-bootstrap/Button'
import type { Schema } from '../../api/client'
import { useChords } from '../../listening/Listening'
import { Asking } from '../../parts/Asking'
import { ContextOptions, SuiteSelect } from '../../parts/AskedSelect'
import { Empty } from '../../parts/Empty'
import { Keys } from '../../parts/Keys'
import { ProblemNote, Warning } from '../../parts/ProblemNote'
import { ScreenHead } from '../../parts/ScreenHead'
import { useAddress } from '../../parts/useAddress'
import { useApplications } from '../../api/applications'
import { useWatchedSuites } from '../../api/suites'
import { useRehearsing } from './mutations'
import { useRehearsal } from './queries'
import { StripPicture } from './StripPicture'
import css from './rehearse.module.css'

/** Chords pressed in a suite's stand-in, answered by the key file that is installed there. */
export function RehearseScreen() {
  const suites = useWatchedSuites()
  const applications = useApplications()
  return (
    <>
      <ScreenHead title="Rehearse" />
      <Asking of={suites}>
        {({ suites: all }) =>
          all.length === 0 ? (
            <Empty>There is no suite yet whose stand-in could answer.</Empty>
          ) : (
            <Asking of={applications}>{(known) => <Rehearsal suites={all} applications={known.applications} />}</Asking>
          )
        }
      </Asking>
    </>
  )
}

function Rehearsal({ suites, applications }: { suites: Schema['Suite'][]; applications: Schema['Application'][] }) {
  const [read, write] = useAddress()
  const suite = suites.find(({ id }) => id === read('suite')) ?? suites[0]
  // Only what the suite has can be pressed there.
  const installed = applications.filter(({ id }) => suite?.applications.includes(id) === true)
  const application = installed.find(({ id }) => id === read('application')) ?? installed[0]
  const gesture = application?.tells_hold === true && read('gesture') === 'hold' ? 'hold' : 'tap'
  const focus = application?.contexts.find(({ id }) => id === read('focus'))?.id ?? application?.contexts[0]?.id ?? ''
  const id = read('rehearsal')
  const rehearsal = useRehearsal(id)
  const where = { suite: suite?.id ?? '', application: application?.id ?? '' }
  const { press, startOver, isBeginning, error } = useRehearsing({
    ...where,
    focus,
    gesture,
    rehearsal: id,
    onBegun: (begun) => write({ ...where, rehearsal: begun }),
  })
  useChords(suite === undefined || application === undefined ? null : `for ${application.name} in ${suite.name}`, press)

  return (
    <>
      <div className={css.rehearsalChoice}>
        <label>
          Suite{' '}
          <SuiteSelect
            className="form-select form-select-sm"
            value={where.suite}
            onChoose={(chosen) => write({ suite: chosen, rehearsal: '' })}
          />
        </label>
        <label>
          Application{' '}
          <select
            className="form-select form-select-sm"
            value={where.application}
            onChange={(event) => write({ application: event.target.value, focus: '', rehearsal: '' })}
          >
            {installed.map(({ id: value, name }) => (
              <option key={value} value={value}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label>
          Focus{' '}
          <select className="form-select form-select-sm" value={focus} onChange={(event) => write({ focus: event.target.value })}>
            <ContextOptions contexts={application?.contexts ?? []} />
          </select>
        </label>
        {application?.tells_hold === true && (
          <label>
            As{' '}
            <select className="form-select form-select-sm" value={gesture} onChange={(event) => write({ gesture: event.target.value })}>
              <option value="tap">a tap</option>
              <option value="hold">a hold</option>
            </select>
          </label>
        )}
        <Button variant="outline-secondary" size="sm" disabled={id === '' || isBeginning} onClick={startOver}>
          Start over
        </Button>
      </div>
      {suite !== undefined && !suite.is_online && (
        <Warning>
          <strong>{suite.name} is offline.</strong> Presses wait until its workstation is back.
        </Warning>
      )}
      <ProblemNote error={error} />
      {id === '' ? (
        <Empty>
          <strong>Press F9 and then chords.</strong> The stand-in at the workstation reads its installed key file and says what each of them
          did.
        </Empty>
      ) : (
        <Asking of={rehearsal}>{(data) => <Log presses={data.presses} />}</Asking>
      )}
    </>
  )
}

function Log({ presses }: { presses: Schema['Press'][] }) {
  const state = presses.findLast((press) => press.answer?.state !== undefined)?.answer?.state
  return (
    <>
      {state !== undefined && <StripPicture state={state} />}
      <ol className={css.presses} aria-label="What was pressed, the latest first" aria-live="polite">
        {[...presses].reverse().map((press) => (
          <li key={press.id} data-state={press.state}>
            <Keys chord={press.chord} />{' '}
            <span className="quiet">
              {press.gesture === 'hold' && 'held '}in {press.focus.name}
            </span>{' '}
            {press.answer === null ? (
              <em>waits for the workstation …</em>
            ) : (
              <>
                <strong>{press.answer.did ?? press.answer.error}</strong> <span className="quiet">{press.answer.because}</span>
              </>
            )}
          </li>
        ))}
      </ol>
      {presses.length === 0 && <p className="quiet">Press F9 and then a chord.</p>}
    </>
  )
}
