import type { Schema } from '../../api/client'
import { Disclosure } from '../../parts/Disclosure'
import { duration } from './words'
import table from '../../parts/table.module.css'
import css from './learn.module.css'

/** In units of the drawing. */
const WIDTH = 960
const HEIGHT = 200
const FOOT = 26
const HEAD = 22

/** A bar a week: what was done by key is solid, by mouse hatched; above it the seconds that were saved. */
export function WeeksChart({ weeks }: { weeks: Schema['LearningWeek'][] }) {
  const most = Math.max(1, ...weeks.map(({ by_key: key, by_mouse: mouse }) => key + mouse))
  const step = WIDTH / Math.max(weeks.length, 8)
  const tall = (uses: number) => ((HEIGHT - FOOT - HEAD) * uses) / most
  // Every so many weeks have room for their date.
  const every = Math.ceil(70 / step)
  const date = (monday: string) => new Date(`${monday}T12:00:00`).toLocaleDateString([], { day: 'numeric', month: 'short' })
  const saved = weeks.reduce((sum, week) => sum + week.saved_seconds, 0)
  return (
    <figure className={css.weeks}>
      <figcaption>
        <span>
          <i className={css.byKey} aria-hidden="true" /> by key
        </span>
        <span>
          <i className={css.byMouse} aria-hidden="true" /> by mouse
        </span>
        <span>{duration(saved)} saved so far, measured by what is no longer done by mouse</span>
      </figcaption>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={`Uses by key and by mouse over ${weeks.length} weeks; the table below says the same`}
      >
        <defs>
          <pattern id="mouse-hatch" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <path className={css.hatch} d="M0 0v5" />
          </pattern>
        </defs>
        {weeks.map((week, index) => {
          const base = HEIGHT - FOOT
          const left = index * step + step * 0.12
          const width = step * 0.76
          return (
            <g key={week.monday}>
              <rect className={css.keyBar} x={left} y={base - tall(week.by_key)} width={width} height={tall(week.by_key)} />
              <rect
                className={css.mouseBar}
                fill="url(#mouse-hatch)"
                x={left}
                y={base - tall(week.by_key + week.by_mouse)}
                width={width}
                height={tall(week.by_mouse)}
              />
              {week.saved_seconds > 0 && index % every === 0 && (
                <text x={left + width / 2} y={base - tall(week.by_key + week.by_mouse) - 6}>
                  {duration(week.saved_seconds)}
                </text>
              )}
              {index % every === 0 && (
                <text x={left + width / 2} y={HEIGHT - 8}>
                  {date(week.monday)}
                </text>
              )}
            </g>
          )
        })}
        <path className={css.axis} d={`M0 ${HEIGHT - FOOT}H${WIDTH}`} />
      </svg>
      <Disclosure className={css.asTable} summary={`As a table: ${weeks.length} weeks`}>
        {() => (
          <table className={table.findings}>
            <caption className="visually-hidden">Week by week</caption>
            <thead>
              <tr>
                <th scope="col">Week of</th>
                <th scope="col">By key</th>
                <th scope="col">By mouse</th>
                <th scope="col">Saved</th>
              </tr>
            </thead>
            <tbody>
              {weeks.map((week) => (
                <tr key={week.monday}>
                  <td>{week.monday}</td>
                  <td className={css.number}>{week.by_key.toLocaleString()}</td>
                  <td className={css.number}>{week.by_mouse.toLocaleString()}</td>
                  <td className={css.number}>{duration(week.saved_seconds)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </Disclosure>
    </figure>
  )
}
