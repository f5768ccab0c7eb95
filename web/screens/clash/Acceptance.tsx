import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Schema } from '../../api/client'
import { ProblemNote } from '../../parts/ProblemNote'
import css from './clash.module.css'
import { useAcceptance } from './mutations'

interface Props {
  application: string
  clash: string
  acceptance: Schema['Acceptance'] | undefined
}

/** Accepts a clash as it is, with the reason, or lets it count again. */
export function Acceptance({ application, clash, acceptance }: Props) {
  const [reason, setReason] = useState('')
  const { send, isSending, error } = useAcceptance(application, clash)
  if (acceptance !== undefined) {
    return (
      <section className={css.acceptance} aria-label="Accepted">
        <h2>Accepted</h2>
        <p>
          {acceptance.reason}{' '}
          <span className="quiet">since {new Date(acceptance.since).toLocaleDateString()}, until one of its chords changes</span>
        </p>
        <Button
          variant="outline-secondary"
          size="sm"
          disabled={isSending}
          onClick={() => {
            send(null)
            setReason('')
          }}
        >
          Let it count again
        </Button>
        <ProblemNote error={error} />
      </section>
    )
  }
  return (
    <Form
      className={css.acceptance ?? ''}
      onSubmit={(event) => {
        event.preventDefault()
        send(reason.trim())
      }}
    >
      <h2>Or leave it</h2>
      <Form.Label htmlFor="acceptance-reason">It is meant, because</Form.Label>
      <div className={css.acceptanceLine}>
        <Form.Control
          id="acceptance-reason"
          size="sm"
          required
          maxLength={200}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
        />
        <Button type="submit" variant="outline-secondary" size="sm" disabled={reason.trim() === '' || isSending}>
          Accept it
        </Button>
      </div>
      <ProblemNote error={error} />
    </Form>
  )
}
