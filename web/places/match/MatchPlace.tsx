import { useAddress } from '../../parts/useAddress'
import { CarryOver } from './CarryOver'
import { Columns } from './Columns'
import { FalseFriends } from './FalseFriends'
import { Familiarity } from './Familiarity'
import { Harmonise } from './Harmonise'
import { Matches } from './Matches'
import { Stripes } from './Stripes'
import { Usage } from './Usage'

const VIEWS = [
  ['', 'Stripes'], ['false-friends', 'False friends'], ['carry-over', 'Carry over'], ['harmonise', 'Harmonise'],
  ['rooms', 'Familiar rooms'], ['usage', 'Usage'], ['matches', 'Intents'],
] as const

/** Across applications: how alike they are, what misleads, and the ways to make them alike. */
export function MatchPlace() {
  const [read, write] = useAddress()
  const view = read('view')
  const chosen = read('applications')
  const columns = <Columns legend="Compare" least={2} chosen={chosen} onChoose={(applications) => { write({ applications }) }} />
  return (
    <>
      <div className="place-head"><h1>Match</h1></div>
      <nav className="application-tabs match-tabs" aria-label="Views">
        {VIEWS.map(([id, name]) => <button key={id} type="button" className="plain" aria-pressed={view === id} onClick={() => { write({ view: id }) }}>{name}</button>)}
      </nav>
      {view === '' && <Stripes chosen={chosen} columns={columns} />}
      {view === 'false-friends' && <>{columns}<FalseFriends applications={chosen} /></>}
      {view === 'carry-over' && <CarryOver />}
      {view === 'harmonise' && <Harmonise />}
      {view === 'rooms' && <Familiarity />}
      {view === 'usage' && <Usage />}
      {view === 'matches' && <Matches />}
    </>
  )
}
