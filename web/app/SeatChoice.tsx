import { createContext } from 'react'
import type { System } from '../seat/seat'

interface Choice { system: System; choose: (system: System) => void }

export const SeatChoice = createContext<Choice>({ system: 'linux', choose: () => undefined })
