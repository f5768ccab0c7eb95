import { use } from 'react'
import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { ChangeContext } from '../../keymap/changes'
import { useSaveKeymap } from '../../keymap/mutations'
import { KeymapState } from '../../keymap/KeymapState'
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
  const { goBack, isMaking } = use(ChangeContext)
  const save = useSaveKeymap()
  const { id, version } = keymap
  return (
    <div className={css.keymapLine}>
      <span>
        Keymap <strong>{keymap.name}</strong>
        {keymap.is_protected && ' (protected; your first change makes a copy)'}
        {keymap.follows !== null && `, follows ${keymap.follows}`}
      </span>
      <button type="button" className="plain" disabled={keymap.undo === null || isMaking} onClick={() => goBack(keymap, { do: 'undo' })}>
        Undo{keymap.undo !== null && `: ${keymap.undo}`}
      </button>
      <button type="button" className="plain" disabled={keymap.redo === null || isMaking} onClick={() => goBack(keymap, { do: 'redo' })}>
        Redo{keymap.redo !== null && `: ${keymap.redo}`}
      </button>
      {id !== null && keymap.saved_at !== null && (
        <span>
          {keymap.unsaved === 0 ? (
            `Saved ${when(keymap.saved_at)}.`
          ) : (
            <>
              <Link to={`/remap/${application}/changes`}>
                {keymap.unsaved === 1 ? 'One command' : `${keymap.unsaved} commands`} changed
              </Link>{' '}
              since the save {when(keymap.saved_at)}.{' '}
              <button type="button" className="plain" disabled={save.isSending} onClick={() => save.send({ keymap: id, version })}>
                Save<span className="visually-hidden"> {keymap.name}</span>
              </button>
            </>
          )}
        </span>
      )}
      <Link to={`/remap/${application}/bulk-edit`}>Bulk edit</Link>
      <ProblemNote error={save.error} />
      <KeymapState keymap={keymap} />
    </div>
  )
}
