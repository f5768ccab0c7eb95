import { useState } from 'react'
import type { Schema } from '../../api/client'
import { counted } from '../../parts/counted'
import { ProblemNote } from '../../parts/ProblemNote'
import { useArchive } from './mutations'
import css from './preset.module.css'

const SIGNERS: Record<Schema['ArchiveReport']['signer'], string> = {
  'this-house': 'Signed by this house.',
  'another-house': 'Signed by another house',
  nobody: 'Signed by nobody: whoever made it cannot be told.',
  forged: 'The signature is not of this archive. Something in it was changed after it was signed.',
}

/** Takes in a release that was carried here as a file, after a look at who signed it and what is different here. */
export function ArchiveForm() {
  const [file, setFile] = useState<File | null>(null)
  const [name, setName] = useState('')
  const { send, isSending, error, made } = useArchive()
  return (
    <details className={css.archive}>
      <summary>From a signed archive</summary>
      <label>
        <span className="visually-hidden">Archive of a release</span>
        <input
          type="file"
          accept=".zip,application/zip"
          disabled={isSending}
          onChange={(event) => {
            const chosen = event.target.files?.[0] ?? null
            setFile(chosen)
            if (chosen !== null) send({ file: chosen, name: null })
          }}
        />
      </label>
      {made !== undefined && file !== null && error === null && (
        <>
          <p role="status" data-signer={made.signer}>
            <b>
              {SIGNERS[made.signer]}
              {made.signer === 'another-house' && ` (${made.house ?? 'without a name'}).`}
            </b>{' '}
            {made.public_key !== null && made.signer !== 'this-house' && (
              <code title={made.public_key}>{made.public_key.slice(0, 16)}</code>
            )}
          </p>
          <p>
            {made.preset ?? 'Without a name'} {made.number}, {made.author}: {made.note}
          </p>
          <ul>
            {made.applications.map(({ application, bindings, different }) => (
              <li key={application.id}>
                {application.name}: {counted(bindings, 'binding')},{' '}
                {different === 0 ? 'the same as here' : `${counted(different, 'command')} otherwise here`}
              </li>
            ))}
            {made.not_read.map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
            {made.foreign.length > 0 && <li>Not known here, and stays with it: {made.foreign.join(', ')}</li>}
          </ul>
          {made.release === null && made.signer !== 'forged' && (
            <form
              onSubmit={(event) => {
                event.preventDefault()
                send({ file, name: name.trim() })
              }}
            >
              <label>
                Take it in as
                <input
                  className="form-control form-control-sm"
                  required
                  maxLength={60}
                  value={name}
                  onChange={(event) => setName(event.target.value)}
                />
              </label>
              <button type="submit" className="btn btn-sm btn-outline-secondary" disabled={isSending}>
                A preset of mine
              </button>
            </form>
          )}
          {made.release !== null && <p role="status">It is a preset of yours now.</p>}
        </>
      )}
      <ProblemNote error={error} />
    </details>
  )
}
