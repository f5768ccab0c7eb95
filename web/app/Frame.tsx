import { use, useEffect, useState } from 'react'
import { Navigate, NavLink, Outlet, useLocation, useNavigate } from 'react-router'
import { answer, api } from '../api/client'
import { queryClient } from '../api/queryClient'
import { ListenBar, ListenButton } from '../listening/ListenBar'
import { Asking } from '../parts/Asking'
import lone from '../parts/LonePage.module.css'
import { ProblemNote } from '../parts/ProblemNote'
import { useWrite } from '../parts/useWrite'
import { useSession } from '../api/session'
import { useLayoutProposal } from '../seat/browserLayout'
import { useKeyboards } from '../seat/queries'
import { hasStoredSeat, SeatContext, SYSTEMS } from '../seat/seat'
import { SeatDialog } from '../seat/SeatDialog'
import css from './app.module.css'
import { currentTheme, showTheme } from './theme'

/** In the order of the work. */
const SCREENS = [
  ['find', 'Find'],
  ['remap', 'Remap'],
  ['clashes', 'Clashes'],
  ['across', 'Across'],
  ['presets', 'Presets'],
  ['suites', 'Suites'],
  ['rehearse', 'Rehearse'],
  ['applications', 'Applications'],
] as const

/** Reached from the screens above; the longer addresses first. */
const BESIDE = [
  [/^\/remap\/[^/]+\/changes/, 'Changes'],
  [/^\/remap\/[^/]+\/bulk-edit/, 'Bulk edit'],
  [/^\/travel/, 'Travel check'],
] as const

function titleOf(pathname: string): string {
  const beside = BESIDE.find(([pattern]) => pattern.test(pathname))
  return beside?.[1] ?? SCREENS.find(([path]) => pathname.startsWith(`/${path}`))?.[1] ?? 'Nowhere'
}

export function Frame() {
  const session = useSession()
  const { pathname, search } = useLocation()
  const title = titleOf(pathname)
  useEffect(() => {
    document.title = `${title} · Zebrafinch`
  }, [title])
  return (
    <Asking of={session}>
      {({ person }) =>
        person === null ? (
          <Navigate to={`/sign-in?to=${encodeURIComponent(pathname + search)}`} replace />
        ) : (
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
                  {SCREENS.map(([path, name]) => (
                    <li key={path}>
                      <NavLink to={`/${path}`}>{name}</NavLink>
                    </li>
                  ))}
                </ul>
              </nav>
              <Preferences person={person.name} />
            </header>
            <div className={css.stage}>
              <ListenBar />
              <main id="content" tabIndex={-1}>
                <Outlet />
              </main>
            </div>
          </div>
        )
      }
    </Asking>
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
        {theme === 'dim' ? 'Paper' : 'Dim room'}
      </button>
      <p>{person}</p>
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
