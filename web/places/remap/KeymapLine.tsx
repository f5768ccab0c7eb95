import { useState } from 'react'
import { answer, api } from '../../api/client'
import { forgetKit, useKeymap } from '../../api/queries'
import { ProblemNote } from '../../parts/ProblemNote'
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

  return (
    <div className="keymap-line">
      <span>Keymap <strong>{keymap.name}</strong>{keymap.is_protected && ' (protected; your first change makes a copy)'}{keymap.follows !== null && `, follows ${keymap.follows}`}</span>
      <button type="button" className="plain" disabled={keymap.undo === null} onClick={() => { step('undo') }}>
        Undo{keymap.undo !== null && <span className="step-title">: {keymap.undo}</span>}
      </button>
      <button type="button" className="plain" disabled={keymap.redo === null} onClick={() => { step('redo') }}>
        Redo{keymap.redo !== null && <span className="step-title">: {keymap.redo}</span>}
      </button>
      <ProblemNote error={error} />
    </div>
  )
}
