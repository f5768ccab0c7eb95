import type { Schema } from '../../api/client'
import { Disclosure } from '../../parts/Disclosure'
import table from '../../parts/table.module.css'
import css from './learn.module.css'

export type Measure = 'presses' | 'travel'

interface Props {
  board: Schema['Board']
  map: Schema['HeatMap']
  /** What fills a key: the most of any, over all boards that are shown beside each other. */
  scale: number
  measure: Measure
  title: string
}

const WORDS: Record<Measure, string> = { presses: 'presses', travel: 'm' }

/** Every key filled from below as far as it is used, with the number: it reads in grey, and on paper. */
export function HeatBoard({ board, map, scale, measure, title }: Props) {
  const of = new Map(map.keys.map((key) => [key.key, measure === 'travel' ? key.travel_m : key.presses]))
  const sum = measure === 'travel' ? map.travel_m : map.presses
  const told = (amount: number) => (measure === 'travel' && amount < 10 ? amount.toFixed(1) : Math.round(amount).toLocaleString())
  const named = new Map(board.keys.map((key) => [key.key, key.name]))
  const rows = [...of].sort((one, other) => other[1] - one[1])
  return (
    <figure className={css.heat}>
      <figcaption>
        {title}: {told(sum)} {WORDS[measure]} a week
      </figcaption>
      <svg viewBox={`0 0 ${board.width} ${board.height}`} role="img" aria-label={`${title}, as a map; the table below says the same`}>
        {board.keys.map((key) => {
          const amount = of.get(key.key) ?? 0
          const full = scale === 0 ? 0 : amount / scale
          const height = key.height - 1.6
          return (
            <g key={key.key}>
              <rect className={css.heatKey} x={key.left + 0.8} y={key.top + 0.8} width={key.width - 1.6} height={height} rx={1.4} />
              {amount > 0 && (
                <rect
                  className={css.heatFill}
                  x={key.left + 0.8}
                  y={key.top + 0.8 + height * (1 - full)}
                  width={key.width - 1.6}
                  height={height * full}
                />
              )}
              <text className={css.heatName} x={key.left + 2} y={key.top + 5}>
                {key.name.length > 5 ? '' : key.name}
              </text>
              {amount > 0 && (
                <text className={css.heatNumber} x={key.left + key.width / 2} y={key.top + key.height - 4.5}>
                  {told(amount)}
                </text>
              )}
            </g>
          )
        })}
      </svg>
      <Disclosure className={css.asTable} summary={`As a table: ${rows.length} keys`}>
        {() => (
          <table className={table.findings}>
            <caption className="visually-hidden">{title}</caption>
            <thead>
              <tr>
                <th scope="col">Key</th>
                <th scope="col">{measure === 'travel' ? 'Metres a week' : 'Presses a week'}</th>
              </tr>
            </thead>
            <tbody>
              {rows.map(([key, amount]) => (
                <tr key={key}>
                  <td>{named.get(key) ?? key}</td>
                  <td className={css.number}>{told(amount)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </Disclosure>
    </figure>
  )
}
