import type { Schema } from '../../api/client'

export type Line = Schema['HarmonisedLine']
export type Verdict = 'accepted' | 'refused' | 'untouched' | 'fixed'

/** What was said of lines of the result that is shown, by {@link keyOf}. */
export type Said = Record<string, Verdict>

export const VERDICTS: [Verdict, string][] = [
  ['accepted', 'take it'],
  ['fixed', 'this chord everywhere'],
  ['refused', 'not this chord'],
  ['untouched', 'leave it as it is'],
]

export const keyOf = (line: Line) => `${line.application.id} ${line.command.id}`

type SaidBefore = Pick<Schema['HarmoniseRequest'], 'fixed' | 'untouched' | 'accepted' | 'refused'>

/** What an earlier search was told, and what was said of its lines. */
export function together(before: SaidBefore, lines: Line[], said: Said): SaidBefore {
  const those = (verdict: Verdict) => lines.filter((line) => said[keyOf(line)] === verdict)
  const commandOf = (line: Line) => ({ application: line.application.id, command: line.command.id })
  const chordOf = (line: Line) => ({ ...commandOf(line), chord: line.after?.id ?? null })
  return {
    fixed: {
      ...before.fixed,
      ...Object.fromEntries(those('fixed').flatMap((line) => (line.after === null ? [] : [[line.intent.id, line.after.id]]))),
    },
    untouched: [...before.untouched, ...those('untouched').map(commandOf)],
    accepted: [...before.accepted, ...those('accepted').map(chordOf)],
    refused: [...before.refused, ...those('refused').map(chordOf)],
  }
}
