import { useEffect, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useNavigate, useSearchParams } from 'react-router'
import lone from '../../parts/LonePage.module.css'
import { ProblemNote } from '../../parts/ProblemNote'
import { useSignIn } from './mutations'

/** Only addresses of this page are gone to. */
const isOwnAddress = (address: string): boolean => /^\/[^/\\]/.test(address)

export function SignInScreen() {
  const [email, setEmail] = useState('')
  const [password, setPassword] = useState('')
  const [parameters] = useSearchParams()
  const navigate = useNavigate()
  const to = parameters.get('to') ?? '/find'
  const signIn = useSignIn(() => navigate(isOwnAddress(to) ? to : '/find', { replace: true }))
  useEffect(() => {
    document.title = 'Sign in · Zebrafinch'
  }, [])
  return (
    <main className={lone.lonePage}>
      <p className={lone.brand}>
        <span className={lone.brandMark} aria-hidden="true" />
        Zebrafinch
      </p>
      <h1>Sign in</h1>
      <Form
        onSubmit={(event) => {
          event.preventDefault()
          signIn.send({ email, password })
          setPassword('')
        }}
      >
        <Form.Label htmlFor="email">Address of your account</Form.Label>
        <Form.Control
          id="email"
          type="email"
          autoComplete="username"
          required
          value={email}
          onChange={(event) => setEmail(event.target.value)}
        />
        <Form.Label htmlFor="password" className="mt-3">
          Password
        </Form.Label>
        <Form.Control
          id="password"
          type="password"
          autoComplete="current-password"
          required
          value={password}
          onChange={(event) => setPassword(event.target.value)}
        />
        <ProblemNote error={signIn.error} />
        <Button type="submit" className="mt-4" disabled={signIn.isSending}>
          {signIn.isSending ? 'Signing in …' : 'Sign in'}
        </Button>
      </Form>
    </main>
  )
}
