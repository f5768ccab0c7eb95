import { use, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import { answer, api } from '../api/client'
import { forgetSuites, useKeyboards, useSession, useSuites } from '../api/queries'
import { Asking } from '../parts/Asking'
import { ProblemNote } from '../parts/ProblemNote'
import { useLayoutProposal } from './browserLayout'
import { SeatContext, SYSTEMS, type Seat, type System } from './seat'

/** Which keyboard stands here: that of a room, or any other. */
export function SeatDialog({ onClose }: { onClose: () => void }) {
  const chosen = use(SeatContext)
  const [seat, setSeat] = useState(chosen.seat)
  const [room, setRoom] = useState(chosen.room?.id ?? '')
  const [remember, setRemember] = useState(true)
  const [error, setError] = useState<Error | null>(null)
  const keyboards = useKeyboards()
  const suites = useSuites().data?.suites ?? []
  const mayNote = useSession().data?.person?.may_hand_over === true
  const proposal = useLayoutProposal()
  const suite = suites.find(({ id }) => id === room)
  const differs = suite !== undefined && (suite.board.id !== seat.board || suite.layout.id !== seat.layout)

  function sitIn(id: string) {
    const next = suites.find((one) => one.id === id)
    setRoom(id)
    if (next !== undefined) setSeat({ system: next.system, board: next.board.id, layout: next.layout.id })
  }

  async function save() {
    try {
      if (suite !== undefined && differs && remember && mayNote) {
        await answer(api.PATCH('/suites/{suite}', { params: { path: { suite: suite.id } }, body: { board: seat.board, layout: seat.layout } }))
        await forgetSuites()
      }
      chosen.choose({ seat, room: suite === undefined ? null : { id: suite.id, name: suite.name } })
      onClose()
    } catch (failure) {
      setError(failure as Error)
    }
  }

  const set = (part: Partial<Seat>) => { setSeat({ ...seat, ...part }) }
  return (
    <Modal show onHide={onClose} aria-labelledby="seat-title">
      <Form onSubmit={(event) => { event.preventDefault(); void save() }}>
        <Modal.Body className="seat-form">
          <h2 id="seat-title">The keyboard in front of you</h2>
          <Form.Label htmlFor="seat-room">Room</Form.Label>
          <Form.Select id="seat-room" value={room} onChange={(event) => { sitIn(event.target.value) }}>
            <option value="">none of them</option>
            {suites.map(({ id, name }) => <option key={id} value={id}>{name}</option>)}
          </Form.Select>
          <Asking of={keyboards}>
            {({ boards, layouts }) => (
              <>
                <Form.Label htmlFor="seat-board">Board</Form.Label>
                <Form.Select id="seat-board" value={seat.board} onChange={(event) => { set({ board: event.target.value }) }}>
                  {boards.map(({ id, name }) => <option key={id} value={id}>{name}</option>)}
                </Form.Select>
                <Form.Label htmlFor="seat-layout">Layout</Form.Label>
                <Form.Select id="seat-layout" value={seat.layout} onChange={(event) => { set({ layout: event.target.value }) }}>
                  {layouts.map(({ id, name }) => <option key={id} value={id}>{name}</option>)}
                </Form.Select>
              </>
            )}
          </Asking>
          {proposal !== null && proposal.id !== seat.layout && (
            <p className="quiet">The browser tells of a {proposal.name} layout. <button type="button" className="plain" onClick={() => { set({ layout: proposal.id }) }}>Take {proposal.name}</button></p>
          )}
          <Form.Label htmlFor="seat-system">System</Form.Label>
          <Form.Select id="seat-system" value={seat.system} disabled={suite !== undefined} onChange={(event) => { set({ system: event.target.value as System }) }}>
            {Object.entries(SYSTEMS).map(([id, name]) => <option key={id} value={id}>{name}</option>)}
          </Form.Select>
          {differs && mayNote && <Form.Check id="seat-remember" className="mt-3" label={`Remember it for ${suite.name}, for everybody who sits there`} checked={remember} onChange={(event) => { setRemember(event.target.checked) }} />}
          <ProblemNote error={error} />
        </Modal.Body>
        <Modal.Footer>
          <Button variant="outline-secondary" onClick={onClose}>Leave it</Button>
          <Button type="submit">Use this keyboard</Button>
        </Modal.Footer>
      </Form>
    </Modal>
  )
}
