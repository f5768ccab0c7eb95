import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { useHistoryStep } from '../../keymap/mutations'
import { useKeymap } from '../../keymap/queries'
import { Asking } from '../../parts/Asking'
import { ProblemNote } from '../../parts/ProblemNote'
import { when } from '../../parts/when'
import css from './remap.module.css'

/** Which keymap is being changed, and the way back and forth through its history. */
export function KeymapLine({ application }: { application: string }) {
  return <Asking of={useKeymap(application)}>{(keymap) => <Line application={application} keymap={keymap} />}</Asking>
}

function Line({ application, keymap }: { application: string; keymap: Schema['Keymap'] }) {
  const history = useHistoryStep()
  const { id, version } = keymap
  const take = (step: 'undo' | 'redo' | 'save') => {
    if (id !== null) history.send({ keymap: id, version, step })
  }
  return (
    <div className={css.keymapLine}>
      <span>
        Keymap <strong>{keymap.name}</strong>
        {keymap.is_protected && ' (protected; your first change makes a copy)'}
        {keymap.follows !== null && `, follows ${keymap.follows}`}
      </span>
      <button type="button" className="plain" disabled={keymap.undo === null || history.isSending} onClick={() => take('undo')}>
        Undo{keymap.undo !== null && `: ${keymap.undo}`}
      </button>
      <button type="button" className="plain" disabled={keymap.redo === null || history.isSending} onClick={() => take('redo')}>
        Redo{keymap.redo !== null && `: ${keymap.redo}`}
      </button>
      {keymap.saved_at !== null && (
        <span>
          {keymap.unsaved === 0 ? (
            `Saved ${when(keymap.saved_at)}.`
          ) : (
            <>
              <Link to={`/remap/${application}/changes`}>
                {keymap.unsaved === 1 ? 'One command' : `${keymap.unsaved} commands`} changed
              </Link>{' '}
              since the save {when(keymap.saved_at)}.{' '}
              <button type="button" className="plain" disabled={history.isSending} onClick={() => take('save')}>
                Save<span className="visually-hidden"> {keymap.name}</span>
              </button>
            </>
          )}
        </span>
      )}
      <Link to={`/remap/${application}/bulk-edit`}>Bulk edit</Link>
      <ProblemNote error={history.error} />
    </div>
  )
}
