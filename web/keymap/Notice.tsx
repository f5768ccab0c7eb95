import { useEffect, useState } from 'react'
import { useLocation } from 'react-router'
import type { Schema } from '../api/client'
import { ConsequenceList } from '../parts/ConsequenceList'
import { Disclosure } from '../parts/Disclosure'
import { ProblemNote } from '../parts/ProblemNote'
import css from './keymap.module.css'
import { useKeymap } from './queries'

export type NoticeText = { text: string; cameOfIt: Schema['Consequences'] | null; undo?: Schema['Keymap'] } | { error: Error }

const MILLISECONDS = 20_000

interface Props {
  notice: NoticeText | null
  onUndo: (keymap: Schema['Keymap']) => void
  onClose: () => void
}

/** Says what was just done, and offers to undo it. Leaves with the page and after a while, unless somebody is at it; what failed stays. */
export function Notice({ notice, onUndo, onClose }: Props) {
  const { pathname } = useLocation()
  const [isLookedAt, setLookedAt] = useState(false)
  const undo = notice !== null && 'undo' in notice ? notice.undo : undefined
  const leaves = notice !== null && !('error' in notice) && !isLookedAt
  useEffect(() => onClose, [pathname]) // eslint-disable-line react-hooks/exhaustive-deps -- only with the page
  useEffect(() => {
    if (!leaves) return undefined
    const timer = setTimeout(onClose, MILLISECONDS)
    return () => clearTimeout(timer)
  }, [leaves, notice]) // eslint-disable-line react-hooks/exhaustive-deps -- a new message has its own time
  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- it only waits while somebody is at it
    <div
      className={css.notice}
      role="status"
      onMouseEnter={() => setLookedAt(true)}
      onMouseLeave={() => setLookedAt(false)}
      onFocus={() => setLookedAt(true)}
      onBlur={() => setLookedAt(false)}
    >
      {notice !== null && (
        <div className={css.noticeBody}>
          {'error' in notice ? (
            <ProblemNote error={notice.error} />
          ) : (
            <div>
              <p>{notice.text}</p>
              {notice.cameOfIt !== null && <CameOfIt consequences={notice.cameOfIt} />}
            </div>
          )}
          {undo !== undefined && <UndoButton of={undo} onUndo={onUndo} />}
          <button type="button" className="plain" onClick={onClose}>
            Close<span className="visually-hidden"> this message</span>
          </button>
        </div>
      )}
    </div>
  )
}

/** What a step has settled, raised and made the hands relearn; opened where somebody wants to know. */
function CameOfIt({ consequences }: { consequences: Schema['Consequences'] }) {
  return <Disclosure summary="What came of it">{() => <ConsequenceList of={consequences} />}</Disclosure>
}

/** Gone as soon as the keymap is in another state than the message tells of. */
function UndoButton({ of, onUndo }: { of: Schema['Keymap']; onUndo: (keymap: Schema['Keymap']) => void }) {
  const { data } = useKeymap(of.application.id)
  const isPast = data !== undefined && (data.id !== of.id || data.version > of.version)
  if (of.undo === null || isPast) return null
  return (
    <button type="button" className="btn btn-sm btn-light" onClick={() => onUndo(of)}>
      Undo
    </button>
  )
}
