import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { Link, useLocation } from 'react-router'
import { Empty } from '../../parts/Empty'
import { NewPasswordField } from '../../parts/Field'
import { LonePage } from '../../parts/LonePage'
import { ProblemNote } from '../../parts/ProblemNote'
import { useResetPassword } from './mutations'

/** Where the link for a forgotten password leads. */
export function NewPasswordScreen() {
  const link = new URLSearchParams(useLocation().hash.slice(1))
  const [email, token] = [link.get('email'), link.get('token')]
  const [password, setPassword] = useState('')
  const [isSent, setSent] = useState(false)
  const reset = useResetPassword()
  if (email === null || token === null) {
    return (
      <LonePage title="A new password">
        <Empty>Follow the link as it was sent; its last part is missing here.</Empty>
      </LonePage>
    )
  }
  const isDone = isSent && !reset.isSending && reset.error === null
  return (
    <LonePage title="A new password">
      {isDone ? (
        <p role="status">
          The new password holds; all sessions have ended. <Link to="/sign-in">Sign in</Link>
        </p>
      ) : (
        <Form
          onSubmit={(event) => {
            event.preventDefault()
            setSent(true)
            reset.send({ email, token, password })
          }}
        >
          <p>{email}</p>
          <NewPasswordField label="New password" takesFocus value={password} onChange={setPassword} />
          <ProblemNote error={reset.error} />
          <Button type="submit" disabled={reset.isSending}>
            Take it
          </Button>
        </Form>
      )}
    </LonePage>
  )
}
