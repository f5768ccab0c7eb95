import { useState } from 'react'
import { Link } from 'react-router'
import { useSession } from '../../api/session'
import { useWatchedSuites } from '../../api/suites'
import type { Schema } from '../../api/client'
import { RefusedKeymaps } from '../../keymap/RefusedKeymaps'
import { Asking } from '../../parts/Asking'
import { Empty } from '../../parts/Empty'
import { ScreenHead } from '../../parts/ScreenHead'
import { SYSTEMS } from '../../seat/seat'
import { RollOut } from './RollOut'
import { Rollouts } from './Rollouts'
import { Strip } from './Strip'
import { lacks, needsSomebody, presence, until } from './words'
import css from './suite.module.css'

type Filter = 'all' | 'lacking' | 'needs-somebody' | 'offline'

const FILTERS: readonly (readonly [Filter, string, (suite: Schema['Suite']) => boolean])[] = [
  ['all', 'all', () => true],
  ['lacking', 'not in step', (suite) => suite.follows !== null && lacks(suite) !== ''],
  ['needs-somebody', 'need somebody', needsSomebody],
  ['offline', 'offline', (suite) => !suite.is_online],
]

/** The house in one view: its suites by what they follow, what each lacks, and what is on its way. */
export function SuitesScreen() {
  return (
    <>
      <ScreenHead title="Suites">
        <p>
          <Link to="/travel">Travel check: would my keys work on another keyboard?</Link>
        </p>
      </ScreenHead>
      <RefusedKeymaps />
      <Asking of={useWatchedSuites()}>
        {({ suites }) =>
          suites.length === 0 ? (
            <Empty>No suite is known yet. A suite appears here once its workstation has a token.</Empty>
          ) : (
            <House suites={suites} />
          )
        }
      </Asking>
    </>
  )
}

function House({ suites }: { suites: Schema['Suite'][] }) {
  const [filter, setFilter] = useState<Filter>('all')
  const [words, setWords] = useState('')
  const [chosen, setChosen] = useState<string[]>([])
  const role = useSession().data?.person?.role
  const passes = FILTERS.find(([name]) => name === filter)?.[2] ?? (() => true)
  const shown = suites.filter((suite) => passes(suite) && suite.name.toLowerCase().includes(words.trim().toLowerCase()))
  const toggle = (id: string) => setChosen(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id])
  return (
    <>
      <Rollouts />
      <div className={css.tools}>
        <label>
          <span className="visually-hidden">Find a suite</span>
          <input
            type="search"
            className="form-control form-control-sm"
            placeholder="Find a suite"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
        </label>
        <p className={css.filters} role="group" aria-label="Which suites">
          {FILTERS.map(([name, title, matches]) => (
            <button key={name} type="button" className="plain" aria-pressed={filter === name} onClick={() => setFilter(name)}>
              {title} {suites.filter(matches).length}
            </button>
          ))}
        </p>
        {shown.length > 0 && (
          <button type="button" className="plain" onClick={() => setChosen(chosen.length === 0 ? shown.map(({ id }) => id) : [])}>
            {chosen.length === 0 ? `Choose ${shown.length === suites.length ? 'all' : 'these'} ${shown.length}` : 'Choose none'}
          </button>
        )}
      </div>
      {chosen.length > 0 && <RollOut key={role} suites={suites.filter(({ id }) => chosen.includes(id))} onClose={() => setChosen([])} />}
      {shown.length === 0 && <Empty>No suite is so. Choose others above.</Empty>}
      {[...groups(shown)].map(([title, group]) => (
        <section key={title} className={css.group} aria-label={title}>
          <h2>
            {title} <small>{group.length === 1 ? '1 suite' : `${group.length} suites`}</small>
          </h2>
          <ul>
            {group.map((suite) => (
              <Row key={suite.id} suite={suite} isChosen={chosen.includes(suite.id)} onToggle={() => toggle(suite.id)} />
            ))}
          </ul>
        </section>
      ))}
    </>
  )
}

/** Suites by the preset and the release that they follow; those that follow nothing last. */
function groups(suites: readonly Schema['Suite'][]): Map<string, Schema['Suite'][]> {
  const title = ({ follows }: Schema['Suite']) =>
    follows === null
      ? 'Follow nothing'
      : `${follows.preset.name} ${follows.release.number}${follows.is_pinned ? '' : ', always the newest'}`
  const all = new Map<string, Schema['Suite'][]>()
  const sorted = [...suites].sort(
    (one, other) =>
      Number(one.follows === null) - Number(other.follows === null) || one.name.localeCompare(other.name, undefined, { numeric: true }),
  )
  for (const suite of sorted) {
    all.set(title(suite), [...(all.get(title(suite)) ?? []), suite])
  }
  return all
}

interface RowProps {
  suite: Schema['Suite']
  isChosen: boolean
  onToggle: () => void
}

function Row({ suite, isChosen, onToggle }: RowProps) {
  return (
    <li className={css.row} data-online={suite.is_online} data-needs={needsSomebody(suite)}>
      <input type="checkbox" aria-label={`Choose ${suite.name}`} checked={isChosen} onChange={onToggle} />
      <p>
        <Link to={`/suites/${suite.id}`}>{suite.name}</Link> <small>{presence(suite)}</small>
      </p>
      <p className={css.seat}>
        {suite.layout.name}, {SYSTEMS[suite.system]}
        {suite.sitting !== null && (
          <b>
            {suite.sitting.is_me ? 'You sit' : `${suite.sitting.person} sits`} there {until(suite.sitting.until)}
          </b>
        )}
        {suite.is_giving_back && <b>is being given back as it was found</b>}
      </p>
      <Strip suite={suite} />
    </li>
  )
}
