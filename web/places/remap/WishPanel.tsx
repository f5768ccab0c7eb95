import Button from 'react-bootstrap/Button'
import type { Schema } from '../../api/client'
import { useMakeChange } from '../../changes/changes'
import { ConsequenceList } from '../../parts/ConsequenceList'
import { Keys } from '../../parts/Keys'
import { Ladder, rungsOf } from '../../parts/Ladder'
import { Rooms } from './Rooms'

interface Props { application: string; remap: Schema['Remap']; rooms: string; onRooms: (rooms: string) => void; onChord: (chord: string) => void }

/** What the wanted chord would mean, or the free ones while none is wanted. */
export function WishPanel({ application, remap, rooms, onRooms, onChord }: Props) {
  const { wanted } = remap
  return (
    <section aria-label={`Chords of ${remap.command.name}`}>
      {wanted === null && <FreeChords free={remap.free} rooms={rooms} onRooms={onRooms} onChord={onChord} />}
      {wanted !== null && wanted.reach.kind !== 'as-written' && <p className="reach" data-kind={wanted.reach.kind}>{wanted.reach.sentence}</p>}
      {wanted !== null && wanted.is_already_so && <p className="verdict" role="status"><Keys chord={wanted.chord} /> runs {remap.command.name} in {remap.context.name} already.</p>}
      {wanted !== null && !wanted.is_already_so && <Choices application={application} command={remap.command.name} wanted={wanted} />}
      {wanted !== null && wanted.holders.length > 0 && <FreeInstead free={remap.free.slice(0, 5)} onChord={onChord} />}
    </section>
  )
}

function Choices({ application, command, wanted }: { application: string; command: string; wanted: Schema['Wanted'] }) {
  const makeChange = useMakeChange()
  const holders = wanted.holders.map((one) => `${one.command.name} in ${one.context.name}`)
  const neighbours = wanted.neighbours.map((one) => `${one.command.name} in ${one.context.name}`)
  return (
    <>
      <p className="verdict" role="status">
        {holders.length === 0 ? <>Nobody holds <Keys chord={wanted.chord} /> here.</> : <><Keys chord={wanted.chord} /> belongs to <strong>{holders.join(' and ')}</strong>.</>}
        {neighbours.length > 0 && (application === 'desktop' ? <> The desktop would take it from <strong>{neighbours.join(' and ')}</strong>.</> : <> Around it: {neighbours.join(', ')}.</>)}
      </p>
      <ul className="choices">
        {wanted.choices.map((choice) => (
          <li key={choice.kind} data-fault={choice.consequences.raises_fault}>
            <Button
              variant={choice.consequences.raises_fault ? 'outline-secondary' : 'primary'}
              onClick={() => { makeChange({ application, title: `${command}: ${choice.title}`, change: choice.change }) }}
            >{choice.title}</Button>
            <ConsequenceList of={choice.consequences} />
            <details>
              <summary>Who gets it then</summary>
              <div className="before-after"><Ladder rungs={rungsOf(wanted.ladder)} title="Now" /><Ladder rungs={rungsOf(choice.ladder_after)} title="Then" /></div>
            </details>
          </li>
        ))}
      </ul>
    </>
  )
}

interface FreeProps { free: Schema['FreeChord'][]; rooms: string; onRooms: (rooms: string) => void; onChord: (chord: string) => void }

function FreeChords({ free, rooms, onRooms, onChord }: FreeProps) {
  return (
    <div className="free-chords">
      <div className="free-head"><h2>Free chords, the best first</h2><Rooms chosen={rooms} onChoose={onRooms} /></div>
      {free.length === 0 && <p className="quiet">No chord is free for it on all of these keyboards.</p>}
      <ol>
        {free.map(({ chord, reasons }) => (
          <li key={chord.id}><button type="button" onClick={() => { onChord(chord.id) }}><Keys chord={chord} /> <span>{reasons.join(', ')}</span></button></li>
        ))}
      </ol>
    </div>
  )
}

function FreeInstead({ free, onChord }: { free: Schema['FreeChord'][]; onChord: (chord: string) => void }) {
  return (
    <p className="free-instead">
      Or a free chord instead:
      {free.map(({ chord, reasons }) => <button key={chord.id} type="button" className="plain" title={reasons.join(', ')} onClick={() => { onChord(chord.id) }}><Keys chord={chord} /></button>)}
    </p>
  )
}
