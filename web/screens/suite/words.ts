import type { Schema } from '../../api/client'
import { when } from '../../parts/when'

export type Standing = Schema['SuiteFile']['standing']
export type Step = Schema['RolloutSuite']['step']

export const STANDINGS: Record<Standing, string> = {
  'in-step': 'in step',
  refused: 'there, and not taken',
  behind: 'behind',
  'on-its-way': 'on its way',
  'held-back': 'held back',
  stopped: 'stopped by a fault',
  'changed-by-hand': 'changed by hand',
  left: 'its own, on purpose',
  'nobody-gave': 'a file nobody gave',
  'no-file': 'nothing given',
}

export const STEPS: Record<Step, string> = {
  waiting: 'waits its turn',
  'under-way': 'on its way',
  done: 'has it',
  faulty: 'stopped',
  out: 'out',
}

export const ROLLOUT_STATES: Record<Schema['Rollout']['state'], string> = {
  proposed: 'proposed',
  planned: 'planned',
  running: 'on its way',
  paused: 'paused',
  stopped: 'stopped at a fault',
  done: 'done',
  cancelled: 'cancelled',
  'gone-back': 'gone back on',
}

export const release = (label: Schema['GivenRelease'] | null): string => (label === null ? '' : `${label.preset} ${label.number}`)

/** The standing of a file in words. What is not online is only known as it was when it was last seen. */
export function standingInWords(file: Schema['SuiteFile'], isOnline: boolean): string {
  const word = STANDINGS[file.standing]
  return file.standing === 'in-step' && !isOnline ? `${word} when last seen` : word
}

/** What a suite lacks, in a few words; empty for nothing. */
export function lacks(suite: Schema['Suite']): string {
  const open = suite.files.filter((file) => !file.is_settled)
  if (suite.follows === null && open.length === 0) return 'follows nothing'
  return open.map((file) => `${file.application.name}: ${file.held ?? STANDINGS[file.standing]}`).join(', ')
}

export const needsSomebody = (suite: Schema['Suite']): boolean =>
  suite.second_agent_at !== null || suite.files.some((file) => file.needs_somebody)

export function presence(suite: Schema['Suite']): string {
  if (suite.is_online) return 'online'
  return suite.seen_at === null ? 'never seen' : `offline since ${when(suite.seen_at)}`
}

export const until = (moment: string | null): string => (moment === null ? 'until they leave' : `until ${clock(moment)}`)

/** An hour today, or the day with it. */
export function clock(moment: string): string {
  const then = new Date(moment)
  const hour = then.toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })
  return then.toDateString() === new Date().toDateString() ? hour : `${then.toLocaleDateString()}, ${hour}`
}
