import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { Link } from 'react-router'
import { ProblemError, type Schema } from '../../api/client'
import { Asking } from '../../parts/Asking'
import { isAccepted, NO, Problems } from '../../parts/Problems'
import { ProblemNote } from '../../parts/ProblemNote'
import { FixedChords, type Fixed } from './FixedChords'
import { useSaveRelease } from './mutations'
import { useReleaseDraft } from './queries'
import css from './preset.module.css'

/** Makes the next release of a preset, or the first of a new one, after a look at what is wrong with it. */
export function ReleaseForm({ data }: { data: Schema['Presets'] }) {
  const own = data.presets.filter((preset) => preset.may_release)
  // Nobody's preset is chosen only because of its name: one's own if there is just one, else it is to be said.
  const [target, setTarget] = useState<string>(own.length === 1 ? String(own[0]?.id) : own.length === 0 ? 'new' : '')
  const [name, setName] = useState('')
  const [note, setNote] = useState('')
  const [yes, setYes] = useState(NO)
  const [fixed, setFixed] = useState<Fixed | undefined>()
  const [made, setMade] = useState<Schema['Release'] | null>(null)
  const isEmpty = data.unsaved_applications.length === 0
  const preset = target === 'new' || target === '' ? null : Number(target)
  const draft = useReleaseDraft(preset, !isEmpty && target !== '')
  const { send, isSending, error } = useSaveRelease((release) => {
    setMade(release)
    setNote('')
    setName('')
    setYes(NO)
    setFixed(undefined)
    setTarget(String(data.presets.find(({ id }) => id === preset)?.id ?? ''))
  })
  const refused = error instanceof ProblemError ? error.problem : null
  const problems = refused?.problems ?? draft.data?.problems ?? []
  const isReady = !isEmpty && draft.data?.same_as === null && isAccepted(problems, yes)
  return (
    <Form
      className={css.saveForm}
      onSubmit={(event) => {
        event.preventDefault()
        setMade(null)
        send({
          ...yes,
          to: preset ?? { name: name.trim() },
          note: note.trim(),
          ...(fixed === undefined ? {} : { fixed }),
        })
      }}
    >
      <h2>A new release of my keys</h2>
      {isEmpty && (
        <p>
          All your keys are as they came. First <Link to="/remap">remap something</Link> or{' '}
          <Link to="/applications">bring a key file in</Link>.
        </p>
      )}
      <Form.Label htmlFor="save-target">As</Form.Label>
      <Form.Select id="save-target" value={target} required onChange={(event) => setTarget(event.target.value)}>
        {own.length > 1 && <option value="">which preset?</option>}
        {own.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}, release {(one.releases[0]?.number ?? 0) + 1}
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
      <Asking of={draft}>
        {(looked) => (
          <>
            {looked.same_as !== null && <p className="quiet">Release {looked.same_as} says the same as your keys now.</p>}
            {looked.followers.length > 0 && (
              <p>
                {looked.followers.join(', ')} {looked.followers.length === 1 ? 'gets' : 'get'} it at once.
              </p>
            )}
            {looked.may_fix && <FixedChords draft={looked} fixed={fixed} onChange={setFixed} />}
            {looked.same_as === null && <Problems problems={problems} yes={yes} onChange={setYes} />}
          </>
        )}
      </Asking>
      {refused?.problems === undefined && <ProblemNote error={error} />}
      {refused?.kind === 'stale-preset' && refused.preset !== undefined && (
        <p>
          <Link to={`/presets/${refused.preset}/news`}>Take in what is new there</Link>
        </p>
      )}
      <Button type="submit" disabled={!(isReady || fixed !== undefined) || isSending || !isAccepted(problems, yes)}>
        {isSending ? 'One moment …' : 'Make the release'}
      </Button>
      <p role="status">
        {made !== null && (
          <>
            Made {made.preset}, release {made.number}. <Link to="/suites">Bring it to suites</Link>.
          </>
        )}
      </p>
    </Form>
  )
}
