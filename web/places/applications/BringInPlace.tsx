import { useEffect, useEffectEvent, useRef, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { answer, api, ProblemError } from '../../api/client'
import { useApplications } from '../../api/queries'
import { ProblemNote } from '../../parts/ProblemNote'
import { useSeat } from '../../seat/seat'

/** The server reads up to this much; a larger file is not sent at all. Bytes. */
const MOST_BYTES = 8_000_000

/** Drop or choose a key file; the report on it follows. */
export function BringInPlace() {
  const { application = '' } = useParams()
  const query = useSeat()
  const navigate = useNavigate()
  const one = useApplications().data?.applications.find(({ id }) => id === application)
  const [state, setState] = useState<{ at: 'rest' | 'over' | 'reading' } | { at: 'refused'; name: string; error: Error }>({ at: 'rest' })
  const chooser = useRef<HTMLInputElement>(null)

  async function bringIn(file: File | undefined) {
    if (file === undefined) return
    setState({ at: 'reading' })
    try {
      if (file.size > MOST_BYTES) throw tooLarge(file)
      const body = new FormData()
      body.append('file', file)
      const report = await answer(api.POST('/applications/{application}/key-files', {
        params: { path: { application }, query }, body: { file: '' }, bodySerializer: () => body,
      }))
      await navigate(`/applications/${application}/key-files/${report.id}`)
    } catch (error) {
      setState({ at: 'refused', name: file.name, error: error as Error })
      if (chooser.current !== null) chooser.current.value = ''
    }
  }

  // The whole page takes the file: nobody has to aim, and a miss does not make the browser open it.
  const onDrag = useEffectEvent((event: DragEvent) => {
    event.preventDefault()
    if (event.type === 'drop') void bringIn(event.dataTransfer?.files[0])
    else setState({ at: event.type === 'dragover' ? 'over' : 'rest' })
  })
  useEffect(() => {
    const listen = (event: DragEvent) => { onDrag(event) }
    const events = ['dragover', 'dragleave', 'drop'] as const
    for (const name of events) window.addEventListener(name, listen)
    return () => { for (const name of events) window.removeEventListener(name, listen) }
  }, [])

  return (
    <>
      <div className="place-head"><h1>Bring in a key file of {one?.name ?? application}</h1></div>
      <div className="drop" data-state={state.at}>
        <p>{state.at === 'reading' ? 'Reading …' : <>Drop the file anywhere on this page (it is usually called <code>{one?.file_name}</code>), or choose it:</>}</p>
        <input ref={chooser} type="file" aria-label={`Key file of ${one?.name ?? application}`} className="form-control" disabled={state.at === 'reading'} onChange={(event) => void bringIn(event.target.files?.[0])} />
        <p className="quiet">It is read without loss: what is not understood stays in it, and is written back as it was.</p>
      </div>
      {state.at === 'refused' && (
        <div>
          <h2>{state.name} was not taken in</h2>
          <ProblemNote error={state.error} />
        </div>
      )}
      <p><Link to={`/applications/${application}`}>Back to {one?.name ?? 'the application'}</Link></p>
    </>
  )
}

function tooLarge(file: File): ProblemError {
  return new ProblemError({
    type: 'about:blank', title: 'Too large', status: 413, kind: 'too-large', place: null, fields: {},
    detail: `The file has ${(file.size / 1e6).toFixed(1)} MB; key files of up to ${MOST_BYTES / 1e6} MB are read.`,
    remedy: 'Choose the key file of the application. Nothing was taken in.',
  })
}
