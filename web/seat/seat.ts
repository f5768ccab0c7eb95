import { createContext, useContext } from 'react'

export type System = 'macos' | 'windows' | 'linux'

/** What a request says about the keyboard that somebody sits at. */
export interface Seat { system: System }

export const SYSTEMS: Record<System, string> = { macos: 'macOS', windows: 'Windows', linux: 'Linux' }

const STORED = 'system'

export function detectedSystem(): System {
  const stored = localStorage.getItem(STORED)
  if (stored !== null && stored in SYSTEMS) return stored as System
  const told = navigator.userAgent
  if (told.includes('Mac')) return 'macos'
  return told.includes('Win') ? 'windows' : 'linux'
}

export function storeSystem(system: System): void {
  localStorage.setItem(STORED, system)
}

export const SeatContext = createContext<Seat>({ system: 'linux' })

export const useSeat = (): Seat => useContext(SeatContext)
