import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { Schema } from '../../api/client'
import { Asking } from '../../parts/Asking'
import { useApplications } from '../../api/applications'
import { useIntents } from '../intent/queries'
import { ApplicationChecks, SuiteChecks } from '../../parts/Checks'
import { together, type Line, type Said } from './verdicts'
import css from './harmonise.module.css'
import layout from '../../parts/layout.module.css'

type Wanted = Schema['HarmoniseWanted']
type Weight = keyof Schema['HarmoniseWeights']

/** Each in words, and by example. */
const WEIGHTS: [Weight, string, string][] = [
  ['alike', 'The same chord everywhere', 'S splits in the cutting room and in the mix'],
  ['habit', 'What the hands know stays', 'what was on S stays on S'],
  ['clear', 'No chord with two meanings', 'S does not split here and save there'],
  ['comfort', 'Short ways for the hand', 'S rather than Alt+Shift+F9'],
  ['others', 'Other commands keep their chords', 'nothing is pushed off S'],
  ['bound', 'Every command has a chord', 'nothing is left to the menu'],
]
const STRENGTHS = [
  [0, 'does not matter'],
  [0.5, 'less'],
  [1, 'as usual'],
  [3, 'more'],
] as const
const SECONDS = [2, 8, 20]

interface Props {
  before: Schema['HarmoniseRequest'] | undefined
  /** Of the result that is shown. */
  lines: Line[]
  said: Said
  isSearching: boolean
  onSearch: (wanted: Wanted) => void
}

/** What is to be harmonised, and what matters in it. */
export function HarmoniseForm(props: Props) {
  const applications = useApplications()
  const intents = useIntents()
  return (
    <Asking of={applications}>
      {(known) => (
        <Asking of={intents}>
          {(words) => (
            <Fields {...props} all={known.applications.filter((one) => !one.is_desktop).map(({ id }) => id)} intents={words.intents} />
          )}
        </Asking>
      )}
    </Asking>
  )
}

function Fields({ before, lines, said, isSearching, onSearch, all, intents }: Props & { all: string[]; intents: Schema['IntentLong'][] }) {
  const isAll = before === undefined || before.applications.length === all.length
  const [applications, setApplications] = useState(isAll ? '' : before.applications.join(','))
  const [group, setGroup] = useState(groupOf(before?.intents ?? [], intents))
  const [strengths, setStrengths] = useState<Schema['HarmoniseWeights']>(before?.weights ?? {})
  const [suites, setSuites] = useState<string[]>(before?.suites ?? [])
  const [seconds, setSeconds] = useState(before?.seconds ?? 8)
  const [isForgotten, setForgotten] = useState(false)
  const nothing = { fixed: {}, untouched: [], accepted: [], refused: [] }
  const saidOf = Object.keys(said).length
  function search() {
    onSearch({
      ...together(before === undefined || isForgotten ? nothing : before, lines, said),
      applications: applications === '' ? all : applications.split(','),
      intents: group === '' ? [] : intents.filter((one) => one.group === group).map(({ id }) => id),
      suites,
      seconds,
      weights: strengths,
    })
  }

  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        search()
      }}
    >
      <ApplicationChecks legend="Applications" least={2} chosen={applications} onChoose={setApplications} />
      <div className={layout.formLine}>
        <label>
          Intents{' '}
          <select className="form-select form-select-sm" value={group} onChange={(event) => setGroup(event.target.value)}>
            <option value="">all that two of them share</option>
            {[...new Set(intents.map((one) => one.group))].sort().map((one) => (
              <option key={one}>{one}</option>
            ))}
          </select>
        </label>
        <label>
          Search for at most{' '}
          <select className="form-select form-select-sm" value={seconds} onChange={(event) => setSeconds(Number(event.target.value))}>
            {SECONDS.map((one) => (
              <option key={one} value={one}>
                {one} seconds
              </option>
            ))}
          </select>
        </label>
        <Button type="submit" size="sm" disabled={isSearching || all.length < 2}>
          {isSearching ? 'Searching …' : saidOf > 0 ? `Search again around what you said (${saidOf})` : 'Search'}
        </Button>
      </div>
      {before !== undefined && !isForgotten && <SaidBefore before={before} onForget={() => setForgotten(true)} />}
      <details className={css.more}>
        <summary>What matters, and where it must work</summary>
        <div className={css.weights}>
          {WEIGHTS.map(([id, name, example]) => (
            <label key={id}>
              {name}
              <span className="quiet">{example}</span>{' '}
              <select
                className="form-select form-select-sm"
                value={strengths[id] ?? 1}
                onChange={(event) => setStrengths({ ...strengths, [id]: Number(event.target.value) })}
              >
                {STRENGTHS.map(([value, word]) => (
                  <option key={value} value={value}>
                    {word}
                  </option>
                ))}
              </select>
            </label>
          ))}
        </div>
        <SuiteChecks legend="Must also work in" chosen={suites} onChoose={setSuites} />
      </details>
    </form>
  )
}

/** The group whose intents these are; empty for all that are shared. */
function groupOf(chosen: string[], intents: Schema['IntentLong'][]): string {
  return intents.find(({ id }) => id === chosen[0])?.group ?? ''
}

/** What was said about lines of earlier results, which later searches keep to. */
function SaidBefore({ before, onForget }: { before: Schema['HarmoniseRequest']; onForget: () => void }) {
  const counts: [number, string][] = [
    [before.accepted.length, 'accepted'],
    [Object.keys(before.fixed).length, 'fixed everywhere'],
    [before.refused.length, 'refused'],
    [before.untouched.length, 'left as they are'],
  ]
  const told = counts.filter(([count]) => count > 0)
  if (told.length === 0) return null
  return (
    <p>
      You said: {told.map(([count, word]) => `${count} ${word}`).join(', ')}.{' '}
      <button type="button" className="plain" onClick={onForget}>
        Forget that
      </button>
    </p>
  )
}
