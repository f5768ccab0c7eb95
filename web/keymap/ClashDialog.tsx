import Button from 'react-bootstrap/Button'
import Modal from 'react-bootstrap/Modal'
import type { Schema } from '../api/client'
import { ConsequenceList } from '../parts/ConsequenceList'

interface Props {
  consequences: Schema['Consequences']
  isSending: boolean
  onGoOn: () => void
  onCancel: () => void
}

/** A clash would come of what somebody wants: shows it with all else that follows, and asks. */
export function ClashDialog({ consequences, isSending, onGoOn, onCancel }: Props) {
  const kind = consequences.raises_fault ? 'fault' : 'clash'
  return (
    <Modal show onHide={onCancel} aria-labelledby="clash-title">
      <Modal.Body>
        <h2 id="clash-title">This brings a new {kind}</h2>
        <p>Nothing has been changed yet. If you go on:</p>
        <ConsequenceList of={consequences} />
      </Modal.Body>
      <Modal.Footer>
        <Button onClick={onCancel}>Cancel, leave it as it is</Button>
        <Button variant="outline-secondary" disabled={isSending} onClick={onGoOn}>
          Go on, with the {kind}
        </Button>
      </Modal.Footer>
    </Modal>
  )
}
