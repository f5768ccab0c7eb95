import { useState } from 'react'
import type { Schema } from '../../api/client'
import { Asking } from '../../parts/Asking'
import { Field, NewPasswordField } from '../../parts/Field'
import { ProblemNote } from '../../parts/ProblemNote'
import { ScreenHead } from '../../parts/ScreenHead'
import { when } from '../../parts/when'
import { useChangePassword, useEndOtherSessions, useEndSession, useExportOwnData, useRemoveAccount, useRename } from './mutations'
import { useAccount } from './queries'
import { SecondFactor } from './SecondFactor'
import { Tokens } from './Tokens'
import css from './account.module.css'

/** Somebody's own account: name, password, second factor, where they are signed in, tokens, their data. */
export function AccountScreen() {
  return (
    <>
      <ScreenHead title="Your account" />
      <Asking of={useAccount()}>
        {(account) => (
          <div className={css.account}>
            <div>
              <Name account={account} />
              <Password account={account} />
              <SecondFactor account={account} />
            </div>
            <div>
              <Sessions account={account} />
              <Tokens account={account} />
              <Data />
            </div>
          </div>
        )}
      </Asking>
    </>
  )
}

interface Props {
  account: Schema['Account']
}

function Name({ account }: Props) {
  const [name, setName] = useState(account.name)
  const rename = useRename()
  return (
    <section aria-label="Name">
      <h2>Name</h2>
      <form
        onSubmit={(event) => {
          event.preventDefault()
          rename.send(name)
        }}
      >
        <Field label="What others see" autoComplete="name" value={name} onChange={setName} />
        <p className="quiet">Signed in as {account.email}.</p>
        <button className="btn btn-outline-secondary btn-sm" disabled={rename.isSending || name === account.name}>
          Save the name
        </button>
        <ProblemNote error={rename.error} />
      </form>
    </section>
  )
}

function Password({ account }: Props) {
  const [current, setCurrent] = useState('')
  const [password, setPassword] = useState('')
  const [isDone, setDone] = useState(false)
  const change = useChangePassword(() => {
    setCurrent('')
    setPassword('')
    setDone(true)
  })
  return (
    <section aria-label="Password">
      <h2>Password</h2>
      {account.password_changed_at !== null && <p className="quiet">Changed {when(account.password_changed_at)}.</p>}
      <form
        onSubmit={(event) => {
          event.preventDefault()
          setDone(false)
          change.send({ current, password })
        }}
      >
        <Field label="Password now" type="password" autoComplete="current-password" value={current} onChange={setCurrent} />
        <NewPasswordField label="New password" also="Your other sessions end with it." value={password} onChange={setPassword} />
        <button className="btn btn-outline-secondary btn-sm" disabled={change.isSending}>
          Change the password
        </button>
        <ProblemNote error={change.error} />
        {isDone && <p role="status">The new password holds.</p>}
      </form>
    </section>
  )
}

function Sessions({ account }: Props) {
  const end = useEndSession()
  const endOthers = useEndOtherSessions()
  const others = account.sessions.filter(({ is_this: isThis }) => !isThis)
  return (
    <section aria-label="Where you are signed in">
      <h2>Where you are signed in</h2>
      <ul className={css.rows}>
        {account.sessions.map((session) => (
          <li key={session.id}>
            <p>
              <b>{session.browser}</b> {session.address !== null && `from ${session.address}`}{' '}
              <small>{session.is_this ? 'this one' : `last seen ${when(session.last_seen)}`}</small>
            </p>
            {!session.is_this && (
              <button type="button" className="plain" disabled={end.isSending} onClick={() => end.send(session.id)}>
                End it
              </button>
            )}
          </li>
        ))}
      </ul>
      {others.length > 1 && (
        <button type="button" className="plain" disabled={endOthers.isSending} onClick={() => endOthers.send()}>
          End all others
        </button>
      )}
      <ProblemNote error={end.error ?? endOthers.error} />
    </section>
  )
}

function Data() {
  const [password, setPassword] = useState('')
  const [isOpen, setOpen] = useState(false)
  const remove = useRemoveAccount()
  const take = useExportOwnData()
  return (
    <section aria-label="Your data">
      <h2>Your data</h2>
      <p>
        <button type="button" className="plain" disabled={take.isSending} onClick={() => take.send()}>
          Export my data
        </button>
      </p>
      <ProblemNote error={take.error} />
      {isOpen ? (
        <form
          onSubmit={(event) => {
            event.preventDefault()
            remove.send(password)
          }}
        >
          <p>
            Your name, address, keymaps, key files, words and usage are taken out for good. Releases that the house works with stay, under
            “a person who was removed”.
          </p>
          <Field label="Password" type="password" autoComplete="current-password" takesFocus value={password} onChange={setPassword} />
          <button className="btn btn-outline-danger btn-sm" disabled={remove.isSending}>
            Remove me
          </button>{' '}
          <button type="button" className="plain" onClick={() => setOpen(false)}>
            Stay
          </button>
          <ProblemNote error={remove.error} />
        </form>
      ) : (
        <button type="button" className="plain" onClick={() => setOpen(true)}>
          Have it all removed
        </button>
      )}
    </section>
  )
}
