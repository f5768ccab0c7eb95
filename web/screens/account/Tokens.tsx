import { useState } from 'react'
import type { Schema } from '../../api/client'
import { Field } from '../../parts/Field'
import { ProblemNote } from '../../parts/ProblemNote'
import { Secret } from '../../parts/Secret'
import { day, when } from '../../parts/when'
import { useMakeToken, useWithdrawToken } from './mutations'
import css from './account.module.css'

/** With which scripts ask in somebody's name. */
export function Tokens({ account }: { account: Schema['Account'] }) {
  const [isOpen, setOpen] = useState(false)
  const withdraw = useWithdrawToken()
  return (
    <section aria-label="Tokens for scripts">
      <h2>Tokens for scripts</h2>
      <p className="quiet">
        A script that shows one does what you may, within what the token allows. What can be asked: <a href="/api-description">the API</a>.
      </p>
      <ul className={css.rows}>
        {account.tokens.map((token) => (
          <li key={token.id} data-over={token.is_over}>
            <p>
              <b>{token.name}</b> may {token.abilities.join(' and ')},{' '}
              {token.expires_at !== null && (token.is_over ? `ended on ${day(token.expires_at)}` : `until ${day(token.expires_at)}`)}{' '}
              <small>{token.last_used_at === null ? 'never used' : `last used ${when(token.last_used_at)}`}</small>
            </p>
            <button type="button" className="plain" disabled={withdraw.isSending} onClick={() => withdraw.send(token.id)}>
              Withdraw
            </button>
          </li>
        ))}
      </ul>
      {isOpen ? (
        <Make />
      ) : (
        <button type="button" className="plain" onClick={() => setOpen(true)}>
          Make a token
        </button>
      )}
      <ProblemNote error={withdraw.error} />
    </section>
  )
}

function Make() {
  const [name, setName] = useState('')
  const [mayWrite, setMayWrite] = useState(false)
  const [days, setDays] = useState(90)
  const [password, setPassword] = useState('')
  const make = useMakeToken()
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        make.send({ name, abilities: mayWrite ? ['read', 'write'] : ['read'], days, password })
        setPassword('')
      }}
    >
      <Field label="What it is for" takesFocus value={name} onChange={setName} />
      <p>
        <label>
          <input type="checkbox" checked={mayWrite} onChange={(event) => setMayWrite(event.target.checked)} /> It may change things, too
        </label>
      </p>
      <p>
        <label>
          Good for{' '}
          <select value={days} onChange={(event) => setDays(Number(event.target.value))}>
            {[7, 30, 90, 365].map((one) => (
              <option key={one} value={one}>
                {one} days
              </option>
            ))}
          </select>
        </label>
      </p>
      <Field label="Password" type="password" autoComplete="current-password" value={password} onChange={setPassword} />
      <button className="btn btn-outline-secondary btn-sm" disabled={make.isSending}>
        Make it
      </button>
      <ProblemNote error={make.error} />
      {make.made !== undefined && <Secret label={`The token “${make.made.token.name}”.`} value={make.made.secret} />}
    </form>
  )
}
