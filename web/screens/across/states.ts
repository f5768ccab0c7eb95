import type { Schema } from '../../api/client'

/** What the states of a stripe are called. */
export const STATES: Record<Schema['Stripe']['state'], string> = {
  broken: 'broken',
  partial: 'one side has no chord',
  differs: 'alike, but behaves differently',
  whole: 'alike',
  single: 'nothing to compare',
}
