import type { Schema } from '../api/client'

/** Parts of answers that many screens show. */

export const chordOf = (id: string): Schema['Chord'] => ({ id, label: id, caps: id.split('+'), spoken: id, aria: id })

export const CUTLOOM = { id: 'cutloom', name: 'Cutloom' }
export const FADERLOFT = { id: 'faderloft', name: 'Faderloft' }

export const application = (named: { id: string; name: string }): Schema['Application'] =>
  ({ ...named, purpose: 'tests', is_desktop: false, contexts: [], tells_hold: false }) as unknown as Schema['Application']

export const APPLICATIONS = { applications: [application(CUTLOOM), application(FADERLOFT)] }

export const binding = (chord: string, command: string, context: string): Schema['Binding'] => ({
  id: `${context} ${chord} ${command} tap`,
  chord: chordOf(chord),
  command: { id: command, name: command, known: true },
  context: { id: context, name: context },
  gesture: 'tap',
})

export const NO_CONSEQUENCES: Schema['Consequences'] = { settled: [], raised: [], relearning: [], raises_fault: false }
