import type { Schema } from '../../api/client'

/** Seconds as people say them: "45 s", "12 min", "1 h 20 min". */
export function duration(seconds: number): string {
  const whole = Math.round(seconds)
  if (whole < 60) return `${whole} s`
  if (whole < 600) return whole % 60 === 0 ? `${whole / 60} min` : `${Math.floor(whole / 60)} min ${whole % 60} s`
  if (whole < 3600) return `${Math.round(whole / 60)} min`
  const minutes = Math.round((whole % 3600) / 60)
  return minutes === 0 ? `${Math.floor(whole / 3600)} h` : `${Math.floor(whole / 3600)} h ${minutes} min`
}

/** What is slow about a way, as the end of "Now: …". */
export const KINDS: Record<Schema['Saving']['kind'], string> = {
  'by-mouse': 'by mouse, though it has a chord',
  'hard-chord': 'by a chord that is far from the hand',
  'no-chord': 'by mouse: it has no chord here',
}

/** Where a saving leads that needs another chord first. */
export function remapFor({ application, command, binding }: Schema['Saving']): string {
  const wanted = { command: command.id, context: binding.context.id, chord: binding.chord.id }
  return `/remap/${application.id}?${new URLSearchParams(wanted).toString()}`
}

/** What is learned of a saving. */
export const cardOf = ({ application, command, binding }: Schema['Saving']): Schema['WantedCard'] => ({
  application: application.id,
  command: command.id,
  context: binding.context.id,
  gesture: binding.gesture,
})

/** Whether a chord is there already and can be learned as it is. */
export const isThere = ({ kind }: Schema['Saving']): boolean => kind === 'by-mouse'
