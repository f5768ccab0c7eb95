import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { useStartVariant } from './mutations'
import { Keys } from '../../parts/Keys'
import { ProblemNote } from '../../parts/ProblemNote'
import css from './travel.module.css'
import layout from '../../parts/layout.module.css'
import table from '../../parts/table.module.css'

interface Props {
  travel: Schema['TravelApplication']
  to: string
}

/** What one keymap loses at the other keyboard, and the keymap for the road that has it again. */
export function ApplicationTravel({ travel, to }: Props) {
  const { application, findings, renamed } = travel
  const lost = findings.filter((one) => one.is_lost)
  const moved = findings.length - lost.length
  const [left, setLeft] = useState<string[]>([])
  const chosen = lost.flatMap((one) => (one.replacement !== null && !left.includes(one.binding.id) ? [one.replacement] : []))
  return (
    <section className={css.travel} aria-label={application.name}>
      <h2>
        {application.name}{' '}
        <small>
          keymap {travel.keymap}, {travel.bindings} bindings
        </small>
      </h2>
      <p role="status">
        {findings.length === 0 ? (
          <strong>Every chord can be pressed there.</strong>
        ) : (
          <>
            <strong>{lost.length} lost</strong>, {moved} with other keys.
          </>
        )}
        {renamed.length > 0 && ` ${renamed.length} keys stay where they are and are called otherwise.`}
      </p>
      {findings.length > 0 && (
        <table className={table.findings}>
          <thead>
            <tr>
              <th scope="col">Command</th>
              <th scope="col">Chord</th>
              <th scope="col">There</th>
              <th scope="col">Instead</th>
            </tr>
          </thead>
          <tbody>
            {findings.map(({ binding, is_lost: isLost, reach, replacement }) => (
              <tr key={binding.id} data-kind={isLost ? 'lost' : 'moved'}>
                <td>
                  <Link to={`/remap/${application.id}?command=${binding.command.id}`}>{binding.command.name}</Link>{' '}
                  <span className="quiet">{binding.context.name}</span>
                </td>
                <td>
                  <Keys chord={binding.chord} />
                </td>
                <td>{reach.sentence}</td>
                <td>
                  {replacement === null ? (
                    isLost && <span className="quiet">nothing is free for it</span>
                  ) : (
                    <label>
                      <input
                        type="checkbox"
                        checked={!left.includes(binding.id)}
                        onChange={(event) =>
                          setLeft(event.target.checked ? left.filter((one) => one !== binding.id) : [...left, binding.id])
                        }
                      />{' '}
                      <Keys chord={replacement.chord} />
                      <span className="visually-hidden"> for {binding.command.name}</span>
                    </label>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {renamed.length > 0 && (
        <details>
          <summary>Keys that are called otherwise there</summary>
          <ul className={css.renamed}>
            {renamed.map(({ binding, here }) => (
              <li key={binding.id}>
                <b>{here}</b> is <Keys chord={binding.chord} /> there: {binding.command.name}
              </li>
            ))}
          </ul>
        </details>
      )}
      {chosen.length > 0 && <VariantForm travel={travel} to={to} chosen={chosen} />}
    </section>
  )
}

function VariantForm({ travel, to, chosen }: Props & { chosen: Schema['Replacement'][] }) {
  const { application } = travel
  const [name, setName] = useState(`${travel.keymap}, ${to}`)
  const { send, isSending, error, made } = useStartVariant(application.id)
  const make = () => {
    const change = { removed: chosen.map(({ replaces }) => replaces), added: chosen.map(({ binding }) => binding) }
    send({ name: name.trim(), title: `For ${to}`, change })
  }

  return (
    <Form
      className={layout.openForm}
      onSubmit={(event) => {
        event.preventDefault()
        make()
      }}
    >
      <Form.Label htmlFor={`variant-${application.id}`}>Make a road variant called</Form.Label>
      <Form.Control
        id={`variant-${application.id}`}
        required
        maxLength={60}
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <Button type="submit" disabled={isSending}>
        Make it with {chosen.length} other {chosen.length === 1 ? 'chord' : 'chords'}
      </Button>
      <span className="quiet" role="status">
        {made === undefined ? (
          <>It follows {travel.keymap}, which stays in use here.</>
        ) : (
          <>
            {made.name} is made. {travel.keymap} is still in use here; <Link to={`/applications/${application.id}`}>choose it</Link> where
            it is to be used.
          </>
        )}
      </span>
      <ProblemNote error={error} />
    </Form>
  )
}
