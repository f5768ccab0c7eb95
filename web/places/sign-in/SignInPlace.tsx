import { useEffect, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useNavigate, useSearchParams } from 'react-router'
import { answer, api, ProblemError } from '../../api/client'
import { queries, useSession } from '../../api/queries'
import { ProblemNote } from '../../parts/ProblemNote'

export function SignInPlace() {
  const [email, setEmail] = useState('')
  const [password, setPassword] = useState('')
  const [error, setError] = useState<Error | null>(null)
  const [parameters] = useSearchParams()
  const navigate = useNavigate()
  const session = useSession()
  useEffect(() => { document.title = 'Sign in · Zebrafinch' }, [])

  async function signIn() {
    try {
      // Asked for its cookie: the server wants the token in it back with the sign-in.
      await (session.isSuccess ? undefined : session.refetch())
      queries.setQueryData(['session'], await answer(api.POST('/session', { body: { email, password } })))
      const to = parameters.get('to') ?? '/find'
      await navigate(/^\/[^/\\]/.test(to) ? to : '/find', { replace: true })
    } catch (failure) {
      setPassword('')
      setError(failure instanceof ProblemError ? failure : new Error('The server does not answer.'))
    }
  }

  return (
    <main className="lone-page">
      <p className="brand"><span className="brand-mark" aria-hidden="true" />Zebrafinch</p>
      <h1>Sign in</h1>
      <Form onSubmit={(event) => { event.preventDefault(); void signIn() }}>
        <Form.Label htmlFor="email">Address of your account</Form.Label>
        <Form.Control id="email" type="email" autoComplete="username" required value={email} onChange={(event) => { setEmail(event.target.value) }} />
        <Form.Label htmlFor="password" className="mt-3">Password</Form.Label>
        <Form.Control id="password" type="password" autoComplete="current-password" required value={password} onChange={(event) => { setPassword(event.target.value) }} />
        <ProblemNote error={error} />
        <Button type="submit" className="mt-4">Sign in</Button>
      </Form>
    </main>
  )
}
