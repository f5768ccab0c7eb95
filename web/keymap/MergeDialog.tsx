import Button from 'react-bootstrap/Button'
import Modal from 'react-bootstrap/Modal'
import type { Schema } from '../api/client'
import { ConsequenceList } from '../parts/ConsequenceList'
import type { WantedChange } from './changes'

interface Props {
  wanted: WantedChange
  merge: Schema['Merge']
  onMerge: () => void
  onCancel: () => void
}

/** The keymap was changed in the meantime: shows by what, and offers to make this change on top. */
export function MergeDialog({ wanted, merge, onMerge, onCancel }: Props) {
  const raisesFault = merge.consequences?.raises_fault ?? false
  return (
    <Modal show onHide={onCancel} aria-labelledby="merge-title">
      <Modal.Body>
        <h2 id="merge-title">The keymap has changed in the meantime</h2>
        <p>Nothing was lost. Since this page was loaded, this was done to it:</p>
        <ul>{merge.since.length === 0 ? <li>an undo</li> : merge.since.map((title, index) => <li key={index}>{title}</li>)}</ul>
        {merge.possible ? (
          <p>
            Your change can be made on top of that: <strong>{wanted.title}</strong>. Together this comes of it:
          </p>
        ) : (
          <p>
            Your change does not fit any more, because these bindings are not as they were:{' '}
            {merge.conflicts.map((one) => `${one.chord} for ${one.command}`).join(', ')}.
          </p>
        )}
        {merge.consequences !== null && <ConsequenceList of={merge.consequences} />}
      </Modal.Body>
      <Modal.Footer>
        <Button variant="outline-secondary" onClick={onCancel}>
          Load it again without my change
        </Button>
        {merge.possible && (
          <Button variant={raisesFault ? 'outline-secondary' : 'primary'} onClick={onMerge}>
            Make it on top{raisesFault && ', with the fault'}
          </Button>
        )}
      </Modal.Footer>
    </Modal>
  )
}
