import { useState } from 'react'
import { useSession } from '../../api/session'
import type { Schema } from '../../api/client'
import { Asking } from '../../parts/Asking'
import { ProblemNote } from '../../parts/ProblemNote'
import { Secret } from '../../parts/Secret'
import { SureButton } from '../../parts/SureButton'
import table from '../../parts/table.module.css'
import { when } from '../../parts/when'
import {
  useChangePerson,
  useEndSecondFactor,
  useInvite,
  usePasswordLink,
  useRemovePerson,
  useWithdrawInvitation,
  type Role,
} from './mutations'
import { usePeople } from './queries'
import { ROLE_NAMES, ROLES } from './roles'
import css from './person.module.css'

/** Who is in the house, and who is invited. */
export function People() {
  return (
    <>
      <Invite />
      <Asking of={usePeople()}>
        {({ people, invitations }) => (
          <>
            <Invitations invitations={invitations} />
            <section className={css.section} aria-label="Accounts">
              <h2>Accounts {people.length}</h2>
              <table className={table.findings}>
                <thead>
                  <tr>
                    <th scope="col">Person</th>
                    <th scope="col">Role</th>
                    <th scope="col">Sign-in</th>
                    <th scope="col">What can be done</th>
                  </tr>
                </thead>
                <tbody>
                  {people.map((person) => (
                    <Row key={person.id} person={person} />
                  ))}
                </tbody>
              </table>
            </section>
          </>
        )}
      </Asking>
    </>
  )
}

function Invite() {
  const [email, setEmail] = useState('')
  const [name, setName] = useState('')
  const [role, setRole] = useState<Role>('editor')
  const invite = useInvite()
  return (
    <section className={css.section} aria-label="Invite somebody">
      <h2>Invite somebody</h2>
      <form
        className={css.invite}
        onSubmit={(event) => {
          event.preventDefault()
          invite.send({ email, name, role })
        }}
      >
        <label>
          Name
          <input className="form-control form-control-sm" required value={name} onChange={(event) => setName(event.target.value)} />
        </label>
        <label>
          Address
          <input
            className="form-control form-control-sm"
            type="email"
            required
            value={email}
            onChange={(event) => setEmail(event.target.value)}
          />
        </label>
        <label>
          Role
          <select className="form-select form-select-sm" value={role} onChange={(event) => setRole(event.target.value as Role)}>
            {ROLE_NAMES.map((one) => (
              <option key={one} value={one}>
                {ROLES[one].name}
              </option>
            ))}
          </select>
        </label>
        <button className="btn btn-primary btn-sm" disabled={invite.isSending}>
          Invite
        </button>
      </form>
      <p className="quiet">
        {ROLES[role].name}: {ROLES[role].may}
      </p>
      <ProblemNote error={invite.error} />
      {invite.made?.link != null && (
        <Secret
          label={`The link for ${invite.made.name}, good once, ${when(invite.made.expires_at)} at the latest.`}
          value={invite.made.link}
        />
      )}
    </section>
  )
}

function Invitations({ invitations }: { invitations: Schema['Invitation'][] }) {
  const withdraw = useWithdrawInvitation()
  if (invitations.length === 0) return null
  return (
    <section className={css.section} aria-label="Invited">
      <h2>Invited {invitations.length}</h2>
      <ul className={css.invited}>
        {invitations.map((one) => (
          <li key={one.id} data-over={one.is_over}>
            <b>{one.name}</b> {one.email}, {ROLES[one.role].name},{' '}
            {one.is_over ? `ran out ${when(one.expires_at)}` : `good until ${new Date(one.expires_at).toLocaleString()}`}{' '}
            <button type="button" className="plain" disabled={withdraw.isSending} onClick={() => withdraw.send(one.id)}>
              Withdraw
            </button>
          </li>
        ))}
      </ul>
      <ProblemNote error={withdraw.error} />
    </section>
  )
}

function Row({ person }: { person: Schema['PersonRow'] }) {
  const { id, name, email, role, is_disabled: isDisabled, version } = person
  const isMe = useSession().data?.person?.id === id
  const change = useChangePerson(id)
  const remove = useRemovePerson(id)
  const link = usePasswordLink(id)
  const endFactor = useEndSecondFactor(id)
  return (
    <tr className={css.person} data-disabled={isDisabled}>
      <th scope="row">
        {name} {isMe && <small>you</small>}
        <span className={table.difference}>{email}</span>
      </th>
      <td>
        <select
          className="form-select form-select-sm"
          aria-label={`Role of ${name}`}
          value={role}
          disabled={change.isSending}
          onChange={(event) => change.send({ version, role: event.target.value as Role })}
        >
          {ROLE_NAMES.map((one) => (
            <option key={one} value={one}>
              {ROLES[one].name}
            </option>
          ))}
        </select>
      </td>
      <td>
        {isDisabled ? <b>disabled</b> : 'may sign in'}
        <span className={table.difference}>{person.has_second_factor ? 'with a second factor' : 'by password alone'}</span>
      </td>
      <td className={css.ways}>
        <button
          type="button"
          className="plain"
          disabled={change.isSending}
          onClick={() => change.send({ version, is_disabled: !isDisabled })}
        >
          {isDisabled ? 'Enable' : 'Disable'}
        </button>
        {!isDisabled && (
          <button type="button" className="plain" disabled={link.isSending} onClick={() => link.send()}>
            Link for a new password
          </button>
        )}
        {person.has_second_factor && !isMe && (
          <SureButton
            question={`${name} has lost the device and the codes?`}
            isSending={endFactor.isSending}
            onSure={() => endFactor.send()}
          >
            End the second factor
          </SureButton>
        )}
        {!isMe && (
          <SureButton question={`Take all data of ${name} out for good?`} isSending={remove.isSending} onSure={() => remove.send()}>
            Remove
          </SureButton>
        )}
        <ProblemNote error={change.error ?? remove.error ?? link.error ?? endFactor.error} />
        {link.made !== undefined && <Secret label={`With this ${name} chooses a new password within the hour.`} value={link.made.link} />}
      </td>
    </tr>
  )
}
