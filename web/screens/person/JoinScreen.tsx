import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useLocation, useNavigate } from 'react-router'
import type { Schema } from '../../api/client'
import { Asking } from '../../parts/Asking'
import { Empty } from '../../parts/Empty'
import { Field, NewPasswordField } from '../../parts/Field'
import { LonePage } from '../../parts/LonePage'
import { ProblemNote } from '../../parts/ProblemNote'
import { useJoin } from './mutations'
import { useOpenedInvitation } from './queries'
import { ROLES } from './roles'

/** Where the link of an invitation leads. */
export function JoinScreen() {
  const token = useLocation().hash.slice(1)
  const invitation = useOpenedInvitation(token)
  return (
    <LonePage title="Your account">
      {token === '' ? (
        <Empty>Follow the link of your invitation as it was sent; its last part is missing here.</Empty>
      ) : (
        <Asking of={invitation}>{(opened) => <Join token={token} invitation={opened} />}</Asking>
      )}
    </LonePage>
  )
}

function Join({ token, invitation }: { token: string; invitation: Schema['OpenedInvitation'] }) {
  const [name, setName] = useState(invitation.name)
  const [password, setPassword] = useState('')
  const navigate = useNavigate()
  const join = useJoin(() => navigate('/find', { replace: true }))
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault()
        join.send({ token, name, password })
      }}
    >
      <p>
        {invitation.house} invites {invitation.email} as {ROLES[invitation.role].name}: {ROLES[invitation.role].may}
      </p>
      <input type="hidden" autoComplete="username" value={invitation.email} readOnly />
      <Field label="Your name" autoComplete="name" value={name} onChange={setName} />
      <NewPasswordField takesFocus value={password} onChange={setPassword} />
      <ProblemNote error={join.error} />
      <Button type="submit" disabled={join.isSending}>
        Come in
      </Button>
    </Form>
  )
}
