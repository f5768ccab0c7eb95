import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { Link } from 'react-router'
import { useApplicationNames } from '../../api/applications'
import type { Schema } from '../../api/client'
import { counted } from '../../parts/counted'
import { RefusedKeymaps } from '../../keymap/RefusedKeymaps'
import { ScreenHead } from '../../parts/ScreenHead'
import { OpenRelease } from './OpenRelease'
import { useSaveRelease } from './mutations'
import { usePresets } from './queries'
import { Asking } from '../../parts/Asking'
import { ProblemNote } from '../../parts/ProblemNote'
import css from './preset.module.css'
import { Empty } from '../../parts/Empty'

/** Saved releases, and saving the next one. */
export function PresetScreen() {
  const presets = usePresets()
  return (
    <>
      <ScreenHead title="Presets" />
      <RefusedKeymaps />
      <Asking of={presets}>
        {(data) => (
          <div className={css.presets}>
            <SaveForm data={data} />
            <div>
              {data.presets.length === 0 ? (
                <Empty>
                  <strong>There is no preset yet.</strong> A preset is your keys as they are now, under a name and a number; a release never
                  changes.
                </Empty>
              ) : (
                data.presets.map((preset) => <Preset key={preset.id} preset={preset} />)
              )}
            </div>
          </div>
        )}
      </Asking>
    </>
  )
}

function SaveForm({ data }: { data: Schema['Presets'] }) {
  const own = data.presets.filter((preset) => preset.may_release)
  const [target, setTarget] = useState<number | 'new'>(own[0]?.id ?? 'new')
  const [name, setName] = useState('')
  const [note, setNote] = useState('')
  const [saved, setSaved] = useState<Schema['Release'] | null>(null)
  const isEmpty = data.unsaved_applications.length === 0
  const { send, isSending, error } = useSaveRelease((release) => {
    setSaved(release)
    setNote('')
    setName('')
  })
  const save = () => {
    setSaved(null)
    send({ to: target === 'new' ? { name: name.trim() } : target, note: note.trim() })
  }

  return (
    <Form
      className={css.saveForm}
      onSubmit={(event) => {
        event.preventDefault()
        save()
      }}
    >
      <h2>A new release</h2>
      {isEmpty && (
        <p>
          All your keys are as they came. <Link to="/remap">Remap something</Link> or <Link to="/applications">bring a key file in</Link>
          first.
        </p>
      )}
      <Form.Label htmlFor="save-target">As</Form.Label>
      <Form.Select
        id="save-target"
        value={target}
        onChange={(event) => setTarget(event.target.value === 'new' ? 'new' : Number(event.target.value))}
      >
        {own.map((preset) => (
          <option key={preset.id} value={preset.id}>
            {preset.name}, release {(preset.releases[0]?.number ?? 0) + 1}
          </option>
        ))}
        <option value="new">a new preset</option>
      </Form.Select>
      {target === 'new' && (
        <>
          <Form.Label htmlFor="save-name">Name of the preset</Form.Label>
          <Form.Control id="save-name" required maxLength={60} value={name} onChange={(event) => setName(event.target.value)} />
        </>
      )}
      <Form.Label htmlFor="save-note">What is this release for?</Form.Label>
      <Form.Control id="save-note" required maxLength={200} value={note} onChange={(event) => setNote(event.target.value)} />
      <ProblemNote error={error} />
      <Button type="submit" disabled={isEmpty || isSending}>
        {isSending ? 'One moment …' : 'Make the release'}
      </Button>
      <p role="status">
        {saved !== null && (
          <>
            Made {saved.preset}, release {saved.number}. <Link to="/suites">Hand it over to a suite</Link>.
          </>
        )}
      </p>
    </Form>
  )
}

function Preset({ preset }: { preset: Schema['Preset'] }) {
  const nameOf = useApplicationNames()
  return (
    <section className={css.preset} aria-label={preset.name}>
      <h2>
        {preset.name} <small>{preset.kit}</small>
      </h2>
      <ol>
        {preset.releases.map((release) => (
          <li key={release.id}>
            <span className={css.releaseNumber}>{release.number}</span>
            <div>
              <p>
                <strong>{release.note}</strong>
              </p>
              <p className="quiet">
                {release.author}, {new Date(release.created_at).toLocaleString()} ·{' '}
                {release.applications.map((one) => `${nameOf(one.id)} (${counted(one.bindings, 'binding')})`).join(', ')}{' '}
                <OpenRelease release={release} />{' '}
                <Link to={`/export?of=release%20${release.id}`}>
                  list and files<span className="visually-hidden"> of release {release.number}</span>
                </Link>
              </p>
              <p className="quiet">
                digest <code title={release.digest}>{release.digest.slice(0, 16)}</code>
              </p>
            </div>
          </li>
        ))}
      </ol>
    </section>
  )
}
