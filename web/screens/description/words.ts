import type { Schema } from '../../api/client'

export type Mark = Schema['LineMark']['is']
export type Says = Schema['KeyFileCorrection']['says']

/** What a stretch of the file is, as it is said of it. */
export const MARKS: Record<Mark, string> = {
  command: 'what runs',
  chord: 'chord',
  held: 'modifiers',
  key: 'key',
  modifier: 'modifier',
  context: 'context',
  gesture: 'tap or hold',
  title: 'name for people',
}

/** What somebody can say of a place that they point at. */
export const ROLES: readonly (readonly [Says, string])[] = [
  ['command', 'what runs'],
  ['chord', 'the whole chord'],
  ['key', 'the key alone'],
  ['held', 'the modifiers alone'],
  ['context', 'the context'],
  ['title', 'its name for people'],
  ['gesture', 'whether it is tapped or held'],
  ['head', 'the head of a context'],
]

export const MODIFIERS = ['Primary', 'Control', 'Shift', 'Alt', 'AltGraph', 'Meta'] as const

export const MODIFIER_NAMES: Record<(typeof MODIFIERS)[number], string> = {
  Primary: 'the primary key (Command on macOS, Control elsewhere)',
  Control: 'Control',
  Shift: 'Shift',
  Alt: 'Alt or Option',
  AltGraph: 'AltGr',
  Meta: 'the system key',
}

export const STATES: Record<Schema['HouseApplicationBrief']['state'], string> = {
  draft: 'being described',
  proposed: 'proposed to the keeper',
  'in-use': 'in use',
  'put-away': 'put away',
}

export interface Token {
  /** What stands between it and the one before. */
  before: string
  from: number
  to: number
  text: string
  is: Mark | null
  means: string
}

const WORDS = /[\p{L}\p{N}_]+|[^\s\p{L}\p{N}_]/gu

/** A line cut into what can be pointed at: what was understood of it, and the words and signs between. */
export function tokens({ text, marks }: Pick<Schema['MarkedLine'], 'text' | 'marks'>): Token[] {
  const characters = Array.from(text)
  const found: Token[] = []
  const add = (token: Omit<Token, 'before'>) =>
    found.push({ ...token, before: characters.slice(found.at(-1)?.to ?? 0, token.from).join('') })
  const words = (from: number, to: number) => {
    const stretch = characters.slice(from, to).join('')
    for (const match of stretch.matchAll(WORDS)) {
      const start = from + Array.from(stretch.slice(0, match.index)).length
      add({ from: start, to: start + Array.from(match[0]).length, text: match[0], is: null, means: '' })
    }
  }
  let at = 0
  for (const mark of [...marks].sort((one, other) => one.from - other.from)) {
    if (mark.from < at) continue
    words(at, mark.from)
    add({ from: mark.from, to: mark.to, text: characters.slice(mark.from, mark.to).join(''), is: mark.is, means: mark.means })
    at = mark.to
  }
  words(at, characters.length)
  return found
}

const nameOf = (means: string): string =>
  MODIFIERS.some((one) => one === means) ? MODIFIER_NAMES[means as (typeof MODIFIERS)[number]] : means

/** A correction as a sentence. */
export function correctionSentence({ says, line, word, means }: Schema['KeyFileCorrection']): string {
  if (says === 'word') return `“${word ?? ''}” means ${nameOf(means ?? '')}.`
  const role = ROLES.find(([role]) => role === says)?.[1] ?? says
  return `“${word ?? ''}” in line ${line ?? 0} is ${role}; what stands at its place in other lines is, too.`
}
