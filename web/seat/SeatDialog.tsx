import { use, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import type { Schema } from '../api/client'
import { Asking } from '../parts/Asking'
import { ProblemNote } from '../parts/ProblemNote'
import { useSession } from '../api/session'
import { useNoteKeyboard } from './mutations'
import { useSuites } from '../api/suites'
import { useLayoutProposal } from './browserLayout'
import { useKeyboards } from './queries'
import { SeatContext, SYSTEMS, type Seat, type System } from './seat'
import css from './seat.module.css'

/** Which keyboard stands here: that of a suite, or any other. */
export function SeatDialog({ onClose }: { onClose: () => void }) {
  const suites = useSuites()
  return (
    <Modal show onHide={onClose} aria-labelledby="seat-title">
      <Asking of={suites}>{(data) => <SeatForm suites={data.suites} onClose={onClose} />}</Asking>
    </Modal>
  )
}

function SeatForm({ suites, onClose }: { suites: Schema['Suite'][]; onClose: () => void }) {
  const chosen = use(SeatContext)
  const [seat, setSeat] = useState(chosen.seat)
  const [suiteId, setSuiteId] = useState(chosen.suite?.id ?? '')
  const [remember, setRemember] = useState(true)
  const mayNote = useSession().data?.person?.keeps_suites === true
  const suite = suites.find(({ id }) => id === suiteId)
  const differs = suite !== undefined && (suite.board.id !== seat.board || suite.layout.id !== seat.layout)
  const take = () => {
    chosen.choose({ seat, suite: suite === undefined ? null : { id: suite.id, name: suite.name } })
    onClose()
  }
  const note = useNoteKeyboard(take)

  function sitIn(id: string) {
    const next = suites.find((one) => one.id === id)
    setSuiteId(id)
    if (next !== undefined) setSeat({ system: next.system, board: next.board.id, layout: next.layout.id })
  }

  function save() {
    if (suite !== undefined && differs && remember && mayNote) note.send({ suite: suite.id, board: seat.board, layout: seat.layout })
    else take()
  }

  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault()
        save()
      }}
    >
      <Modal.Body className={css.seatForm ?? ''}>
        <h2 id="seat-title">The keyboard in front of you</h2>
        <Form.Label htmlFor="seat-suite">Suite</Form.Label>
        <Form.Select id="seat-suite" value={suiteId} onChange={(event) => sitIn(event.target.value)}>
          <option value="">none of them</option>
          {suites.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Form.Select>
        <KeyboardFields seat={seat} onChange={setSeat} />
        <Form.Label htmlFor="seat-system">System</Form.Label>
        <Form.Select
          id="seat-system"
          value={seat.system}
          disabled={suite !== undefined}
          onChange={(event) => setSeat({ ...seat, system: event.target.value as System })}
        >
          {Object.entries(SYSTEMS).map(([id, name]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Form.Select>
        {differs && mayNote && (
          <Form.Check
            id="seat-remember"
            className="mt-3"
            label={`Remember it for ${suite.name}, for everybody who sits there`}
            checked={remember}
            onChange={(event) => setRemember(event.target.checked)}
          />
        )}
        <ProblemNote error={note.error} />
      </Modal.Body>
      <Modal.Footer>
        <Button variant="outline-secondary" onClick={onClose}>
          Leave it
        </Button>
        <Button type="submit" disabled={note.isSending}>
          Use this keyboard
        </Button>
      </Modal.Footer>
    </Form>
  )
}

function KeyboardFields({ seat, onChange }: { seat: Seat; onChange: (seat: Seat) => void }) {
  const proposal = useLayoutProposal()
  return (
    <>
      <Asking of={useKeyboards()}>
        {({ boards, layouts }) => (
          <>
            <Form.Label htmlFor="seat-board">Board</Form.Label>
            <Form.Select id="seat-board" value={seat.board} onChange={(event) => onChange({ ...seat, board: event.target.value })}>
              {boards.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </Form.Select>
            <Form.Label htmlFor="seat-layout">Layout</Form.Label>
            <Form.Select id="seat-layout" value={seat.layout} onChange={(event) => onChange({ ...seat, layout: event.target.value })}>
              {layouts.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </Form.Select>
            {layouts.some(({ id, unknown_on }) => id === seat.layout && unknown_on.includes(seat.system)) && (
              <p className="quiet">
                What {seat.system === 'macos' ? 'Option' : 'AltGr'} types with this layout on {SYSTEMS[seat.system]} is not known here, so
                nothing is said of it.
              </p>
            )}
          </>
        )}
      </Asking>
      {proposal !== null && proposal.id !== seat.layout && (
        <p className="quiet">
          The browser tells of a {proposal.name} layout.{' '}
          <button type="button" className="plain" onClick={() => onChange({ ...seat, layout: proposal.id })}>
            Take {proposal.name}
          </button>
        </p>
      )}
    </>
  )
}
