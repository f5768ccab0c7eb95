import { memo, useMemo, useRef, type CSSProperties, type KeyboardEvent } from 'react'
import type { Schema } from '../api/client'
import { beginDrag, droppedOf, isOurs, type Dragged } from './dragging'
import { ContextMark } from './ContextMark'
import { longestLines, type KeyName } from './names'
import type { BoardKey, TableApplication, Use } from './table'
import { createStore, useStoredAs, type Store } from '../parts/store'
import css from './board.module.css'

/** What a key of the board shows and says in the layer that is held. */
export interface CapView {
  key: BoardKey
  use: Use | undefined
  names: KeyName[]
  /** The application, where the names are told apart by context. */
  marks: TableApplication | null
  legend: string
  isHeld: boolean
  /** What the key is pressed as in the layer that is shown; empty for a key that is only held. */
  press: string
  says: string
}

interface Props {
  board: Schema['Board']
  caps: CapView[]
  /** Width and height in mm of the part that is shown. */
  size: { width: number; height: number }
  isLarge: boolean
  /** The press that is looked at; none is where there is no such thing. */
  chosen?: Store<string> | undefined
  onChoose: (key: BoardKey) => void
  onLook: (key: BoardKey | null) => void
  /** The press that a key makes in the layer that is shown; null where keys cannot be dragged. */
  pressOf: ((key: BoardKey) => string) | null
  onDrop: (what: Dragged, onto: BoardKey) => void
}

const DIRECTIONS: Record<string, [x: number, y: number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }

/** How far in mm a neighbour may reach in beside a key: the lower half of an L-shaped one leaves room. */
const OVERLAP = 6

/** Where an arrow key leads from one key of the board: the nearest key in that direction. */
function neighbour(keys: BoardKey[], from: BoardKey, arrow: string): BoardKey | undefined {
  const middle = (key: BoardKey) => ({ x: key.left + key.width / 2, y: key.top + key.height / 2 })
  const start = middle(from)
  const [dx, dy] = DIRECTIONS[arrow] ?? [0, 0]
  const gap = (key: BoardKey) =>
    dx === 0
      ? dy > 0
        ? key.top - from.top - from.height
        : from.top - key.top - key.height
      : dx > 0
        ? key.left - from.left - from.width
        : from.left - key.left - key.width
  const cost = (key: BoardKey) => {
    const { x, y } = middle(key)
    const along = (x - start.x) * dx + (y - start.y) * dy
    const across = Math.abs((x - start.x) * dy) + Math.abs((y - start.y) * dx)
    // Sideways the row is kept; up and down the nearest row comes first.
    return gap(key) > -OVERLAP ? (dy === 0 ? along + 3 * across : 2 * along + across) : Infinity
  }
  const best = keys.reduce((one, other) => (cost(other) < cost(one) ? other : one))
  return cost(best) === Infinity ? undefined : best
}

const NONE = createStore('')

/** The key that Tab comes to; arrows move on from there. */
const FIRST = 'KeyS'

/** A board true to geometry. One key is in the tab order; arrows move over the others. */
export function Board({ board, caps, size, isLarge, chosen = NONE, onChoose, onLook, pressOf, onDrop }: Props) {
  const frame = useRef<HTMLDivElement>(null)
  const percent = (part: number, whole: number) => `${(100 * part) / whole}%`

  function move(event: KeyboardEvent<HTMLDivElement>) {
    const from = caps.find(({ key }) => key.key === (event.target as HTMLElement).dataset.key)?.key
    const next =
      from !== undefined && event.key.startsWith('Arrow')
        ? neighbour(
            caps.map(({ key }) => key),
            from,
            event.key,
          )
        : undefined
    if (next === undefined) return
    event.preventDefault()
    frame.current?.querySelector<HTMLButtonElement>(`[data-key="${next.key}"]`)?.focus()
  }

  return (
    // The keys inside are the controls; the frame only hears the arrows that come up from them.
    // eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions
    <div
      className={css.board}
      data-large={isLarge}
      lang="en"
      ref={frame}
      role="group"
      aria-label={`${board.name}; arrows move between keys`}
      style={{ aspectRatio: `${size.width} / ${size.height}` }}
      onKeyDown={move}
    >
      {caps.map(({ key, ...cap }) => (
        <Cap
          key={key.key}
          of={key}
          {...cap}
          chosen={chosen}
          onChoose={onChoose}
          onLook={onLook}
          pressOf={pressOf}
          onDrop={onDrop}
          left={percent(key.left, size.width)}
          top={percent(key.top, size.height)}
          width={percent(key.width, size.width)}
          height={percent(key.height, size.height)}
        />
      ))}
    </div>
  )
}

interface CapProps extends Omit<CapView, 'key'> {
  of: BoardKey
  left: string
  top: string
  width: string
  height: string
  chosen: Store<string>
  onChoose: (key: BoardKey) => void
  onLook: (key: BoardKey | null) => void
  pressOf: Props['pressOf']
  onDrop: Props['onDrop']
}

const Cap = memo(function Cap({
  of,
  use,
  names,
  marks,
  legend,
  isHeld,
  press,
  chosen,
  says,
  left,
  top,
  width,
  height,
  onChoose,
  onLook,
  pressOf,
  onDrop,
}: CapProps) {
  const isOnlyHeld = of.held !== null
  const isChosen = useStoredAs(chosen, (one) => one !== '' && one === press)
  const [, , altGr] = of.levels
  // An L-shaped key: the lower part is narrower than the upper.
  const shape =
    of.notch > 0
      ? `polygon(0 0, 100% 0, 100% 100%, ${(100 * of.notch) / of.width}% 100%, ${(100 * of.notch) / of.width}% 50%, 0 50%)`
      : undefined
  const fit = useMemo(() => fitting(names, legend, marks !== null), [names, legend, marks])
  return (
    <button
      type="button"
      data-key={of.key}
      data-use={isOnlyHeld ? 'modifier' : use}
      data-chosen={isChosen}
      data-named={names.length > 0}
      className={css.cap}
      tabIndex={of.key === FIRST ? 0 : -1}
      aria-pressed={isOnlyHeld ? isHeld : undefined}
      style={{ left, top, width, height, clipPath: shape, ...fit }}
      draggable={pressOf !== null && names.length > 0}
      onDragStart={(event) => pressOf !== null && beginDrag(event, { kind: 'key', press: pressOf(of) })}
      onDragOver={(event) => {
        if (pressOf !== null && !isOnlyHeld && isOurs(event)) event.preventDefault()
      }}
      onDrop={(event) => {
        const what = droppedOf(event)
        if (what === null) return
        event.preventDefault()
        onDrop(what, of)
      }}
      onClick={() => onChoose(of)}
      onFocus={() => onLook(of)}
      onMouseEnter={() => onLook(of)}
      onMouseLeave={() => onLook(null)}
    >
      <span className="visually-hidden">{says}</span>
      <span className={css.capLegend} aria-hidden="true">
        {legend}
      </span>
      {altGr != null && altGr.trim() !== '' && !isOnlyHeld && (
        <span className={css.capThird} aria-hidden="true">
          {altGr}
        </span>
      )}
      {names.length > 0 && (
        <span className={css.capNames} aria-hidden="true">
          {names.map(({ name, gesture, from, isInherited }) => (
            <span key={`${from} ${name}`} data-inherited={isInherited} data-gesture={gesture}>
              {marks !== null && <ContextMark application={marks} index={from} />}
              {unbroken(name)}
            </span>
          ))}
        </span>
      )}
    </button>
  )
})

/** A name that breaks between its words only: its hyphens hold. */
const unbroken = (name: string): string => name.replaceAll('-', '\u2011')

/** Room that a mark, or the bar for holding, takes in a line, in letters. */
const MARK = 3
const BAR = 1

/** How much has to go onto a key, for the style to choose the size of its letters by. */
function fitting(names: readonly KeyName[], legend: string, isMarked: boolean): CSSProperties {
  const lines = longestLines(names.map(({ name }) => name))
  const sign = (isMarked ? MARK : 0) + (names.some(({ gesture }) => gesture !== 'tap') ? BAR : 0)
  // Beside names the legend has one line.
  const longest = Math.max(1, ...(names.length > 0 ? [legend.length] : legend.split(' ').map((word) => word.length)))
  return {
    '--names': Math.max(1, names.length),
    '--legend': longest,
    ...Object.fromEntries(lines.map((length, index) => [`--line-${index + 1}`, length + sign])),
  } as CSSProperties
}
