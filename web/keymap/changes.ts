import { createContext, use } from 'react'
import type { Schema } from '../api/client'

/** A change of bindings that somebody has decided on. */
export interface WantedChange {
  application: string
  title: string
  change: Schema['Change']
}

/** Asks for what is still missing (a name for the copy, a yes to a merge), makes the change and tells of it. */
export type MakeChange = (wanted: WantedChange) => void

export const ChangeContext = createContext<MakeChange>(() => undefined)

export const useMakeChange = (): MakeChange => use(ChangeContext)
