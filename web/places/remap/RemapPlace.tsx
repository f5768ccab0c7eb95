import { useLayoutEffect, useRef } from 'react'
import { useNavigate } from 'react-router'
import { useApplications, useRemap } from '../../api/queries'
import { useChords } from '../../listening/Listening'
import { Asking } from '../../parts/Asking'
import { Keys } from '../../parts/Keys'
import { useAddress } from '../../parts/useAddress'
import { useAddressText } from '../../parts/useAddressText'
import { useFirstApplication } from '../../parts/useFirstApplication'
import { CommandFinder } from './CommandFinder'
import { KeymapLine } from './KeymapLine'
import { OwnChords } from './OwnChords'
import { RemapBoard } from './RemapBoard'
import { WishPanel } from './WishPanel'

/** One sentence with four blanks (application, command, context, chord), and under it what fills them and what follows. */
export function RemapPlace() {
  const [read, write] = useAddress()
  const application = useFirstApplication()
  const [rooms, chooseRooms] = useAddressText('rooms')
  const gesture: 'tap' | 'hold' = read('gesture') === 'hold' ? 'hold' : 'tap'
  const wish = { command: read('command'), context: read('context'), chord: read('chord'), rooms, gesture }
  const remap = useRemap(application, wish)
  const hasCommand = wish.command !== '' && remap.data !== undefined
  useChords(hasCommand ? `for ${remap.data.command.name}` : 'to see it on the board', (chord) => { write({ chord }) }, hasCommand)

  const applications = useApplications()
  if (application === '') return <Asking of={applications}>{() => null}</Asking>
  return (
    <>
      <h1 className="visually-hidden">Remap</h1>
      <Sentence application={application} gesture={gesture} remap={hasCommand ? remap.data : undefined} onContext={(context) => { write({ context }) }} onClearChord={() => { write({ chord: '' }) }} onGesture={(next) => { write({ gesture: next === 'tap' ? '' : next }) }} />
      <div className="workbench">
        <div>
          <CommandFinder application={application} chosen={wish.command} onChoose={(command) => { write({ command, context: '' }) }} />
          {hasCommand && <OwnChords application={application} remap={remap.data} />}
        </div>
        <div className="wish">
          {wish.command === ''
            ? <div className="empty"><p><strong>Find the command</strong> by a word of its name, its menu or its tooltip, or by what you would call it. Then press the chord that it should have.</p></div>
            : <Asking of={remap}>{(data) => <WishPanel application={application} remap={data} rooms={rooms} onRooms={(next) => { chooseRooms(next) }} onChord={(chord) => { write({ chord }) }} />}</Asking>}
        </div>
      </div>
      <RemapBoard
        key={application}
        application={application} context={wish.context === '' ? remap.data?.command.home ?? 'everywhere' : wish.context} chord={wish.chord}
        onChord={(chord) => { write({ chord }) }}
      />
    </>
  )
}

interface SentenceProps {
  application: string
  remap: ReturnType<typeof useRemap>['data']
  onContext: (context: string) => void
  onClearChord: () => void
  gesture: 'tap' | 'hold'
  onGesture: (gesture: string) => void
}

function Sentence({ application, remap, onContext, onClearChord, gesture, onGesture }: SentenceProps) {
  const applications = useApplications().data?.applications ?? []
  const here = applications.find(({ id }) => id === application)
  const contexts = here?.contexts ?? []
  const navigate = useNavigate()
  const wanted = remap?.wanted ?? null
  const line = useRef<HTMLDivElement>(null)
  // A change of the chord is told where the reader's eyes are: the sentence flashes its chord.
  useLayoutEffect(() => { line.current?.animate([{ opacity: 0.4 }, { opacity: 1 }], 150) }, [wanted?.chord.id])
  return (
    <div className="sentence" ref={line}>
      <p>
        In{' '}
        <select aria-label="Application" value={application} onChange={(event) => void navigate(`/remap/${event.target.value}`)}>
          {applications.map(({ id, name }) => <option key={id} value={id}>{name}</option>)}
        </select>
        , while{' '}
        <select aria-label="Context" value={remap?.context.id ?? ''} disabled={remap === undefined} onChange={(event) => { onContext(event.target.value) }}>
          {remap === undefined && <option value="">…</option>}
          {contexts.map(({ id, name, depth }) => <option key={id} value={id}>{'\u2003'.repeat(Math.max(0, depth - 1))}{name}</option>)}
        </select>
        {' '}has the focus,{' '}
        <b className="blank" data-filled={wanted !== null}>{wanted === null ? 'press F9 and a chord' : <Keys chord={wanted.chord} />}</b>
        {wanted !== null && <button type="button" className="plain" onClick={onClearChord}>clear</button>}
        {here?.tells_hold === true && (
          <select aria-label="Gesture" value={gesture} onChange={(event) => { onGesture(event.target.value) }}>
            <option value="tap">tapped</option>
            <option value="hold">held down</option>
          </select>
        )}
        {' '}shall run{' '}
        <b className="blank" data-filled={remap !== undefined}>{remap?.command.name ?? 'find a command below'}</b>.
      </p>
      <KeymapLine application={application} />
    </div>
  )
}
