import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { Link, useNavigate, useSearchParams } from 'react-router'
import { ProblemError } from '../../api/client'
import { useSession } from '../../api/session'
import { Field } from '../../parts/Field'
import { LonePage } from '../../parts/LonePage'
import { ProblemNote } from '../../parts/ProblemNote'
import { useSignIn } from './mutations'

/** Only addresses of this page are gone to. */
const isOwnAddress = (address: string): boolean => /^\/[^/\\]/.test(address)

export function SignInScreen() {
  const [email, setEmail] = useState('')
  const [password, setPassword] = useState('')
  /** For the second step; the field itself is empty once it was sent. */
  const [proven, setProven] = useState('')
  const [code, setCode] = useState('')
  const [hasSentCode, setSentCode] = useState(false)
  const [parameters] = useSearchParams()
  const navigate = useNavigate()
  const house = useSession().data?.house
  const to = parameters.get('to') ?? '/find'
  const signIn = useSignIn(() => navigate(isOwnAddress(to) ? to : '/find', { replace: true }))
  const kind = signIn.error instanceof ProblemError ? signIn.error.problem : null
  const wantsCode = kind?.kind === 'code-wanted' || (kind !== null && 'code' in kind.fields) || (signIn.isSending && hasSentCode)
  return (
    <LonePage title="Sign in">
      {house !== undefined && <p className="quiet">{house.name}</p>}
      {house?.is_set_up === false && (
        <p>
          This house is empty. <Link to="/set-up">Name it and make its first keeper</Link>
        </p>
      )}
      <Form
        onSubmit={(event) => {
          event.preventDefault()
          signIn.send(wantsCode ? { email, password: proven, code } : { email, password })
          setSentCode(wantsCode)
          setProven(wantsCode ? proven : password)
          setPassword('')
          setCode('')
        }}
      >
        {wantsCode ? (
          <Field
            label="Code"
            autoComplete="one-time-code"
            help="The six digits that your device shows, or one of your recovery codes."
            takesFocus
            value={code}
            onChange={setCode}
          />
        ) : (
          <>
            <Field label="Address of your account" type="email" autoComplete="username" value={email} onChange={setEmail} />
            <Field label="Password" type="password" autoComplete="current-password" value={password} onChange={setPassword} />
          </>
        )}
        <ProblemNote error={signIn.error} />
        <Button type="submit" disabled={signIn.isSending}>
          {signIn.isSending ? 'Signing in …' : 'Sign in'}
        </Button>
      </Form>
      <p className="mt-4">
        <Link to="/forgotten">Password forgotten?</Link>
      </p>
    </LonePage>
  )
}
