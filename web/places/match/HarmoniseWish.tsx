import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { Schema } from '../../api/client'
import { useApplications, useIntents, useSuites } from '../../api/queries'
import { Columns } from './Columns'

type Wish = Schema['HarmoniseWish']
type Weight = keyof Schema['HarmoniseWeights']

const WEIGHTS: [Weight, string][] = [
  ['alike', 'The same chord everywhere'], ['habit', 'What the hands know stays'], ['clear', 'No chord with two meanings'],
  ['comfort', 'Short ways for the hand'], ['others', 'Other commands keep their chords'], ['bound', 'Every command has a chord'],
]
const STRENGTHS = [[0, 'does not matter'], [0.5, 'less'], [1, 'as usual'], [3, 'more']] as const
const SECONDS = [2, 8, 20]

interface Props { before: Schema['HarmoniseRequest'] | undefined; isSearching: boolean; onSearch: (wish: Wish) => void }

/** What is to be harmonised, and what matters in it. */
export function HarmoniseWish({ before, isSearching, onSearch }: Props) {
  const all = (useApplications().data?.applications ?? []).filter((one) => !one.is_desktop).map(({ id }) => id)
  const intents = useIntents().data?.intents ?? []
  const rooms = useSuites().data?.suites ?? []
  const [applications, setApplications] = useState(before === undefined || before.applications.length === all.length ? '' : before.applications.join(','))
  const [group, setGroup] = useState('')
  const [strengths, setStrengths] = useState<Schema['HarmoniseWeights']>(before?.weights ?? {})
  const [chosenRooms, setRooms] = useState<string[]>(before?.rooms ?? [])
  const [seconds, setSeconds] = useState(before?.seconds ?? 8)

  const [isForgotten, setForgotten] = useState(false)
  const said = before === undefined || isForgotten ? {} : { fixed: before.fixed, untouched: before.untouched, accepted: before.accepted, refused: before.refused }

  function search() {
    onSearch({
      ...said,
      applications: applications === '' ? all : applications.split(','),
      intents: group === '' ? [] : intents.filter((one) => one.group === group).map(({ id }) => id),
      rooms: chosenRooms, seconds,
      weights: strengths,
    })
  }

  return (
    <form className="harmonise-wish" onSubmit={(event) => { event.preventDefault(); search() }}>
      <Columns legend="Applications" least={2} chosen={applications} onChoose={setApplications} />
      <div className="wish-line">
        <label>Intents{' '}
          <select className="form-select form-select-sm" value={group} onChange={(event) => { setGroup(event.target.value) }}>
            <option value="">all that two of them share</option>
            {[...new Set(intents.map((one) => one.group))].sort().map((one) => <option key={one}>{one}</option>)}
          </select>
        </label>
        <label>Search for at most{' '}
          <select className="form-select form-select-sm" value={seconds} onChange={(event) => { setSeconds(Number(event.target.value)) }}>
            {SECONDS.map((one) => <option key={one} value={one}>{one} seconds</option>)}
          </select>
        </label>
        <Button type="submit" size="sm" disabled={isSearching || all.length < 2}>{isSearching ? 'Searching …' : 'Search'}</Button>
      </div>
      {before !== undefined && !isForgotten && <SaidBefore before={before} onForget={() => { setForgotten(true) }} />}
      <details className="wish-more">
        <summary>What matters, and where it must work</summary>
        <div className="weights">
          {WEIGHTS.map(([id, name]) => (
            <label key={id}>{name}{' '}
              <select className="form-select form-select-sm" value={strengths[id] ?? 1} onChange={(event) => { setStrengths({ ...strengths, [id]: Number(event.target.value) }) }}>
                {STRENGTHS.map(([value, word]) => <option key={value} value={value}>{word}</option>)}
              </select>
            </label>
          ))}
        </div>
        <fieldset className="rooms-choice">
          <legend>Must also work in</legend>
          {rooms.map(({ id, name }) => (
            <label key={id}><input type="checkbox" checked={chosenRooms.includes(id)} onChange={(event) => { setRooms(event.target.checked ? [...chosenRooms, id] : chosenRooms.filter((one) => one !== id)) }} /> {name}</label>
          ))}
        </fieldset>
      </details>
    </form>
  )
}

/** What was said about lines of earlier results, which later searches keep to. */
function SaidBefore({ before, onForget }: { before: Schema['HarmoniseRequest']; onForget: () => void }) {
  const counts: [number, string][] = [
    [before.accepted.length, 'kept'], [Object.keys(before.fixed).length, 'fixed everywhere'], [before.refused.length, 'refused'], [before.untouched.length, 'left as they are'],
  ]
  const told = counts.filter(([count]) => count > 0)
  if (told.length === 0) return null
  return <p>You said: {told.map(([count, word]) => `${count} ${word}`).join(', ')}. <button type="button" className="plain" onClick={onForget}>Forget that</button></p>
}
