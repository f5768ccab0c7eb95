import { useState } from 'react'
import { Link } from 'react-router'
import { useApplicationNames } from '../../api/applications'
import type { Schema } from '../../api/client'
import { CopyForm } from '../../keymap/CopyForm'
import { cx } from '../../parts/cx'
import { ProblemNote } from '../../parts/ProblemNote'
import { useFollowPreset, useOpenKit } from './mutations'
import { Sharing } from './Sharing'
import css from './preset.module.css'

/** Releases that are shown before somebody asks for the earlier ones. */
const SHOWN = 3

interface Props {
  preset: Schema['Preset']
  people: Schema['NumberedName'][]
}

/** One preset with its releases, who sees it, and whether I follow it. */
export function Preset({ preset, people }: Props) {
  const [isAll, setAll] = useState(false)
  const shown = isAll ? preset.releases : preset.releases.slice(0, SHOWN)
  return (
    <section className={css.preset} aria-label={preset.name}>
      <h3>
        {preset.name} {preset.is_standard && <em>the house standard</em>}
        <small>{preset.is_mine ? 'mine' : preset.owner}</small>
      </h3>
      <p className={css.ways}>
        <Following preset={preset} />
        <Sharing preset={preset} people={people} />
      </p>
      <ol>
        {shown.map((release) => (
          <Release key={release.id} release={release} before={preset.releases[preset.releases.indexOf(release) + 1]} />
        ))}
      </ol>
      {preset.releases.length > shown.length && (
        <button type="button" className="plain" onClick={() => setAll(true)}>
          {preset.releases.length - shown.length} earlier
        </button>
      )}
    </section>
  )
}

function Following({ preset }: { preset: Schema['Preset'] }) {
  const { send, isSending, error } = useFollowPreset(preset.id)
  if (preset.releases.length === 0) return null
  return (
    <>
      {preset.has_news && (
        <Link to={`/presets/${preset.id}/news`} className={css.news}>
          {preset.is_followed ? 'something new here' : 'newer than my keys'}
        </Link>
      )}
      {!preset.may_follow ? null : preset.is_followed ? (
        <button type="button" className="plain" disabled={isSending} onClick={() => send(null)}>
          follow no more<span className="visually-hidden"> {preset.name}</span>
        </button>
      ) : (
        <>
          <button type="button" className="plain" disabled={isSending} onClick={() => send('now')}>
            follow from now on<span className="visually-hidden"> {preset.name}</span>
          </button>
          <button type="button" className="plain" disabled={isSending} onClick={() => send('beginning')}>
            follow, and take in all of it<span className="visually-hidden"> {preset.name}</span>
          </button>
        </>
      )}
      <ProblemNote error={error} />
    </>
  )
}

function Release({ release, before }: { release: Schema['Release']; before: Schema['Release'] | undefined }) {
  const nameOf = useApplicationNames()
  return (
    <li>
      <span className={css.releaseNumber}>{release.number}</span>
      <div>
        <p>
          <strong>{release.note}</strong>{' '}
          <span className="quiet">
            {release.author}, {new Date(release.created_at).toLocaleString()}
          </span>
        </p>
        <p className="quiet">
          {release.applications.map((one) => nameOf(one.id)).join(', ')}
          {release.fixed > 0 && ` · ${release.fixed} ${release.fixed === 1 ? 'chord' : 'chords'} fixed`} · digest{' '}
          <code title={release.digest}>{release.digest.slice(0, 16)}</code>
        </p>
        {release.reason !== null && (
          <details>
            <summary>
              {release.accepted.length} known {release.accepted.length === 1 ? 'problem' : 'problems'}: “{release.reason}”
            </summary>
            <ul>
              {release.accepted.map(({ id, sentence }) => (
                <li key={id}>{sentence}</li>
              ))}
            </ul>
          </details>
        )}
        <p className={css.ways}>
          <OpenRelease release={release} />
          <Link to={`/compare?before=${before === undefined ? 'factory' : `release%20${before.id}`}&after=release%20${release.id}`}>
            what it changed<span className="visually-hidden"> in release {release.number}</span>
          </Link>
          <Link to={`/compare?before=kit&after=release%20${release.id}`}>
            against my keys<span className="visually-hidden"> release {release.number}</span>
          </Link>
          <Link to={`/export?of=release%20${release.id}`}>
            list and files<span className="visually-hidden"> of release {release.number}</span>
          </Link>
          <a href={`/api/releases/${release.id}/archive`} download>
            signed archive<span className="visually-hidden"> of release {release.number}</span>
          </a>
        </p>
      </div>
    </li>
  )
}

/** Opens a release as all of one's keys, or one of its key files as a new keymap. */
function OpenRelease({ release }: { release: Schema['Release'] }) {
  const nameOf = useApplicationNames()
  const [what, setWhat] = useState('')
  const { send, isSending, error, made } = useOpenKit(release.id)
  return (
    <>
      <label>
        <span className="visually-hidden">
          Of release {release.number} of {release.preset}:{' '}
        </span>
        <select className={cx('form-select form-select-sm', css.open)} value={what} onChange={(event) => setWhat(event.target.value)}>
          <option value="">open …</option>
          <option value="kit">as all my keys</option>
          {release.applications.map((one) => (
            <option key={one.id} value={one.id}>
              {nameOf(one.id)} as a new keymap
            </option>
          ))}
        </select>
      </label>
      {what === 'kit' && (
        <span>
          {made === undefined ? (
            <button type="button" className="btn btn-sm btn-outline-secondary" disabled={isSending} onClick={() => send()}>
              Use its {release.applications.length} {release.applications.length === 1 ? 'keymap' : 'keymaps'} from now on
            </button>
          ) : (
            <span role="status">In use; what you had is still among your keymaps.</span>
          )}
          <ProblemNote error={error} />
        </span>
      )}
      {what !== '' && what !== 'kit' && (
        <CopyForm
          key={what}
          application={what}
          from={{ release: release.id }}
          called={`${release.preset} ${release.number}`}
          onDone={() => setWhat('')}
        />
      )}
    </>
  )
}
