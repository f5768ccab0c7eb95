import type { Schema } from '../api/client'

export type Table = Schema['Table']
export type TableApplication = Schema['TableApplication']
export type BoardKey = Schema['BoardKey']
export type Use = 'taken' | 'taken-elsewhere' | 'free'

/** One rung of a ladder as it is shown. */
export interface RungView {
  context: string
  contextId: string
  command: string | null
  commandId: string | null
  verdict: Schema['Rung']['verdict']
  reason: string
}

/** A ladder as it is shown. */
export interface LadderView {
  rungs: RungView[]
  winner: { name: string; id: string; context: string; contextIndex: number } | null
}

/** The order in which held modifiers stand in a press; the server writes them so. */
const ORDER = ['Control', 'Alt', 'AltGraph', 'Shift', 'Meta']

/** The layer of some held modifiers, as the table names it. */
export const layerId = (held: readonly string[]): string => ORDER.filter((one) => held.includes(one)).join('+')

/** A press as the table names it. */
export const pressId = (layer: string, key: string): string => (layer === '' ? key : `${layer}+${key}`)

export function splitPress(press: string): { layer: string; key: string } {
  const parts = press.split('+')
  return { key: parts.pop() ?? '', layer: layerId(parts) }
}

/** The press that a key of the board makes in a layer; while Fn is held some keys are others. */
export const pressOf = (layer: string, key: BoardKey, isFn: boolean): string =>
  pressId(layer, isFn && key.with_fn !== null ? key.with_fn.key : key.key)

/** The index of a context in its application's lists; that of Everywhere where it is not named or not known. */
export const contextIndex = (application: TableApplication, context: string): number =>
  Math.max(
    0,
    application.contexts.findIndex(({ id }) => id === context),
  )

/** The index that stands for all contexts together; nobody wins there, since nobody is asked. */
export const allContexts = (application: TableApplication): number => application.contexts.length

/** Views of ladders that were looked up before: most presses share a few, and what is the same is not drawn again. */
const views = new WeakMap<TableApplication, LadderView[]>()

const NOBODY: LadderView = { rungs: [], winner: null }

/** Who gets a press with the focus in one context: looked up, as the server has worked it out. */
export function ladderOf(application: TableApplication, press: string, index: number): LadderView {
  const ladder = application.presses[press]?.[index] ?? application.idle[index]
  if (ladder === undefined) return NOBODY
  const known = views.get(application) ?? []
  views.set(application, known)
  return (known[ladder] ??= viewOf(application, application.ladders[ladder] ?? []))
}

/** Who gets a press that is held down; null where that runs what a tap does, or nothing. */
export function holdOf(application: TableApplication, press: string, index: number): LadderView | null {
  const ladder = application.holds[press]?.[index]
  return ladder === undefined ? null : viewOf(application, application.ladders[ladder] ?? [])
}

function viewOf(application: TableApplication, ladder: number[]): LadderView {
  const rungs = ladder.flatMap((number) => {
    const rung = application.rungs[number]
    if (rung === undefined) return []
    const command = application.commands[rung.command]
    return [
      {
        context: application.contexts[rung.context]?.name ?? 'Desktop',
        contextId: application.contexts[rung.context]?.id ?? 'desktop',
        contextIndex: rung.context,
        command: command?.name ?? null,
        commandId: command?.id ?? null,
        verdict: rung.verdict,
        reason: application.reasons[rung.reason] ?? '',
      },
    ]
  })
  const winner = rungs.find(({ verdict }) => verdict === 'wins')
  return {
    rungs,
    winner:
      winner === undefined
        ? null
        : { name: winner.command ?? '', id: winner.commandId ?? '', context: winner.context, contextIndex: winner.contextIndex },
  }
}

/** What a press does with the focus in other contexts than one, each command once. */
export function elsewhereOf(application: TableApplication, press: string, index: number): string[] {
  const others = application.contexts.flatMap((_, other) => {
    const winner = other === index ? null : ladderOf(application, press, other).winner
    return winner === null ? [] : [`${winner.name} (${winner.context})`]
  })
  return [...new Set(others)]
}

const USES: Record<string, Use> = { 2: 'taken', 1: 'taken-elsewhere', 0: 'free' }

/** How far a press is taken that no key of the board makes by itself. */
export function useOf(application: TableApplication, press: string, index: number): Use {
  if (ladderOf(application, press, index).winner !== null) return 'taken'
  return application.presses[press] === undefined ? 'free' : 'taken-elsewhere'
}

/** How far each key of one layer is taken, in the order of the board; undefined for keys that are only held. */
export const usesOf = (application: TableApplication, index: number, layer: number): (Use | undefined)[] =>
  (application.uses[index]?.[layer] ?? '').split('').map((digit) => USES[digit])
