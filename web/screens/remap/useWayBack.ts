import { use, useEffect, useRef } from 'react'
import type { Schema } from '../../api/client'
import { ChangeContext } from '../../keymap/changes'
import { useStable } from '../../parts/useStable'

/** Undo and redo by their keys. A way back that is asked for while a change is still on its way comes right after it. */
export function useWayBack(keymap: Schema['Keymap'] | undefined): (way: 'undo' | 'redo') => void {
  const { goBack, isMaking } = use(ChangeContext)
  const wanted = useRef<'undo' | 'redo' | null>(null)
  const goNow = useStable(() => {
    if (wanted.current === null || isMaking || keymap === undefined) return
    const way = wanted.current
    wanted.current = null
    if (keymap[way] !== null) goBack(keymap, { do: way })
  })
  useEffect(() => goNow(), [isMaking, keymap, goNow])
  return useStable((way: 'undo' | 'redo') => {
    wanted.current = way
    goNow()
  })
}
