import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useNavigate } from 'react-router'
import { answer, api, type Schema } from '../../api/client'
import { forgetKit, useApplications, useCarryOver, useSuites } from '../../api/queries'
import { Asking } from '../../parts/Asking'
import { ConsequenceList } from '../../parts/ConsequenceList'
import { Disclosure } from '../../parts/Disclosure'
import { Keys } from '../../parts/Keys'
import { ProblemNote } from '../../parts/ProblemNote'
import { useAddress } from '../../parts/useAddress'
import { useSeat } from '../../seat/seat'
import { Columns } from './Columns'

type Line = Schema['CarriedLine']
type Said = Record<string, boolean>

const ENDINGS: [Line['ending'], string][] = [
  ['carried', 'carried'], ['differs', 'carried, but behaves differently'], ['displaces', 'takes another command’s chord'],
  ['nothing-to-carry-to', 'nothing to carry to'], ['out-of-reach', 'out of reach'], ['reserved', 'reserved'],
]

/** Makes one application behave like others: the account of every binding first, then a keymap of its own. */
export function CarryOver() {
  const [read, write] = useAddress()
  const applications = (useApplications().data?.applications ?? []).filter((one) => !one.is_desktop)
  const rooms = useSuites().data?.suites ?? []
  const target = read('to')
  const from = read('from')
  const room = read('room')
  const sources = (from === '' ? applications.map(({ id }) => id) : from.split(',')).filter((id) => id !== target)
  const [said, setSaid] = useState<Said>({})
  const wish = target === '' || sources.length === 0 ? null : { target, sources, said, ...(room === '' ? {} : { room }) }
  const account = useCarryOver(wish)
  const choose = (next: Record<string, string>) => { setSaid({}); write(next) }
  return (
    <>
      <div className="carry-wish">
        <label>Make{' '}
          <select className="form-select form-select-sm" value={target} onChange={(event) => { choose({ to: event.target.value }) }}>
            <option value="">choose an application</option>
            {applications.map(({ id, name }) => <option key={id} value={id}>{name}</option>)}
          </select>
        </label>
        <label>at the keyboard{' '}
          <select className="form-select form-select-sm" value={room} onChange={(event) => { choose({ room: event.target.value }) }}>
            <option value="">here</option>
            {rooms.map(({ id, name }) => <option key={id} value={id}>in {name}</option>)}
          </select>
        </label>
        <Columns legend="behave like" least={1} chosen={from} but={target} onChoose={(next) => { choose({ from: next }) }} />
      </div>
      {wish === null
        ? <div className="empty"><p><strong>Sit down at an application that you do not know.</strong> Choose it, and what your hands know already. You see what becomes of each of your chords before anything is written.</p></div>
        : <Asking of={account}>{(data) => <AccountOf key={`${target} ${from} ${room}`} account={data} wish={wish} said={said} onSay={(next) => { setSaid({ ...said, ...next }) }} />}</Asking>}
    </>
  )
}

function AccountOf({ account, wish, said, onSay }: { account: Schema['CarryOver']; wish: Schema['CarryOverWish']; said: Said; onSay: (said: Said) => void }) {
  const [ending, setEnding] = useState('')
  const shown = account.lines.filter((line) => ending === '' || line.ending === ending)
  const accepted = account.lines.filter(({ is_accepted }) => is_accepted).length
  return (
    <>
      <p><strong>{account.lines.length}</strong> chords, {accepted} of them come to {account.target.name}.</p>
      <div className="endings" role="group" aria-label="Show">
        <button type="button" className="plain" aria-pressed={ending === ''} onClick={() => { setEnding('') }}>all {account.lines.length}</button>
        {ENDINGS.map(([id, name]) => <button key={id} type="button" className="plain" data-ending={id} aria-pressed={ending === id} disabled={account.counts[id] === 0} onClick={() => { setEnding(id) }}>{name} {account.counts[id]}</button>)}
      </div>
      <SaveAs account={account} wish={wish} said={said} />
      <Disclosure className="account-consequences" summary="What that settles, raises and makes the hands relearn">{() => <ConsequenceList of={account.consequences} />}</Disclosure>
      <table className="findings carried">
        <thead><tr><th scope="col">Take it</th><th scope="col">Chord</th><th scope="col">Does</th><th scope="col">In {account.target.name}</th><th scope="col">How it ends</th></tr></thead>
        <tbody>{shown.map((line) => <AccountLine key={line.id} line={line} onSay={(isAccepted) => { onSay({ [line.id]: isAccepted }) }} />)}</tbody>
      </table>
    </>
  )
}

function AccountLine({ line, onSay }: { line: Line; onSay: (isAccepted: boolean) => void }) {
  const name = ENDINGS.find(([id]) => id === line.ending)?.[1]
  return (
    <tr data-ending={line.ending}>
      <td>{line.to !== null && <input type="checkbox" aria-label={`Take ${line.binding.command.name} of ${line.from.name}`} checked={line.is_accepted} onChange={(event) => { onSay(event.target.checked) }} />}</td>
      <td><Keys chord={line.binding.chord} />{line.binding.gesture === 'hold' && <span className="quiet"> held</span>}</td>
      <td>{line.binding.command.name} <span className="quiet">{line.from.name}</span></td>
      <td>{line.to === null ? '—' : <>{line.to.command.name} {line.to.chord.label !== line.binding.chord.label && <Keys chord={line.to.chord} />}</>}</td>
      <td><b>{name}</b>{line.sentence !== '' && <span className="difference">{line.sentence}</span>}</td>
    </tr>
  )
}

function SaveAs({ account, wish, said }: { account: Schema['CarryOver']; wish: Schema['CarryOverWish']; said: Said }) {
  const query = useSeat()
  const navigate = useNavigate()
  const [name, setName] = useState('')
  const [error, setError] = useState<Error | null>(null)
  const [isSaving, setSaving] = useState(false)

  async function save() {
    setSaving(true)
    setError(null)
    try {
      await answer(api.POST('/carry-overs/keymaps', { params: { query }, body: { ...wish, said, name: name.trim() } }))
      await forgetKit()
      await navigate(`/remap/${account.target.id}`)
    } catch (failure) {
      setError(failure as Error)
      setSaving(false)
    }
  }

  return (
    <Form className="save-as" onSubmit={(event) => { event.preventDefault(); void save() }}>
      <Form.Label htmlFor="carried-name">Save as a keymap of {account.target.name} called</Form.Label>
      <Form.Control id="carried-name" size="sm" maxLength={60} value={name} onChange={(event) => { setName(event.target.value) }} />
      <Button type="submit" size="sm" disabled={name.trim() === '' || isSaving}>{isSaving ? 'Saving …' : 'Save and use it'}</Button>
      <ProblemNote error={error} />
    </Form>
  )
}
