import type { Schema } from '../api/client'
import { ProblemNote } from '../parts/ProblemNote'
import css from './keymap.module.css'

export type NoticeText = { text: string; undo?: Schema['Keymap'] } | { error: Error }

interface Props {
  notice: NoticeText | null
  onUndo: (keymap: Schema['Keymap']) => void
  onClose: () => void
}

/** Says what was just done, and offers to take it back. Stays until it is closed or the next one comes. */
export function Notice({ notice, onUndo, onClose }: Props) {
  const undo = notice !== null && 'undo' in notice ? notice.undo : undefined
  return (
    <div className={css.notice} role="status">
      {notice !== null && (
        <div className={css.noticeBody}>
          {'error' in notice ? <ProblemNote error={notice.error} /> : <p>{notice.text}</p>}
          {undo !== undefined && (
            <button type="button" className="btn btn-sm btn-light" onClick={() => onUndo(undo)}>
              Undo
            </button>
          )}
          <button type="button" className="plain" onClick={onClose}>
            Close<span className="visually-hidden"> this message</span>
          </button>
        </div>
      )}
    </div>
  )
}
