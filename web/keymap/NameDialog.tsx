import { useEffect, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import { useListening } from '../listening/Listening'
import { ProblemNote } from '../parts/ProblemNote'
import type { WantedChange } from './changes'

interface Props {
  wanted: WantedChange
  error: Error | null
  isSending: boolean
  onName: (name: string) => void
  onCancel: () => void
}

/** The factory keymap is protected: the first change makes a copy, and the copy needs a name. */
export function NameDialog({ wanted, error, isSending, onName, onCancel }: Props) {
  const [name, setName] = useState('My keys')
  const { stop } = useListening()
  // What is typed from now on is the name.
  useEffect(stop, [stop])
  return (
    <Modal show onHide={onCancel} aria-labelledby="name-title">
      <Form
        onSubmit={(event) => {
          event.preventDefault()
          onName(name.trim())
        }}
      >
        <Modal.Body>
          <h2 id="name-title">Name your copy</h2>
          <p>The factory keymap stays as it is. Your change goes into a copy of it, which is in use from now on: {wanted.title}.</p>
          <Form.Label htmlFor="copy-name">Name of the keymap</Form.Label>
          <Form.Control
            id="copy-name"
            // eslint-disable-next-line jsx-a11y/no-autofocus -- the dialog exists to ask for this one thing
            autoFocus
            required
            maxLength={60}
            value={name}
            onFocus={(event) => event.target.select()}
            onChange={(event) => setName(event.target.value)}
          />
          <ProblemNote error={error} />
        </Modal.Body>
        <Modal.Footer>
          <Button variant="outline-secondary" onClick={onCancel}>
            Cancel, change nothing
          </Button>
          <Button type="submit" disabled={name.trim() === '' || isSending}>
            Make the copy with this change
          </Button>
        </Modal.Footer>
      </Form>
    </Modal>
  )
}
