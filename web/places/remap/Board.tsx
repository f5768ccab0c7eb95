import { useRef, type KeyboardEvent } from 'react'
import type { Schema } from '../../api/client'

interface Props {
  board: Schema['Board']
  keys: Schema['LayerKey'][]
  held: string[]
  chosen: string
  onChoose: (key: Schema['LayerKey']) => void
  onLook: (key: Schema['LayerKey'] | null) => void
}

const DIRECTIONS: Record<string, [x: number, y: number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }

/** Where an arrow key leads from one key of the board: the nearest key in that direction. */
function neighbour(keys: Schema['LayerKey'][], from: Schema['LayerKey'], arrow: string): Schema['LayerKey'] | undefined {
  const middle = (key: Schema['LayerKey']) => ({ x: key.left + key.width / 2, y: key.top + key.height / 2 })
  const start = middle(from)
  const [dx, dy] = DIRECTIONS[arrow] ?? [0, 0]
  const cost = (key: Schema['LayerKey']) => {
    const { x, y } = middle(key)
    const along = (x - start.x) * dx + (y - start.y) * dy
    const across = Math.abs((x - start.x) * dy) + Math.abs((y - start.y) * dx)
    return along > 1 ? along + 3 * across : Infinity
  }
  const best = keys.reduce((one, other) => cost(other) < cost(one) ? other : one)
  return cost(best) === Infinity ? undefined : best
}

/** A board true to geometry. One key is in the tab order; arrows move over the others. */
export function Board({ board, keys, held, chosen, onChoose, onLook }: Props) {
  const frame = useRef<HTMLDivElement>(null)
  const percent = (part: number, whole: number) => `${(100 * part) / whole}%`

  function move(event: KeyboardEvent, key: Schema['LayerKey']) {
    const next = event.key.startsWith('Arrow') ? neighbour(keys, key, event.key) : undefined
    if (next === undefined) return
    event.preventDefault()
    frame.current?.querySelector<HTMLButtonElement>(`[data-key="${next.key}"]`)?.focus()
  }

  return (
    <div className="board" ref={frame} role="group" aria-label={`${board.name}; arrows move between keys`} style={{ aspectRatio: `${board.width} / ${board.height}` }}>
      {keys.map((key) => {
        const isHeld = key.modifier !== null && held.includes(key.modifier)
        return (
          <button
            key={key.key} type="button" data-key={key.key} data-use={key.modifier === null ? key.use : 'modifier'} data-chosen={key.chord !== null && key.chord.id === chosen}
            className="cap" tabIndex={key.key === 'KeyS' ? 0 : -1} aria-pressed={key.modifier === null ? undefined : isHeld}
            style={{ left: percent(key.left, board.width), top: percent(key.top, board.height), width: percent(key.width, board.width), height: percent(key.height, board.height) }}
            onClick={() => { onChoose(key) }} onFocus={() => { onLook(key) }} onMouseEnter={() => { onLook(key) }} onMouseLeave={() => { onLook(null) }} onKeyDown={(event) => { move(event, key) }}
          >
            <span className="visually-hidden">{describe(key)}</span>
            <span className="cap-legend" aria-hidden="true">{key.legend}</span>
            {key.winner !== null && <span className="cap-command" aria-hidden="true">{key.winner.command.name}</span>}
            {key.modifier === null && <i className="dot" data-use={key.use} />}
          </button>
        )
      })}
    </div>
  )
}

function describe(key: Schema['LayerKey']): string {
  if (key.modifier !== null) return `Hold ${key.legend}`
  const name = key.chord?.spoken ?? key.legend
  if (key.winner !== null) return `${name}: ${key.winner.command.name}`
  return key.use === 'free' ? `${name}: free` : `${name}: taken in other contexts`
}
