import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { Schema } from '../../api/client'
import { Asking } from '../../parts/Asking'
import layout from '../../parts/layout.module.css'
import { ProblemNote } from '../../parts/ProblemNote'
import css from './intent.module.css'
import { useAddIntent, useRemoveIntent } from './mutations'
import { useIntents } from './queries'

const FREQUENCIES: [Schema['IntentLong']['frequency'], string][] = [
  ['constant', 'all the time'],
  ['often', 'often'],
  ['sometimes', 'sometimes'],
  ['seldom', 'seldom'],
]

/** Intents that the shipped ones lack. */
export function OwnIntents() {
  const intents = useIntents()
  return (
    <section className={css.ownIntents} aria-labelledby="own-intents">
      <h2 id="own-intents">Intents of your own</h2>
      <Asking of={intents}>
        {(data) => (
          <>
            <OwnList intents={data.intents} />
            <AddForm groups={[...new Set(data.intents.map((one) => one.group))].sort()} />
          </>
        )}
      </Asking>
    </section>
  )
}

function OwnList({ intents }: { intents: Schema['IntentLong'][] }) {
  const { send, isSending, error } = useRemoveIntent()
  return (
    <>
      <ul>
        {intents.map(
          ({ id, name, group, synonyms, own }) =>
            own !== null && (
              <li key={id}>
                {name}{' '}
                <span className="quiet">
                  {group}
                  {synonyms.length > 0 && `: ${synonyms.join(', ')}`}
                </span>{' '}
                <button type="button" className="plain" disabled={isSending} onClick={() => send(own)}>
                  remove<span className="visually-hidden"> {name}</span>
                </button>
              </li>
            ),
        )}
      </ul>
      <ProblemNote error={error} />
    </>
  )
}

function AddForm({ groups }: { groups: string[] }) {
  const [name, setName] = useState('')
  const [group, setGroup] = useState(groups[0] ?? 'other')
  const [synonyms, setSynonyms] = useState('')
  const [frequency, setFrequency] = useState<Schema['IntentLong']['frequency']>('sometimes')
  const { send, isSending, error } = useAddIntent(() => {
    setName('')
    setSynonyms('')
  })
  const add = () => {
    send({
      name: name.trim(),
      group,
      frequency,
      synonyms: synonyms
        .split(',')
        .map((word) => word.trim())
        .filter((word) => word !== ''),
    })
  }
  return (
    <form
      className={layout.formLine}
      onSubmit={(event) => {
        event.preventDefault()
        add()
      }}
    >
      <label>
        Intent{' '}
        <input className="form-control form-control-sm" maxLength={80} value={name} onChange={(event) => setName(event.target.value)} />
      </label>
      <label>
        Group{' '}
        <select className="form-select form-select-sm" value={group} onChange={(event) => setGroup(event.target.value)}>
          {groups.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </select>
      </label>
      <label>
        Other words, with commas{' '}
        <input className="form-control form-control-sm" value={synonyms} onChange={(event) => setSynonyms(event.target.value)} />
      </label>
      <label>
        Wanted{' '}
        <select
          className="form-select form-select-sm"
          value={frequency}
          onChange={(event) => setFrequency(FREQUENCIES.find(([id]) => id === event.target.value)?.[0] ?? 'sometimes')}
        >
          {FREQUENCIES.map(([id, word]) => (
            <option key={id} value={id}>
              {word}
            </option>
          ))}
        </select>
      </label>
      <Button type="submit" size="sm" disabled={name.trim() === '' || isSending}>
        Add it
      </Button>
      <ProblemNote error={error} />
    </form>
  )
}
