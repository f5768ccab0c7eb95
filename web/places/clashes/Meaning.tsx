import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { answer, api, type Schema } from '../../api/client'
import { forgetKit } from '../../api/queries'
import { ProblemNote } from '../../parts/ProblemNote'
import { useSeat } from '../../seat/seat'

interface Props { application: string; clash: string; meaning: Schema['Meaning'] | undefined }

/** Accepts a clash as it is, with the reason, or lets it count again. */
export function Meaning({ application, clash, meaning }: Props) {
  const query = useSeat()
  const [reason, setReason] = useState('')
  const [error, setError] = useState<Error | null>(null)
  const params = { path: { application, clash }, query }
  const send = (request: Promise<unknown>) => {
    request.then(() => { setError(null); setReason('') }, (failure: unknown) => { setError(failure as Error) }).finally(() => void forgetKit())
  }
  if (meaning !== undefined) {
    return (
      <section className="meaning" aria-label="Meant">
        <h2>Meant</h2>
        <p>{meaning.reason} <span className="quiet">since {new Date(meaning.since).toLocaleDateString()}, until one of its chords changes</span></p>
        <Button variant="outline-secondary" size="sm" onClick={() => { send(answer(api.DELETE('/applications/{application}/clashes/{clash}/meaning', { params }))) }}>Let it count again</Button>
        <ProblemNote error={error} />
      </section>
    )
  }
  return (
    <Form className="meaning" onSubmit={(event) => { event.preventDefault(); send(answer(api.PUT('/applications/{application}/clashes/{clash}/meaning', { params, body: { reason: reason.trim() } }))) }}>
      <h2>Or leave it</h2>
      <Form.Label htmlFor="meant-reason">It is meant, because</Form.Label>
      <div className="meaning-line">
        <Form.Control id="meant-reason" size="sm" required maxLength={200} value={reason} onChange={(event) => { setReason(event.target.value) }} />
        <Button type="submit" variant="outline-secondary" size="sm" disabled={reason.trim() === ''}>Accept it</Button>
      </div>
      <ProblemNote error={error} />
    </Form>
  )
}
