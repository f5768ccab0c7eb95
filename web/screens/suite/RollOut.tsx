import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { Link } from 'react-router'
import { releasesOf, usePresets } from '../../api/presets'
import { useSession } from '../../api/session'
import type { Schema } from '../../api/client'
import { Asking } from '../../parts/Asking'
import { counted } from '../../parts/counted'
import { isAccepted, NO, Problems } from '../../parts/Problems'
import { ProblemNote } from '../../parts/ProblemNote'
import { useRollOut } from './mutations'
import { useDryRun } from './queries'
import { release as releaseName } from './words'
import css from './suite.module.css'

interface Props {
  suites: Schema['Suite'][]
  onClose: () => void
}

const BECOMES: Record<Schema['DryRunFile']['becomes'], string> = {
  'nothing-given': 'nothing is given',
  stopped: 'stopped by a fault',
  same: 'stays the same',
  'by-hand': 'changed by hand: it stays, and stops the rollout',
  later: 'changes once it can',
  new: 'gets its first file',
  changed: 'changes',
}

/** Brings a release to the chosen suites, after a look at what it would change where. */
export function RollOut({ suites, onClose }: Props) {
  return (
    <section className={css.rollOut} aria-label="Roll out">
      <Asking of={usePresets()}>
        {({ presets }) => {
          // The house's come first; nobody's is chosen only because of its name.
          const sorted = [...presets].sort((one, other) => rank(one) - rank(other))
          return releasesOf(sorted).length === 0 ? (
            <p>
              There is no release to bring yet. <Link to="/presets">Make a release</Link>.
            </p>
          ) : (
            <Form presets={sorted} suites={suites} onClose={onClose} />
          )
        }}
      </Asking>
    </section>
  )
}

const rank = ({ is_standard, audience }: Schema['Preset']): number => (is_standard ? 0 : audience === 'house' ? 1 : 2)

function Form({ presets, suites, onClose }: Props & { presets: Schema['Preset'][] }) {
  const keeps = useSession().data?.person?.keeps_suites === true
  const standard = presets.find(({ is_standard }) => is_standard)
  const [chosen, setChosen] = useState<number | null>(standard?.releases[0]?.id ?? null)
  const [first, setFirst] = useState('')
  const [when, setWhen] = useState<'now' | 'closed' | 'at'>('now')
  const [at, setAt] = useState('')
  const [yes, setYes] = useState(NO)
  const [overwrite, setOverwrite] = useState<Record<string, Record<string, string>>>({})
  const ids = suites.map(({ id }) => id)
  const dryRun = useDryRun(chosen, ids)
  const { send, isSending, error } = useRollOut(onClose)
  const problems = dryRun.data?.problems ?? []
  const isReady = chosen !== null && dryRun.data !== undefined && isAccepted(problems, yes) && (when !== 'at' || at !== '')
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        if (chosen === null) return
        send({
          ...yes,
          release: chosen,
          suites: ids,
          first: first !== '' && ids.includes(first) ? first : null,
          when: when === 'closed' ? 'closed' : 'now',
          at: when === 'at' ? new Date(at).toISOString() : null,
          overwrite,
        })
      }}
    >
      <p className={css.sentence}>
        {keeps ? 'Bring' : 'Propose to bring'}{' '}
        <select aria-label="Release" value={chosen ?? ''} onChange={(event) => setChosen(Number(event.target.value) || null)}>
          <option value="">a release</option>
          {presets.map((preset) => (
            <optgroup key={preset.id} label={preset.is_standard ? `${preset.name} (house standard)` : `${preset.name}, ${preset.owner}`}>
              {preset.releases.map((one) => (
                <option key={one.id} value={one.id}>
                  {preset.name} {one.number}: {one.note}
                </option>
              ))}
            </optgroup>
          ))}
        </select>{' '}
        to {suites.length === 1 ? suites[0]?.name : `${suites.length} suites`},{' '}
        <select aria-label="First suite" value={first} onChange={(event) => setFirst(event.target.value)}>
          <option value="">all at once</option>
          {suites.map(({ id, name }) => (
            <option key={id} value={id}>
              {name} first
            </option>
          ))}
        </select>
        ,{' '}
        <select aria-label="When" value={when} onChange={(event) => setWhen(event.target.value as typeof when)}>
          <option value="now">now</option>
          <option value="closed">when an application is next closed</option>
          <option value="at">at an hour</option>
        </select>{' '}
        {when === 'at' && <input type="datetime-local" aria-label="Hour" value={at} onChange={(event) => setAt(event.target.value)} />}
      </p>
      {chosen !== null && (
        <Asking of={dryRun}>
          {(data) => (
            <>
              <WouldChange data={data} overwrite={overwrite} onOverwrite={setOverwrite} />
              <Problems problems={data.problems} yes={yes} onChange={setYes} />
            </>
          )}
        </Asking>
      )}
      <ProblemNote error={error} />
      <p className={css.turns}>
        <Button type="submit" size="sm" disabled={!isReady || isSending}>
          {keeps ? 'Roll it out' : 'Propose it'}
        </Button>
        <button type="button" className="plain" onClick={onClose}>
          Leave it
        </button>
      </p>
    </form>
  )
}

interface WouldChangeProps {
  data: Schema['DryRun']
  overwrite: Record<string, Record<string, string>>
  onOverwrite: (overwrite: Record<string, Record<string, string>>) => void
}

function WouldChange({ data, overwrite, onOverwrite }: WouldChangeProps) {
  const allow = (suite: string, application: string, sha256: string | null) =>
    onOverwrite({
      ...overwrite,
      [suite]: Object.fromEntries(
        [...Object.entries(overwrite[suite] ?? {}).filter(([id]) => id !== application), [application, sha256]].filter(
          (entry): entry is [string, string] => entry[1] !== null,
        ),
      ),
    })
  const needs = ({ becomes }: Schema['DryRunFile']) => becomes === 'by-hand' || becomes === 'stopped'
  const sorted = [...data.suites].sort((one, other) => Number(other.applications.some(needs)) - Number(one.applications.some(needs)))
  const files = data.suites.flatMap(({ applications }) => applications)
  const sums = Object.entries(BECOMES)
    .map(([becomes, words]) => [files.filter((file) => file.becomes === becomes).length, words] as const)
    .filter(([count]) => count > 0)
  return (
    <div className={css.wouldChange}>
      {data.suites.length > 3 && (
        <p className="quiet">
          Of {counted(files.length, 'key file')}: {sums.map(([count, words]) => `${count} ${words}`).join('; ')}.
        </p>
      )}
      <table aria-label="What would change where">
        <thead>
          <tr>
            <th scope="col">Suite</th>
            <th scope="col">Application</th>
            <th scope="col">Has now</th>
            <th scope="col">What would happen</th>
          </tr>
        </thead>
        <tbody>
          {sorted.flatMap(({ suite, is_online, sits, applications }) =>
            applications.map((file, index) => {
              const isAllowed = overwrite[suite.id]?.[file.application.id] !== undefined
              return (
                <tr key={`${suite.id} ${file.application.id}`} data-becomes={file.becomes}>
                  <th scope="row">
                    {index === 0 && suite.name}
                    {index === 0 && !is_online && <small>offline</small>}
                    {index === 0 && sits !== null && <small>{sits} sits there</small>}
                  </th>
                  <td>{file.application.name}</td>
                  <td>{file.now === null ? (file.sha256 === null ? 'no file' : 'a file nobody gave') : releaseName(file.now)}</td>
                  <td>
                    {isAllowed ? 'is replaced; a copy stays' : BECOMES[file.becomes]}{' '}
                    {file.replaced.length > 0 && (
                      <details>
                        <summary>{file.replaced.length} chords replaced for the keyboard there</summary>
                        {file.replaced.join('; ')}
                      </details>
                    )}
                    {file.becomes === 'by-hand' && (
                      <button
                        type="button"
                        className="plain"
                        onClick={() => allow(suite.id, file.application.id, isAllowed ? null : file.sha256)}
                      >
                        {isAllowed ? 'let it stay' : 'replace it, keeping a copy'}
                      </button>
                    )}
                  </td>
                </tr>
              )
            }),
          )}
        </tbody>
      </table>
    </div>
  )
}
