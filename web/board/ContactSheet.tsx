import { memo } from 'react'
import type { Schema } from '../api/client'
import type { Table, TableApplication } from './table'
import css from './board.module.css'

interface Props {
  table: Table
  application: TableApplication
  context: number
  layer: string
  onLayer: (layer: string) => void
}

/** All layers at once, each key a dot: full, half (taken in other contexts), empty. */
export const ContactSheet = memo(function ContactSheet({ table, application, context, layer, onLayer }: Props) {
  return (
    <ol className={css.contactSheet} aria-label="All layers">
      {table.layers.map((one, number) => (
        <li key={one.id}>
          <button type="button" aria-pressed={one.id === layer} onClick={() => onLayer(one.id)}>
            <span className={css.thumbName}>
              <span aria-hidden="true">{one.caps.length === 0 ? 'plain' : one.caps.join(' ')}</span>
              <span className="visually-hidden">{one.spoken === '' ? 'Plain' : one.spoken}: </span>
              <span className={css.thumbFree}>{application.free[context]?.[number]} free</span>
            </span>
            <Thumbnail board={table.board} uses={application.uses[context]?.[number] ?? ''} />
          </button>
        </li>
      ))}
    </ol>
  )
})

/** Radius of a dot in mm. */
const DOT = 6.2

function dots(board: Schema['Board'], uses: string, wanted: string, shape: (x: number, y: number) => string): string {
  return board.keys
    .map((key, number) => (uses[number] === wanted ? shape(key.left + key.width / 2, key.top + key.height / 2) : ''))
    .join('')
}

const circle = (x: number, y: number) => `M${x - DOT} ${y}a${DOT} ${DOT} 0 1 0 ${2 * DOT} 0a${DOT} ${DOT} 0 1 0 ${-2 * DOT} 0`
const half = (x: number, y: number) => `M${x} ${y - DOT}a${DOT} ${DOT} 0 0 0 0 ${2 * DOT}z`

const Thumbnail = memo(function Thumbnail({ board, uses }: { board: Schema['Board']; uses: string }) {
  return (
    <svg viewBox={`-2 -2 ${board.width + 4} ${board.height + 4}`} aria-hidden="true">
      <path className={css.dotEmpty} d={dots(board, uses, '0', circle) + dots(board, uses, '1', circle)} />
      <path className={css.dotFull} d={dots(board, uses, '2', circle) + dots(board, uses, '1', half)} />
    </svg>
  )
})
