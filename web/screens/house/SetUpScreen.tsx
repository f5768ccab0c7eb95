import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { Navigate } from 'react-router'
import { useSession } from '../../api/session'
import { Asking } from '../../parts/Asking'
import { Field, NewPasswordField } from '../../parts/Field'
import { LonePage } from '../../parts/LonePage'
import { ProblemNote } from '../../parts/ProblemNote'
import { useSetUp } from './mutations'

const EMPTY = { code: '', house: '', name: '', email: '', password: '' }

/** The first visit to an empty house. */
export function SetUpScreen() {
  return (
    <LonePage title="An empty house">
      <Asking of={useSession()}>
        {({ house, person }) => (house.is_set_up ? <Navigate to={person === null ? '/sign-in' : '/house'} replace /> : <FirstVisit />)}
      </Asking>
    </LonePage>
  )
}

function FirstVisit() {
  const [given, setGiven] = useState(EMPTY)
  const setUp = useSetUp()
  const change = (name: keyof typeof EMPTY) => (value: string) => setGiven({ ...given, [name]: value })
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault()
        setUp.send(given)
      }}
    >
      <p>Name the house, and become its first suite keeper. Everybody else is invited by you.</p>
      <Field
        label="Code"
        help="The terminal in which Zebrafinch was started has printed it."
        autoComplete="off"
        takesFocus
        value={given.code}
        onChange={change('code')}
      />
      <Field label="Name of the house" autoComplete="organization" value={given.house} onChange={change('house')} />
      <Field label="Your name" autoComplete="name" value={given.name} onChange={change('name')} />
      <Field label="Your address" type="email" autoComplete="username" value={given.email} onChange={change('email')} />
      <NewPasswordField value={given.password} onChange={change('password')} />
      <ProblemNote error={setUp.error} />
      <Button type="submit" disabled={setUp.isSending}>
        Open the house
      </Button>
    </Form>
  )
}
