import { use, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Modal from 'react-bootstrap/Modal'
import type { Schema } from '../../api/client'
import { useSuites } from '../../api/suites'
import { SuiteSelect } from '../../parts/AskedSelect'
import { Asking } from '../../parts/Asking'
import { ProblemNote } from '../../parts/ProblemNote'
import { SeatContext } from '../../seat/seat'
import { useSitDown } from './mutations'
import { useSittingPreview } from './queries'
import { clock } from './words'
import css from './suite.module.css'

interface Props {
  /** Empty where none is chosen yet. */
  suite?: string
  onClose: () => void
}

/** How long one stays: an hour from now, until tonight, or open. */
type Stay = 'leave' | 'hour' | 'evening' | 'at'

const EVENING_HOUR = 19

/** The moment at which a sitting ends by itself; null for none. @param at a local time, as a field for times gives it */
export function endOf(stay: Stay, at: string, now = new Date()): string | null {
  if (stay === 'hour') return new Date(now.getTime() + 3_600_000).toISOString()
  if (stay === 'at') return at === '' ? null : new Date(at).toISOString()
  if (stay !== 'evening') return null
  const end = new Date(now)
  end.setHours(EVENING_HOUR, 0, 0, 0)
  if (end <= now) end.setDate(end.getDate() + 1)
  return end.toISOString()
}

/** Sit down in a suite with one's own keys: what works there, what is replaced, what the house keeps, and until when. */
export function SitDown({ suite: given = '', onClose }: Props) {
  const here = use(SeatContext).suite?.id ?? ''
  const [suite, setSuite] = useState(given === '' ? here : given)
  return (
    <Modal show onHide={onClose} size="lg" aria-labelledby="sit-down-title">
      <Modal.Body className={css.sitDown ?? ''}>
        <h2 id="sit-down-title">Sit down with my keys</h2>
        <p className={css.sentence}>
          in <SuiteSelect label="Suite" none="a suite" value={suite} onChoose={setSuite} />
        </p>
        {suite === '' ? (
          <p className="quiet">Choose where you sit. Nothing is changed before you have seen what would be.</p>
        ) : (
          <Looked key={suite} suite={suite} onClose={onClose} />
        )}
      </Modal.Body>
    </Modal>
  )
}

function Looked({ suite, onClose }: { suite: string; onClose: () => void }) {
  return <Asking of={useSittingPreview(suite)}>{(preview) => <Preview preview={preview} onClose={onClose} />}</Asking>
}

function Preview({ preview, onClose }: { preview: Schema['SittingPreview']; onClose: () => void }) {
  const [stay, setStay] = useState<Stay>('leave')
  const [at, setAt] = useState('')
  const [tells, setTells] = useState(false)
  const choose = use(SeatContext).choose
  const suites = useSuites().data?.suites ?? []
  const { send, isSending, error } = useSitDown(() => {
    const there = suites.find(({ id }) => id === preview.suite.id)
    if (there !== undefined) {
      choose({
        seat: { system: there.system, board: there.board.id, layout: there.layout.id },
        suite: { id: there.id, name: there.name },
      })
    }
    onClose()
  })
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        send({
          suite: preview.suite.id,
          until: endOf(stay, at),
          takeOver: preview.taken_by !== null,
          accept: [],
          tellsUsage: tells,
        })
      }}
    >
      <ul className={css.brings}>
        {preview.applications.map((one) => (
          <Brought key={one.application.id} of={one} />
        ))}
      </ul>
      <p>
        <a href={`/learn?suite=${preview.suite.id}`}>What will be different for my hands, as a drill</a>
      </p>
      {preview.taken_by !== null && (
        <p className={css.fault}>
          <b>{preview.taken_by} sits there.</b> If you sit down, their keys go; what was found before them comes back when you leave.
        </p>
      )}
      {!preview.may_sit_down && <p className="quiet">Your role looks and rehearses; it brings no keys to a suite.</p>}
      <fieldset className={css.stay}>
        <legend>Until when?</legend>
        <label>
          <input type="radio" name="stay" checked={stay === 'leave'} onChange={() => setStay('leave')} /> until I leave
        </label>
        <label>
          <input type="radio" name="stay" checked={stay === 'hour'} onChange={() => setStay('hour')} /> for an hour
        </label>
        <label>
          <input type="radio" name="stay" checked={stay === 'evening'} onChange={() => setStay('evening')} /> until{' '}
          {clock(endOf('evening', '') ?? '')}
        </label>
        <label>
          <input type="radio" name="stay" checked={stay === 'at'} onChange={() => setStay('at')} /> until another hour
          {stay === 'at' && (
            <>
              {' '}
              <input type="datetime-local" aria-label="Hour" value={at} onChange={(event) => setAt(event.target.value)} />
            </>
          )}
        </label>
      </fieldset>
      <label className={css.tells}>
        <input type="checkbox" checked={tells} onChange={(event) => setTells(event.target.checked)} />
        <span>
          Count what I use here, by key or by mouse, for Learn.{' '}
          <span className="quiet">
            Commands, days and the hand only, never what I type. I can forget it at any time; the house sees sums of five people or more.
          </span>
        </span>
      </label>
      <p className="quiet">
        When you leave, every file there is again what it was, to the byte. What you change while you sit there is offered to you.
      </p>
      <ProblemNote error={error} />
      <p className={css.turns}>
        <Button type="submit" size="sm" disabled={isSending || !preview.may_sit_down || (stay === 'at' && at === '')}>
          {preview.taken_by === null ? 'Sit down here' : `Take over from ${preview.taken_by}`}
        </Button>
        <button type="button" className="plain" onClick={onClose}>
          Leave it
        </button>
      </p>
    </form>
  )
}

function Brought({ of: { application, keymap, replaced, lost_to_fixed, problems } }: { of: Schema['SittingApplication'] }) {
  const faults = problems.filter(({ kind }) => kind === 'fault')
  const lost = problems.filter(({ kind }) => kind !== 'fault')
  return (
    <li data-brings={keymap !== null && faults.length === 0}>
      <b>{application.name}</b>{' '}
      {keymap === null ? (
        <span className="quiet">what the suite has stays: yours is as it came</span>
      ) : faults.length > 0 ? (
        <span className={css.fault}>
          not brought: {faults[0]?.sentence} <a href={`/clashes/${application.id}`}>Settle it</a>
        </span>
      ) : (
        <span>
          {keymap}
          {replaced.length + lost_to_fixed.length + lost.length === 0 && ', all of it works'}
        </span>
      )}
      {keymap !== null && faults.length === 0 && (
        <ul>
          {lost_to_fixed.map((sentence) => (
            <li key={sentence}>The house keeps: {sentence}</li>
          ))}
          {lost.map(({ id, sentence }) => (
            <li key={id}>{sentence}</li>
          ))}
          {replaced.length > 0 && (
            <li>
              <details>
                <summary>
                  {replaced.length} {replaced.length === 1 ? 'chord' : 'chords'} replaced for the keyboard there
                </summary>
                {replaced.map((sentence) => (
                  <span key={sentence}>{sentence}</span>
                ))}
              </details>
            </li>
          )}
        </ul>
      )}
    </li>
  )
}
