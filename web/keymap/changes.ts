import { createContext, type ReactNode } from 'react'
import type { Schema } from '../api/client'

/** A change of bindings that somebody has decided on. */
export interface WantedChange {
  application: string
  title: string
  change: Schema['Change']
  /** Told once it is made, whatever had to be asked before. */
  onMade?: () => void
}

/** A step back or forth in the history of a keymap. */
export type WayBack = { do: 'undo' } | { do: 'redo' } | { do: 'revert'; to: 'saved' | 'factory'; context?: string; command?: string }

interface Changes {
  /** Asks for what is still missing (a name for the copy, a yes to a merge or a fault), makes the change and tells of it. */
  make: (wanted: WantedChange) => void
  /** Asks where a clash would come of it. */
  goBack: (keymap: Schema['Keymap'], way: WayBack) => void
  isMaking: boolean
  /** What was done last, for the frame to show beside the screens. */
  notice: ReactNode
}

export const ChangeContext = createContext<Changes>({ make: () => undefined, goBack: () => undefined, isMaking: false, notice: null })
