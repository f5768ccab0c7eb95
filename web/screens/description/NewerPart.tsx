import { useState } from 'react'
import type { Schema } from '../../api/client'
import { counted } from '../../parts/counted'
import { ProblemNote } from '../../parts/ProblemNote'
import type { PartProps } from './DescriptionScreen'
import { useEarlierVersion, useTakeVersion, useVersionPreview } from './mutations'
import css from './description.module.css'

/** A newer key file against the one that is known: what it changes where, before anything does. */
export function NewerPart({ brought, window }: PartProps) {
  const [file, setFile] = useState<File | null>(null)
  const [renamed, setRenamed] = useState<Record<string, string>>({})
  const preview = useVersionPreview(brought.id, brought.version)
  const take = useTakeVersion(brought.id, brought.version, window, () => setFile(null))
  const back = useEarlierVersion(brought.id, brought.version, window)
  const look = (chosen: File, said: Record<string, string>) => {
    setFile(chosen)
    setRenamed(said)
    preview.send({ file: chosen, renamed: said })
  }
  return (
    <section aria-label="A newer version">
      <h2>A newer version has come</h2>
      {brought.has_earlier && (
        <p>
          A newer key file was taken in.{' '}
          <button className="btn btn-outline-secondary btn-sm" disabled={back.isSending} onClick={() => back.send()}>
            Back to the version before, keymaps too
          </button>
        </p>
      )}
      {brought.may_change && (
        <label>
          Its newer key file
          <input
            type="file"
            className="form-control"
            onChange={(event) => {
              const chosen = event.target.files?.[0]
              if (chosen !== undefined) look(chosen, {})
            }}
          />
        </label>
      )}
      {preview.error !== null && !preview.isSending && <ProblemNote error={preview.error} />}
      {back.error !== null && !back.isSending && <ProblemNote error={back.error} />}
      {file !== null && preview.made !== undefined && preview.error === null && (
        <>
          <Account made={preview.made} onUndo={(id) => look(file, { ...renamed, [id]: '' })} />
          <button className="btn btn-primary" disabled={take.isSending || preview.isSending} onClick={() => take.send({ file, renamed })}>
            Take it in
          </button>
          {take.error !== null && !take.isSending && <ProblemNote error={take.error} />}
        </>
      )}
    </section>
  )
}

function Account({ made, onUndo }: { made: Schema['NewerVersion']; onUndo: (id: string) => void }) {
  const { gone, new: fresh, renamed, stayed, chords_removed: removed, chords_added: added, keymaps, suites } = made
  return (
    <div className={css.account}>
      <p>
        {counted(stayed, 'command')} as before, {counted(renamed.length, 'command')} under a new name,{' '}
        {counted(fresh.length, 'new command')}, {counted(gone.length, 'command')} gone; {counted(removed.length, 'chord')} of the factory
        keymap gone, {counted(added.length, 'chord')} new.
      </p>
      {renamed.length > 0 && (
        <ul>
          {renamed.map(({ id, name, word }) => (
            <li key={id}>
              {name} is called <code>{word}</code> now.{' '}
              <button className="btn btn-outline-secondary btn-sm" onClick={() => onUndo(id)}>
                No, it is another command
              </button>
            </li>
          ))}
        </ul>
      )}
      {gone.length > 0 && <p>Gone: {gone.map(({ name }) => name).join(', ')}.</p>}
      {fresh.length > 0 && <p>New: {fresh.join(', ')}.</p>}
      <h3>What it does to keymaps</h3>
      {keymaps.length === 0 ? (
        <p>Nobody has a keymap of it yet.</p>
      ) : (
        <table className={css.commands}>
          <thead>
            <tr>
              <th scope="col">Keymap</th>
              <th scope="col">Bindings</th>
              <th scope="col">as before</th>
              <th scope="col">carried to the new name</th>
              <th scope="col">gone with their command</th>
            </tr>
          </thead>
          <tbody>
            {keymaps.map(({ id, name, of, all, stay, renamed: carried, gone: lost }) => (
              <tr key={id}>
                <th scope="row">
                  {name}, {of}
                </th>
                <td>{all}</td>
                <td>{stay}</td>
                <td>{carried}</td>
                <td>{lost}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <p>
        {suites.length === 0
          ? 'No suite has it.'
          : `Suites that have it: ${suites.join(', ')}. What they follow is fitted anew; nothing is installed by this.`}
      </p>
    </div>
  )
}
