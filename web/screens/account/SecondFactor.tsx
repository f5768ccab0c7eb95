import { useState } from 'react'
import { encode } from 'uqr'
import type { Schema } from '../../api/client'
import { Field } from '../../parts/Field'
import { ProblemNote } from '../../parts/ProblemNote'
import { when } from '../../parts/when'
import { useBeginSecondFactor, useConfirmSecondFactor, useEndSecondFactor } from './mutations'
import css from './account.module.css'

/** Codes from a device beside the password: begun, confirmed with a first code, ended. */
export function SecondFactor({ account }: { account: Schema['Account'] }) {
  // They stay until they are said to be there, whatever is asked of the server meanwhile: nobody can show them again.
  const [codes, setCodes] = useState<string[]>([])
  return (
    <section aria-label="Second factor">
      <h2>Second factor</h2>
      {codes.length > 0 ? (
        <Codes codes={codes} onSeen={() => setCodes([])} />
      ) : account.second_factor_since === null ? (
        <Begin onCodes={setCodes} />
      ) : (
        <On account={account} since={account.second_factor_since} />
      )}
    </section>
  )
}

function Codes({ codes, onSeen }: { codes: string[]; onSeen: () => void }) {
  return (
    <div role="status">
      <p>
        It is on. Keep these codes where the device is not; each opens your account once if the device is lost. They are shown this once.
      </p>
      <ul className={css.codes}>
        {codes.map((one) => (
          <li key={one}>
            <code>{one}</code>
          </li>
        ))}
      </ul>
      <button type="button" className="btn btn-primary btn-sm" onClick={onSeen}>
        I have them
      </button>
    </div>
  )
}

interface CodesProps {
  onCodes: (codes: string[]) => void
}

function Begin({ onCodes }: CodesProps) {
  const [password, setPassword] = useState('')
  const begin = useBeginSecondFactor()
  if (begin.made !== undefined) return <Confirm made={begin.made} onCodes={onCodes} />
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        begin.send(password)
      }}
    >
      <p>A code that a device shows, asked beside the password. Any program for time codes (RFC 6238) will do.</p>
      <Field label="Password" type="password" autoComplete="current-password" value={password} onChange={setPassword} />
      <button className="btn btn-outline-secondary btn-sm" disabled={begin.isSending}>
        Switch it on
      </button>
      <ProblemNote error={begin.error} />
    </form>
  )
}

function Confirm({ made, onCodes }: CodesProps & { made: Schema['NewSecondFactor'] }) {
  const [code, setCode] = useState('')
  const confirm = useConfirmSecondFactor(onCodes)
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        confirm.send(code)
      }}
    >
      <p>Let the device read this, or write the secret into it by hand:</p>
      <Dots text={made.address} />
      <p>
        <code className={css.secret}>{made.secret.match(/.{1,4}/g)?.join(' ')}</code>
      </p>
      <Field label="The code that it shows" autoComplete="one-time-code" inputMode="numeric" takesFocus value={code} onChange={setCode} />
      <button className="btn btn-primary btn-sm" disabled={confirm.isSending}>
        Confirm
      </button>
      <ProblemNote error={confirm.error} />
    </form>
  )
}

/** A text as a square of dots (ISO/IEC 18004) for a camera; the text itself stands below it for whoever does not see it. */
function Dots({ text }: { text: string }) {
  const { data, size } = encode(text, { border: 4 })
  const path = data.flatMap((row, y) => row.flatMap((isDark, x) => (isDark ? [`M${x} ${y}h1v1h-1z`] : []))).join('')
  return (
    <svg className={css.dots} viewBox={`0 0 ${size} ${size}`} role="img" aria-label="The secret, for a camera">
      <rect width={size} height={size} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  )
}

function On({ account, since }: { account: Schema['Account']; since: string }) {
  const [password, setPassword] = useState('')
  const [isOpen, setOpen] = useState(false)
  const end = useEndSecondFactor()
  return (
    <>
      <p>
        On since {when(since).replace(/^(on|at) /, '')}; {account.recovery_codes_left} recovery codes are left.
      </p>
      {isOpen ? (
        <form
          onSubmit={(event) => {
            event.preventDefault()
            end.send(password)
          }}
        >
          <Field label="Password" type="password" autoComplete="current-password" takesFocus value={password} onChange={setPassword} />
          <button className="btn btn-outline-danger btn-sm" disabled={end.isSending}>
            Switch it off
          </button>
          <ProblemNote error={end.error} />
        </form>
      ) : (
        <button type="button" className="plain" onClick={() => setOpen(true)}>
          Switch it off
        </button>
      )}
    </>
  )
}
