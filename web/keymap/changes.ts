import { createContext } from 'react'
import type { Schema } from '../api/client'

/** A change of bindings that somebody has decided on. */
export interface WantedChange {
  application: string
  title: string
  change: Schema['Change']
}

interface Changes {
  /** Asks for what is still missing (a name for the copy, a yes to a merge), makes the change and tells of it. */
  make: (wanted: WantedChange) => void
  isMaking: boolean
}

export const ChangeContext = createContext<Changes>({ make: () => undefined, isMaking: false })
