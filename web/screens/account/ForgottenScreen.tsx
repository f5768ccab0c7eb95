import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { Link } from 'react-router'
import { Field } from '../../parts/Field'
import { LonePage } from '../../parts/LonePage'
import { ProblemNote } from '../../parts/ProblemNote'
import { useAskForReset } from './mutations'

export function ForgottenScreen() {
  const [email, setEmail] = useState('')
  const [sentTo, setSentTo] = useState<string | null>(null)
  const ask = useAskForReset()
  const isSent = sentTo !== null && !ask.isSending && ask.error === null
  return (
    <LonePage title="A new password">
      {isSent ? (
        <p role="status">
          If {sentTo} has an account here, a letter is on its way to it. Where the house sends no letters, ask the suite keeper for a link.
        </p>
      ) : (
        <Form
          onSubmit={(event) => {
            event.preventDefault()
            setSentTo(email)
            ask.send(email)
          }}
        >
          <Field label="Address of your account" type="email" autoComplete="username" takesFocus value={email} onChange={setEmail} />
          <ProblemNote error={ask.error} />
          <Button type="submit" disabled={ask.isSending}>
            Send me a link
          </Button>
        </Form>
      )}
      <p className="mt-4">
        <Link to="/sign-in">Sign in</Link>
      </p>
    </LonePage>
  )
}
