import { use, useEffect, useState } from 'react'
import { Navigate, NavLink, Outlet, useLocation, useNavigate } from 'react-router'
import { answer, api } from '../api/client'
import { queries, useKeyboards, useSession } from '../api/queries'
import { ListenBar, ListenButton } from '../listening/ListenBar'
import { Asking } from '../parts/Asking'
import { useLayoutProposal } from '../seat/browserLayout'
import { hasStoredSeat, SeatContext, SYSTEMS } from '../seat/seat'
import { SeatDialog } from '../seat/SeatDialog'
import { currentTheme, showTheme } from './theme'

/** In the order of the work. */
const PLACES = [
  ['find', 'Find'], ['remap', 'Remap'], ['clashes', 'Clashes'], ['match', 'Match'], ['presets', 'Presets'],
  ['suites', 'Suites'], ['rehearse', 'Rehearse'], ['applications', 'Applications'],
] as const

/** Reached from the places above. */
const BESIDE = [['changes', 'Changes'], ['several', 'Several at once']] as const

export function Frame() {
  const session = useSession()
  const { pathname, search } = useLocation()
  const place = [...PLACES, ...BESIDE].find(([path]) => pathname.startsWith(`/${path}`))
  useEffect(() => { document.title = `${place?.[1] ?? 'Nowhere'} · Zebrafinch` }, [place])
  return (
    <Asking of={session}>
      {({ person }) => person === null
        ? <Navigate to={`/sign-in?to=${encodeURIComponent(pathname + search)}`} replace />
        : (
          <div className="frame">
            <a className="skip" href="#content">Skip to the content</a>
            <header className="rail">
              <p className="brand"><span className="brand-mark" aria-hidden="true" />Zebrafinch</p>
              <ListenButton />
              <nav aria-label="Places">
                <ul>{PLACES.map(([path, name]) => <li key={path}><NavLink to={`/${path}`}>{name}</NavLink></li>)}</ul>
              </nav>
              <Preferences person={person.name} />
            </header>
            <div className="stage">
              <ListenBar />
              <main id="content" tabIndex={-1}><Outlet /></main>
            </div>
          </div>
        )}
    </Asking>
  )
}

function Preferences({ person }: { person: string }) {
  const { seat, room } = use(SeatContext)
  const [isChoosing, setChoosing] = useState(false)
  const keyboards = useKeyboards().data
  const proposal = useLayoutProposal()
  const layout = keyboards?.layouts.find(({ id }) => id === seat.layout)?.name ?? seat.layout
  const board = keyboards?.boards.find(({ id }) => id === seat.board)?.name ?? seat.board
  const [theme, setTheme] = useState(currentTheme)
  const navigate = useNavigate()
  const other = theme === 'dim' ? 'paper' : 'dim'
  return (
    <div className="preferences">
      <button type="button" className="seat-button" onClick={() => { setChoosing(true) }}>
        <span className="quiet">Keyboard</span> {room !== null && <b>{room.name}</b>}
        <span>{layout}, {SYSTEMS[seat.system]}</span>
        <span className="quiet">{board}</span>
      </button>
      {!hasStoredSeat() && proposal !== null && proposal.id !== seat.layout && <button type="button" className="plain" onClick={() => { setChoosing(true) }}>The browser tells of {proposal.name} keys</button>}
      {isChoosing && <SeatDialog onClose={() => { setChoosing(false) }} />}
      <button type="button" className="plain" onClick={() => { showTheme(other); setTheme(other) }}>
        {theme === 'dim' ? 'Paper' : 'Dim room'}
      </button>
      <p>{person}</p>
      <button
        type="button" className="plain"
        onClick={() => {
          void answer(api.DELETE('/session')).then(() => { queries.clear(); return navigate('/sign-in') })
        }}
      >Sign out</button>
    </div>
  )
}
