import type { RungView } from '../../board/table'

/** The address of Remap on one command, in one context. */
export const toRemap = (application: string, command: string, context: string): string =>
  `/remap/${application}?command=${encodeURIComponent(command)}&context=${encodeURIComponent(context)}`

/** The address of Remap on one chord, in one context: what it runs there, or who may have it. */
export const toChord = (application: string, chord: string, context: string): string =>
  `/remap/${application}?chord=${encodeURIComponent(chord)}&context=${encodeURIComponent(context)}`

/** Where a rung leads: to its command, in its context. The desktop's titles are remapped as the desktop's. */
export function rungLeadsTo(application: string, { commandId, contextId }: RungView): string | null {
  if (commandId === null) return null
  return contextId === 'desktop' ? toRemap('desktop', commandId, application) : toRemap(application, commandId, contextId)
}
