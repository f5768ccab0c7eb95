import { createContext, use } from 'react'
import type { Schema } from '../api/client'

export type System = Schema['System']

/** The keyboard that somebody sits at, as requests name it. */
export interface Seat {
  system: System
  board: string
  layout: string
}

/** A seat, and the suite whose keyboard it is; null where it was put together by hand. */
export interface ChosenSeat {
  seat: Seat
  suite: { id: string; name: string } | null
}

export const SYSTEMS: Record<System, string> = { macos: 'macOS', windows: 'Windows', linux: 'Linux' }

const STORED = 'seat'

export function detectedSystem(): System {
  const told = navigator.userAgent
  if (told.includes('Mac')) return 'macos'
  return told.includes('Win') ? 'windows' : 'linux'
}

/** What was chosen last on this machine; else a common board on the system that the browser tells. */
export function storedSeat(): ChosenSeat {
  const fallback: ChosenSeat = { seat: { system: detectedSystem(), board: 'full-ansi', layout: 'us' }, suite: null }
  try {
    const stored = JSON.parse(localStorage.getItem(STORED) ?? 'null') as Partial<ChosenSeat> | null
    return { seat: { ...fallback.seat, ...stored?.seat }, suite: stored?.suite ?? null }
  } catch {
    return fallback
  }
}

export const hasStoredSeat = (): boolean => localStorage.getItem(STORED) !== null

export function storeSeat(chosen: ChosenSeat): void {
  localStorage.setItem(STORED, JSON.stringify(chosen))
}

interface SeatChoice extends ChosenSeat {
  choose: (next: ChosenSeat) => void
}

export const SeatContext = createContext<SeatChoice>({
  seat: { system: 'linux', board: 'full-ansi', layout: 'us' },
  suite: null,
  choose: () => undefined,
})

export const useSeat = (): Seat => use(SeatContext).seat
