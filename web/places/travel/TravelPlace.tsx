import { useMemo } from 'react'
import { Link } from 'react-router'
import { useKeyboards, useSuites, useTravel } from '../../api/queries'
import { Asking } from '../../parts/Asking'
import { useAddress } from '../../parts/useAddress'
import { SYSTEMS, type Seat, type System } from '../../seat/seat'
import { ApplicationTravel } from './ApplicationTravel'

/** A whole kit against another keyboard: what is lost there, what is moved, and a keymap for the road. */
export function TravelPlace() {
  const [read, write] = useAddress()
  const suites = useSuites().data?.suites ?? []
  const keyboards = useKeyboards().data
  const room = suites.find(({ id }) => id === read('room'))
  const board = read('board')
  const layout = read('layout')
  const system = read('system') as System | ''
  const to = useMemo((): Seat | null => {
    if (board !== '' && layout !== '' && system !== '') return { board, layout, system }
    return room === undefined ? null : { board: room.board.id, layout: room.layout.id, system: room.system }
  }, [board, layout, system, room])
  const travel = useTravel(to)
  const set = (part: Partial<Seat>) => { write({ room: '', ...(to ?? { board: 'laptop-ansi', layout: 'us', system: 'macos' }), ...part }) }

  return (
    <>
      <div className="place-head"><h1>Travel check</h1><p><Link to="/suites">All suites</Link></p></div>
      <p className="focus-choice">
        I take my keymaps to{' '}
        <select aria-label="Room" value={read('room')} onChange={(event) => { write({ room: event.target.value, board: '', layout: '', system: '' }) }}>
          <option value="">another keyboard</option>
          {suites.map(({ id, name }) => <option key={id} value={id}>{name}</option>)}
        </select>
        {keyboards !== undefined && (
          <>
            :{' '}
            <select aria-label="Board" value={to?.board ?? ''} onChange={(event) => { set({ board: event.target.value }) }}>
              {to === null && <option value="">a board</option>}
              {keyboards.boards.map(({ id, name }) => <option key={id} value={id}>{name}</option>)}
            </select>{' '}
            <select aria-label="Layout" value={to?.layout ?? ''} onChange={(event) => { set({ layout: event.target.value }) }}>
              {to === null && <option value="">a layout</option>}
              {keyboards.layouts.map(({ id, name }) => <option key={id} value={id}>{name}</option>)}
            </select>{' '}
            <select aria-label="System" value={to?.system ?? ''} onChange={(event) => { set({ system: event.target.value as System }) }}>
              {to === null && <option value="">a system</option>}
              {Object.entries(SYSTEMS).map(([id, name]) => <option key={id} value={id}>{name}</option>)}
            </select>
          </>
        )}
      </p>
      {to === null
        ? <div className="empty"><p><strong>Choose the room or the keyboard you go to.</strong> Each of your chords is held against it: which are lost, which need other keys, and which keys are called otherwise there.</p></div>
        : <Asking of={travel}>{(data) => <>{data.applications.map((one) => <ApplicationTravel key={`${one.application.id} ${one.keymap} ${data.board} ${data.layout}`} travel={one} to={room?.name ?? data.board} />)}</>}</Asking>}
    </>
  )
}
