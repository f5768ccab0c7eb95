import { useEffect, useEffectEvent, useRef, useState } from 'react'
import { Link, useParams } from 'react-router'
import { Asking } from '../../parts/Asking'
import { ProblemNote } from '../../parts/ProblemNote'
import { ScreenHead } from '../../parts/ScreenHead'
import { useApplications } from '../../api/applications'
import { useSession } from '../../api/session'
import css from './key-file.module.css'
import { useBringIn } from './mutations'

/** Drop or choose a key file; the report on it follows. */
export function BringInScreen() {
  const { application = '' } = useParams()
  const session = useSession()
  const applications = useApplications()
  return (
    <Asking of={session}>
      {({ most_file_bytes: most }) => (
        <Asking of={applications}>
          {(data) => {
            const found = data.applications.find(({ id }) => id === application)
            return (
              <BringIn application={application} name={found?.name ?? application} fileName={found?.file_name ?? ''} mostBytes={most} />
            )
          }}
        </Asking>
      )}
    </Asking>
  )
}

interface Props {
  application: string
  name: string
  fileName: string
  mostBytes: number
}

function BringIn({ application, name, fileName, mostBytes }: Props) {
  const { send, isSending, error } = useBringIn(application, mostBytes)
  const [isOver, setOver] = useState(false)
  const [sent, setSent] = useState('')
  const chooser = useRef<HTMLInputElement>(null)

  function bringIn(file: File | undefined) {
    if (file === undefined) return
    setSent(file.name)
    send(file)
    if (chooser.current !== null) chooser.current.value = ''
  }

  // The whole page takes the file: nobody has to aim, and a miss does not make the browser open it.
  const onDrag = useEffectEvent((event: DragEvent) => {
    event.preventDefault()
    setOver(event.type === 'dragover')
    if (event.type === 'drop') bringIn(event.dataTransfer?.files[0])
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

  return (
    <>
      <ScreenHead title={`Bring in a key file of ${name}`} />
      <div className={css.drop} data-state={isSending ? 'reading' : isOver ? 'over' : 'rest'}>
        <p>
          {isSending ? (
            'Reading …'
          ) : (
            <>
              Drop the file anywhere on this page (it is usually called <code>{fileName}</code>), or choose it:
            </>
          )}
        </p>
        <input
          ref={chooser}
          type="file"
          aria-label={`Key file of ${name}`}
          className="form-control"
          disabled={isSending}
          onChange={(event) => bringIn(event.target.files?.[0])}
        />
        <p className="quiet">It is read without loss: what is not understood stays in it, and is written back as it was.</p>
      </div>
      {error !== null && !isSending && (
        <div>
          <h2>{sent} was not taken in</h2>
          <ProblemNote error={error} />
        </div>
      )}
      <p>
        <Link to={`/applications/${application}`}>Back to {name}</Link>
      </p>
    </>
  )
}
