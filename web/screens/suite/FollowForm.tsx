import { useState } from 'react'
import { ProblemError, type Schema } from '../../api/client'
import { usePresets } from '../../api/presets'
import { Asking } from '../../parts/Asking'
import { isAccepted, NO, Problems } from '../../parts/Problems'
import { ProblemNote } from '../../parts/ProblemNote'
import { useFollow, useStopFollowing } from './mutations'
import css from './suite.module.css'

/** What a suite follows, and, for the keeper, what it should follow. */
export function FollowForm({ suite, mayKeep }: { suite: Schema['Suite']; mayKeep: boolean }) {
  const { follows } = suite
  return (
    <section aria-label="What it follows">
      <h2>What it follows</h2>
      <p>
        {follows === null ? (
          'Nothing: no file is given, and what is there stays.'
        ) : (
          <>
            <b>
              {follows.preset.name} {follows.release.number}
            </b>
            {follows.is_pinned ? ', and stays at it' : ', always the newest'}
            {follows.behind > 0 && ` (${follows.behind} newer ${follows.behind === 1 ? 'release' : 'releases'})`}
          </>
        )}
      </p>
      {mayKeep && <Choice suite={suite} />}
    </section>
  )
}

function Choice({ suite }: { suite: Schema['Suite'] }) {
  return <Asking of={usePresets()}>{({ presets }) => <Form suite={suite} presets={presets} />}</Asking>
}

function Form({ suite, presets }: { suite: Schema['Suite']; presets: Schema['Preset'][] }) {
  const [choice, setChoice] = useState('')
  const [yes, setYes] = useState(NO)
  const { send, isSending, error } = useFollow(suite.id, () => setChoice(''))
  const stop = useStopFollowing(suite.id)
  const problems = error instanceof ProblemError ? (error.problem.problems ?? []) : []
  const [preset = 0, release = 0] = choice.split(' ').map(Number)
  return (
    <form
      className={css.follow}
      onSubmit={(event) => {
        event.preventDefault()
        if (choice !== '') send({ ...yes, preset, release: release === 0 ? null : release })
      }}
    >
      <select
        className="form-select form-select-sm"
        aria-label={`What ${suite.name} should follow`}
        value={choice}
        onChange={(event) => setChoice(event.target.value)}
      >
        <option value="">something else …</option>
        {presets.map((one) => (
          <optgroup key={one.id} label={one.name}>
            <option value={`${one.id} 0`}>{one.name}, always the newest</option>
            {one.releases.map(({ id, number, note }) => (
              <option key={id} value={`${one.id} ${id}`}>
                {one.name} {number}: {note}
              </option>
            ))}
          </optgroup>
        ))}
      </select>
      <button
        type="submit"
        className="btn btn-sm btn-outline-secondary"
        disabled={choice === '' || isSending || !isAccepted(problems, yes)}
      >
        Follow it
      </button>
      {suite.follows !== null && (
        <button type="button" className="plain" disabled={stop.isSending} onClick={() => stop.send()}>
          follow nothing
        </button>
      )}
      {problems.length > 0 ? <Problems problems={problems} yes={yes} onChange={setYes} /> : <ProblemNote error={error} />}
      <ProblemNote error={stop.error} />
    </form>
  )
}
