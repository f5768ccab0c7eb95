import { use, useEffect, useState } from 'react'
import { Link, NavLink, Outlet, useLocation, useNavigate } from 'react-router'
import { answer, api } from '../api/client'
import { queryClient } from '../api/queryClient'
import { ListenBar, ListenButton } from '../listening/ListenBar'
import lone from '../parts/LonePage.module.css'
import { laterPart } from '../parts/later'
import { ProblemNote } from '../parts/ProblemNote'
import { useWrite } from '../parts/useWrite'
import { ChangeContext } from '../keymap/changes'
import { useHeldFocus } from '../parts/useHeldFocus'
import { useLayoutProposal } from '../seat/browserLayout'
import { useKeyboards } from '../seat/queries'
import { hasStoredSeat, SeatContext, SYSTEMS } from '../seat/seat'
import { SittingNote } from '../screens/suite/SittingNote'
import { SignedIn } from './SignedIn'
import css from './app.module.css'
import { currentTheme, showTheme } from './theme'

const SeatDialog = laterPart(() => import('../seat/SeatDialog'), 'SeatDialog')

/** In the order of the work. */
const SCREENS = [
  ['find', 'Find'],
  ['remap', 'Remap'],
  ['clashes', 'Clashes'],
  ['across', 'Across'],
  ['presets', 'Presets'],
  ['suites', 'Suites'],
  ['rehearse', 'Rehearse'],
  ['learn', 'Learn'],
  ['applications', 'Applications'],
  ['house', 'House'],
] as const

/** Reached from the screens above; the longer addresses first. */
const BESIDE = [
  [/^\/remap\/[^/]+\/changes/, 'Changes'],
  [/^\/remap\/[^/]+\/bulk-edit/, 'Bulk edit'],
  [/^\/learn\/drills/, 'Practice'],
  [/^\/account/, 'Your account'],
  [/^\/travel/, 'Travel check'],
  [/^\/export/, 'List'],
  [/^\/compare/, 'Compare'],
  [/^\/presets\/\d+\/news/, 'What is new'],
  [/^\/suites\/[^/]+\/files/, 'Changed by hand'],
  [/^\/suites\/[^/]+/, 'Suite'],
  [/^\/sittings/, 'Taken along'],
] as const

function titleOf(pathname: string): string {
  const beside = BESIDE.find(([pattern]) => pattern.test(pathname))
  return beside?.[1] ?? SCREENS.find(([path]) => pathname.startsWith(`/${path}`))?.[1] ?? 'Nowhere'
}

/** On these screens printing means the list of what is looked at. */
const PRINTS_LIST = /^\/(find|remap)(\/|$)/

export function Frame() {
  const { pathname } = useLocation()
  const { notice } = use(ChangeContext)
  const navigate = useNavigate()
  useHeldFocus()
  const title = titleOf(pathname)
  useEffect(() => {
    document.title = `${title} · Zebrafinch`
  }, [title])
  useEffect(() => {
    const print = (event: KeyboardEvent) => {
      if (event.code !== 'KeyP' || !(event.ctrlKey || event.metaKey) || event.shiftKey || event.altKey) return
      if (event.defaultPrevented || !PRINTS_LIST.test(pathname)) return
      event.preventDefault()
      void navigate('/export?print=1')
    }
    window.addEventListener('keydown', print)
    return () => window.removeEventListener('keydown', print)
  }, [pathname, navigate])
  return (
    <SignedIn>
      {(person) => (
        <div className={css.frame}>
          <a className={css.skip} href="#content">
            Skip to the content
          </a>
          <header className={css.rail}>
            <p className={lone.brand}>
              <span className={lone.brandMark} aria-hidden="true" />
              Zebrafinch
            </p>
            <ListenButton />
            <nav aria-label="Screens">
              <ul>
                {SCREENS.filter(([path]) => path !== 'house' || person.keeps_suites).map(([path, name]) => (
                  <li key={path}>
                    <NavLink to={`/${path}`}>{name}</NavLink>
                  </li>
                ))}
              </ul>
            </nav>
            {notice}
            <SittingNote />
            <Preferences person={person.name} />
          </header>
          <div className={css.stage}>
            <ListenBar />
            <main id="content" tabIndex={-1}>
              <Outlet />
            </main>
          </div>
        </div>
      )}
    </SignedIn>
  )
}

function Preferences({ person }: { person: string }) {
  const [isChoosing, setChoosing] = useState(false)
  const [theme, setTheme] = useState(currentTheme)
  const navigate = useNavigate()
  const signOut = useWrite(() => answer(api.DELETE('/session')), {
    onDone: () => {
      queryClient.clear()
      return navigate('/sign-in')
    },
  })
  const other = theme === 'dim' ? 'paper' : 'dim'
  return (
    <div className={css.preferences}>
      <SeatButton onChoose={() => setChoosing(true)} />
      {isChoosing && <SeatDialog onClose={() => setChoosing(false)} />}
      <button
        type="button"
        className="plain"
        onClick={() => {
          showTheme(other)
          setTheme(other)
        }}
      >
        {theme === 'dim' ? 'Light paper' : 'Dim room'}
      </button>
      <p>
        <Link to="/account">{person}</Link>
      </p>
      <button type="button" className="plain" disabled={signOut.isSending} onClick={() => signOut.send()}>
        Sign out
      </button>
      <ProblemNote error={signOut.error} />
    </div>
  )
}

/** The keyboard that the page takes to be in front of it. */
function SeatButton({ onChoose }: { onChoose: () => void }) {
  const { seat, suite } = use(SeatContext)
  const keyboards = useKeyboards().data
  const proposal = useLayoutProposal()
  const layout = keyboards?.layouts.find(({ id }) => id === seat.layout)?.name ?? seat.layout
  const board = keyboards?.boards.find(({ id }) => id === seat.board)?.name ?? seat.board
  return (
    <>
      <button type="button" className={css.seatButton} onClick={onChoose}>
        <span className="quiet">Keyboard</span> {suite !== null && <b>{suite.name}</b>}
        <span>
          {layout}, {SYSTEMS[seat.system]}
        </span>
        <span className="quiet">{board}</span>
      </button>
      {!hasStoredSeat() && proposal !== null && proposal.id !== seat.layout && (
        <button type="button" className="plain" onClick={onChoose}>
          The browser tells of {proposal.name} keys
        </button>
      )}
    </>
  )
}
