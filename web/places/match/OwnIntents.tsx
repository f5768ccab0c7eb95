import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { answer, api, type Schema } from '../../api/client'
import { forgetKit, useIntents } from '../../api/queries'
import { ProblemNote } from '../../parts/ProblemNote'
import { useSeat } from '../../seat/seat'

const FREQUENCIES: [Schema['IntentLong']['frequency'], string][] = [['constant', 'all the time'], ['often', 'often'], ['sometimes', 'sometimes'], ['seldom', 'seldom']]

/** Intents that the shipped ones lack. */
export function OwnIntents() {
  const query = useSeat()
  const intents = useIntents().data?.intents ?? []
  const [name, setName] = useState('')
  const [group, setGroup] = useState('')
  const [synonyms, setSynonyms] = useState('')
  const [frequency, setFrequency] = useState<Schema['IntentLong']['frequency']>('sometimes')
  const [error, setError] = useState<Error | null>(null)
  const groups = [...new Set(intents.map((one) => one.group))].sort()

  async function change(request: Promise<unknown>) {
    setError(null)
    try {
      await request
      setName('')
      setSynonyms('')
      await forgetKit()
    } catch (failure) {
      setError(failure as Error)
    }
  }

  return (
    <section className="own-intents" aria-labelledby="own-intents">
      <h2 id="own-intents">Intents of your own</h2>
      <ul>
        {intents.flatMap((one) => one.own === null ? [] : [(
          <li key={one.id}>{one.name} <span className="quiet">{one.group}{one.synonyms.length > 0 && `: ${one.synonyms.join(', ')}`}</span>{' '}
            <button type="button" className="plain" onClick={() => void change(answer(api.DELETE('/intents/{ownIntent}', { params: { path: { ownIntent: one.own ?? 0 }, query } })))}>take away<span className="visually-hidden"> {one.name}</span></button>
          </li>
        )])}
      </ul>
      <form
        className="wish-line" onSubmit={(event) => {
          event.preventDefault()
          void change(answer(api.POST('/intents', { params: { query }, body: { name: name.trim(), group: group === '' ? groups[0] ?? 'other' : group, frequency, synonyms: synonyms.split(',').map((one) => one.trim()).filter((one) => one !== '') } })))
        }}
      >
        <label>Wish <input className="form-control form-control-sm" maxLength={80} value={name} onChange={(event) => { setName(event.target.value) }} /></label>
        <label>Group{' '}
          <select className="form-select form-select-sm" value={group} onChange={(event) => { setGroup(event.target.value) }}>{groups.map((one) => <option key={one}>{one}</option>)}</select>
        </label>
        <label>Other words, with commas <input className="form-control form-control-sm" value={synonyms} onChange={(event) => { setSynonyms(event.target.value) }} /></label>
        <label>Wanted{' '}
          <select className="form-select form-select-sm" value={frequency} onChange={(event) => { setFrequency(FREQUENCIES.find(([id]) => id === event.target.value)?.[0] ?? 'sometimes') }}>
            {FREQUENCIES.map(([id, word]) => <option key={id} value={id}>{word}</option>)}
          </select>
        </label>
        <Button type="submit" size="sm" disabled={name.trim() === ''}>Add it</Button>
      </form>
      <ProblemNote error={error} />
    </section>
  )
}
