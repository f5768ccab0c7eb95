import { useState, type ReactNode } from 'react'
import Button from 'react-bootstrap/Button'
import type { Schema } from '../../api/client'
import { useApplications } from '../../api/applications'
import { useWatchedSuites } from '../../api/suites'
import { BoardPanel } from '../../board/BoardPanel'
import { useTable } from '../../board/queries'
import { contextIndex } from '../../board/table'
import { useChords, useListening } from '../../listening/Listening'
import { Asking } from '../../parts/Asking'
import { ContextOptions } from '../../parts/AskedSelect'
import { Empty } from '../../parts/Empty'
import { NoApplication } from '../../parts/NoApplication'
import { Keys } from '../../parts/Keys'
import { ProblemNote, Warning } from '../../parts/ProblemNote'
import { ScreenHead } from '../../parts/ScreenHead'
import { StripPicture } from '../../parts/StripPicture'
import { remembered } from '../../parts/remembered'
import { useAddress } from '../../parts/useAddress'
import { useStable } from '../../parts/useStable'
import { useDraftRehearsing, useRehearsing, type Gesture } from './mutations'
import { useRehearsal } from './queries'
import css from './rehearse.module.css'

/** Chords pressed in a stand-in: with the keymap that one has now, or with the key file that is installed in a suite. */
export function RehearseScreen() {
  const suites = useWatchedSuites()
  const applications = useApplications()
  return (
    <>
      <ScreenHead title="Rehearse" />
      <Asking of={suites}>
        {({ suites: all }) => (
          <Asking of={applications}>
            {(known) => <Rehearsal suites={all} applications={known.applications.filter(({ is_desktop }) => !is_desktop)} />}
          </Asking>
        )}
      </Asking>
    </>
  )
}

function Rehearsal({ suites, applications }: { suites: Schema['Suite'][]; applications: Schema['Application'][] }) {
  const [read, write] = useAddress()
  const suite = suites.find(({ id }) => id === read('suite'))
  // Only what the suite has can be pressed there.
  const known = suite === undefined ? applications : applications.filter(({ id }) => suite.applications.includes(id))
  const application =
    known.find(({ id }) => id === read('application')) ?? known.find(({ id }) => id === remembered('application')) ?? known[0]
  const gesture: Gesture = application?.tells_hold === true && read('gesture') === 'hold' ? 'hold' : 'tap'
  const focus = application?.contexts.find(({ id }) => id === read('focus'))?.id ?? application?.contexts[0]?.id ?? ''
  if (application === undefined) return <NoApplication />
  return (
    <>
      <div className={css.rehearsalChoice}>
        <label>
          With{' '}
          <select
            className="form-select form-select-sm"
            value={suite?.id ?? ''}
            onChange={(event) => write({ suite: event.target.value, rehearsal: '' })}
          >
            <option value="">what I have now</option>
            {suites.map(({ id, name }) => (
              <option key={id} value={id}>
                what is installed in {name}
              </option>
            ))}
          </select>
        </label>
        <label>
          Application{' '}
          <select
            className="form-select form-select-sm"
            value={application.id}
            onChange={(event) => write({ application: event.target.value, focus: '', rehearsal: '' })}
          >
            {known.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label>
          Focus{' '}
          <select className="form-select form-select-sm" value={focus} onChange={(event) => write({ focus: event.target.value })}>
            <ContextOptions contexts={application.contexts} />
          </select>
        </label>
        {application.tells_hold && (
          <label>
            A click is{' '}
            <select className="form-select form-select-sm" value={gesture} onChange={(event) => write({ gesture: event.target.value })}>
              <option value="tap">a tap</option>
              <option value="hold">a hold</option>
            </select>
          </label>
        )}
      </div>
      {suite === undefined ? (
        <OfDraft key={application.id} application={application} focus={focus} gesture={gesture} />
      ) : (
        <OfSuite suite={suite} application={application} focus={focus} gesture={gesture} />
      )}
    </>
  )
}

interface OfProps {
  application: Schema['Application']
  focus: string
  /** What a click on the board is; keys are told by really holding them. */
  gesture: Gesture
}

/** What one has now, without a release and without a suite. */
function OfDraft({ application, focus, gesture }: OfProps) {
  const { presses, press, letGo, startOver, error } = useDraftRehearsing(application.id, focus)
  useChords(`for ${application.name}`, press, { tellsHold: application.tells_hold, onRelease: letGo })
  return (
    <Played
      application={application}
      focus={focus}
      presses={presses}
      error={error}
      onStartOver={startOver}
      onPress={(chord) => press(chord, gesture)}
    >
      The stand-in of {application.name} reads the file that would be written now, and says what each chord did.
    </Played>
  )
}

function OfSuite({ suite, application, focus, gesture }: OfProps & { suite: Schema['Suite'] }) {
  const [read, write] = useAddress()
  const id = read('rehearsal')
  const rehearsal = useRehearsal(id)
  const where = { suite: suite.id, application: application.id }
  const { press, letGo, startOver, error } = useRehearsing({
    ...where,
    focus,
    rehearsal: id,
    onBegun: (begun) => write({ ...where, rehearsal: begun }),
  })
  useChords(`for ${application.name} in ${suite.name}`, press, { tellsHold: application.tells_hold, onRelease: letGo })
  return (
    <>
      {!suite.is_online && (
        <Warning>
          <strong>{suite.name} is offline.</strong> Presses wait until its workstation is back.
        </Warning>
      )}
      <Played
        application={application}
        focus={focus}
        presses={id === '' ? [] : (rehearsal.data?.presses ?? [])}
        error={error ?? rehearsal.error}
        onStartOver={startOver}
        onPress={(chord) => press(chord, gesture)}
      >
        The stand-in at the workstation reads its installed key file, and says what each chord did.
      </Played>
    </>
  )
}

interface PlayedProps {
  application: Schema['Application']
  focus: string
  presses: Schema['Press'][]
  error: Error | null
  onStartOver: () => void
  onPress: (chord: string) => void
  children: ReactNode
}

function Played({ application, focus, presses, error, onStartOver, onPress, children }: PlayedProps) {
  const { startKey } = useListening()
  return (
    <>
      <ProblemNote error={error} />
      <div className={css.played}>
        {presses.length === 0 ? (
          <Empty>
            <strong>Press {startKey} and then chords, or click keys below.</strong> {children}
          </Empty>
        ) : (
          <>
            <Log presses={presses} />
            <Button variant="outline-secondary" size="sm" onClick={onStartOver}>
              Start over
            </Button>
          </>
        )}
      </div>
      <RehearsalBoard application={application.id} focus={focus} onPress={onPress} />
    </>
  )
}

/** The board as it is with the focus there; a click presses. */
function RehearsalBoard({ application, focus, onPress }: { application: string; focus: string; onPress: (chord: string) => void }) {
  const [layer, setLayer] = useState('')
  const press = useStable(onPress)
  return (
    <Asking of={useTable()}>
      {(table) => {
        const here = table.applications.find(({ id }) => id === application)
        return here === undefined ? null : (
          <BoardPanel
            table={table}
            application={here}
            context={contextIndex(here, focus)}
            layer={layer}
            onLayer={setLayer}
            onPress={press}
          />
        )
      }}
    </Asking>
  )
}

function Log({ presses }: { presses: Schema['Press'][] }) {
  const state = presses.findLast((press) => press.answer?.state !== undefined)?.answer?.state
  return (
    <>
      {state !== undefined && <StripPicture state={state} />}
      <ol className={css.presses} aria-label="What was pressed, the latest first" aria-live="polite">
        {[...presses].reverse().map((press, index) => (
          <li key={presses.length - index} data-state={press.state}>
            <Keys chord={press.chord} />{' '}
            <span className="quiet">
              {press.gesture === 'hold' && 'held '}
              {press.gesture === 'let-go' && 'let go '}in {press.focus.name}
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
    </>
  )
}
