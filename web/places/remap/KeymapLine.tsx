import { useState } from 'react'
import { Link } from 'react-router'
import { answer, api } from '../../api/client'
import { forgetKit, useKeymap } from '../../api/queries'
import { ProblemNote } from '../../parts/ProblemNote'
import { when } from '../../parts/when'
import { useSeat } from '../../seat/seat'

/** Which keymap is being changed, and the way back and forth through its history. */
export function KeymapLine({ application }: { application: string }) {
  const query = useSeat()
  const keymap = useKeymap(application).data
  const [error, setError] = useState<Error | null>(null)
  if (keymap === undefined) return null

  function step(way: 'undo' | 'redo') {
    if (keymap?.id == null) return
    const init = { params: { path: { keymap: keymap.id }, query }, body: { version: keymap.version } }
    answer(way === 'undo' ? api.POST('/keymaps/{keymap}/undo', init) : api.POST('/keymaps/{keymap}/redo', init))
      .then(() => { setError(null) }, (failure: unknown) => { setError(failure as Error) })
      .finally(() => void forgetKit())
  }

  function save() {
    if (keymap?.id == null) return
    answer(api.POST('/keymaps/{keymap}/saves', { params: { path: { keymap: keymap.id }, query }, body: { version: keymap.version } }))
      .then(() => { setError(null) }, (failure: unknown) => { setError(failure as Error) })
      .finally(() => void forgetKit())
  }

  return (
    <div className="keymap-line">
      <span>Keymap <strong>{keymap.name}</strong>{keymap.is_protected && ' (protected; your first change makes a copy)'}{keymap.follows !== null && `, follows ${keymap.follows}`}</span>
      <button type="button" className="plain" disabled={keymap.undo === null} onClick={() => { step('undo') }}>
        Undo{keymap.undo !== null && <span className="step-title">: {keymap.undo}</span>}
      </button>
      <button type="button" className="plain" disabled={keymap.redo === null} onClick={() => { step('redo') }}>
        Redo{keymap.redo !== null && <span className="step-title">: {keymap.redo}</span>}
      </button>
      {keymap.saved_at !== null && (
        <span>
          {keymap.unsaved === 0 ? `Saved ${when(keymap.saved_at)}.` : <><Link to={`/changes/${application}`}>{keymap.unsaved === 1 ? 'One command' : `${keymap.unsaved} commands`} changed</Link> since the save {when(keymap.saved_at)}. <button type="button" className="plain" onClick={save}>Save<span className="visually-hidden"> {keymap.name}</span></button></>}
        </span>
      )}
      <Link to={`/several/${application}`}>Several at once</Link>
      <ProblemNote error={error} />
    </div>
  )
}
