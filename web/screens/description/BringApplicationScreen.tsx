import { useEffect, useEffectEvent, useState, type SyntheticEvent } from 'react'
import { Link } from 'react-router'
import { useSession } from '../../api/session'
import { counted } from '../../parts/counted'
import { ProblemNote, Warning } from '../../parts/ProblemNote'
import { ScreenHead } from '../../parts/ScreenHead'
import { useBring, useFilePreview, useTakeIn } from './mutations'
import css from './description.module.css'

/** An application that nobody here has heard of: a key file of it begins its description. */
export function BringApplicationScreen() {
  return (
    <>
      <ScreenHead title="Bring an application" />
      <div className={css.bring}>
        <FromKeyFile />
        <FromSavedFile />
      </div>
      <p>
        <Link to="/applications">Back to the applications</Link>
      </p>
    </>
  )
}

function FromKeyFile() {
  const { send, isSending, error } = useBring()
  const [name, setName] = useState('')
  const [files, setFiles] = useState<File[]>([])
  const [isOver, setOver] = useState(false)
  const most = useSession().data?.most_file_bytes ?? 0
  const tooLarge = files.find(({ size }) => most > 0 && size > most)

  const onDrag = useEffectEvent((event: DragEvent) => {
    event.preventDefault()
    setOver(event.type === 'dragover')
    if (event.type === 'drop') setFiles([...(event.dataTransfer?.files ?? [])])
  })
  useEffect(() => {
    const listen = (event: DragEvent) => {
      onDrag(event)
    }
    const events = ['dragover', 'dragleave', 'drop'] as const
    for (const event of events) window.addEventListener(event, listen)
    return () => {
      for (const event of events) window.removeEventListener(event, listen)
    }
  }, [])

  function bring(event: SyntheticEvent) {
    event.preventDefault()
    if (files.length > 0 && name.trim() !== '' && tooLarge === undefined) send({ name: name.trim(), files })
  }

  return (
    <section aria-label="By a key file">
      <h2>By a key file</h2>
      <p>
        Bring the file in which the application stores its shortcuts, best one with its factory keys. How it is written is found out; you
        only say where that is wrong.
      </p>
      <form className={css.drop} data-state={isSending ? 'reading' : isOver ? 'over' : 'rest'} onSubmit={bring}>
        <label>
          What the application is called
          <input className="form-control" value={name} maxLength={80} required onChange={(event) => setName(event.target.value)} />
        </label>
        <label>
          Its key file, dropped anywhere on this page or chosen; a second one helps
          <input
            type="file"
            multiple
            className="form-control"
            onChange={(event) => setFiles([...(event.target.files ?? [])].slice(0, 5))}
          />
        </label>
        {files.length > 0 && <p className="quiet">{files.map((file) => file.name).join(', ')}</p>}
        {tooLarge !== undefined && (
          <Warning>
            {tooLarge.name} is larger than {most / 1e6} MB; that is no list of keys. Choose the key file.
          </Warning>
        )}
        <button className="btn btn-primary" disabled={isSending || files.length === 0 || name.trim() === '' || tooLarge !== undefined}>
          {isSending ? 'Reading …' : 'Read it'}
        </button>
      </form>
      {error !== null && !isSending && <ProblemNote error={error} />}
    </section>
  )
}

const SIGNERS = {
  'this-house': 'signed by this house',
  'another-house': 'signed by another house',
  nobody: 'signed by nobody',
  forged: 'with a signature that is not of it',
}

function FromSavedFile() {
  const preview = useFilePreview()
  const take = useTakeIn()
  const [file, setFile] = useState<File | null>(null)
  const { made } = preview
  return (
    <section aria-label="From another house">
      <h2>From another house</h2>
      <p>Somebody has described it already, and saved it as one file.</p>
      <label>
        The file of the application
        <input
          type="file"
          accept=".json"
          className="form-control"
          onChange={(event) => {
            const chosen = event.target.files?.[0] ?? null
            setFile(chosen)
            if (chosen !== null) preview.send(chosen)
          }}
        />
      </label>
      {preview.error !== null && !preview.isSending && <ProblemNote error={preview.error} />}
      {made !== undefined && file !== null && preview.error === null && (
        <div className={css.preview}>
          <p>
            <strong>{made.name}</strong>, {SIGNERS[made.signer]}, with {counted(made.commands, 'command')}.{' '}
            {made.is_new
              ? 'It is new here; nothing else changes.'
              : `It is here already: ${counted(made.commands_new, 'new command')}, ${counted(made.commands_gone, 'command')} gone${
                  made.changes_key_file ? ', another factory keymap' : ''
                }${made.changes_description ? ', another description of its key file' : ''}.`}
          </p>
          <button className="btn btn-primary btn-sm" disabled={take.isSending} onClick={() => take.send(file)}>
            Take it in
          </button>
        </div>
      )}
      {take.error !== null && !take.isSending && <ProblemNote error={take.error} />}
    </section>
  )
}
