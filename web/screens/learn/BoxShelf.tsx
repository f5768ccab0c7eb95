import type { Schema } from '../../api/client'
import { counted } from '../../parts/counted'
import css from './learn.module.css'

/** More strokes than this are not told apart; the number stands beside them. */
const MOST_STROKES = 24

/** The card box with its five compartments, as wide as their cards wait, and what has left it. */
export function BoxShelf({ boxes, learned }: { boxes: Schema['BoxCount'][]; learned: number }) {
  return (
    <ol className={css.shelf} aria-label="Card box">
      {boxes.map(({ box, days, cards }) => (
        <li key={box} style={{ flexGrow: days }}>
          <span aria-hidden="true">
            {Array.from({ length: Math.min(cards, MOST_STROKES) }, (_, index) => (
              <i key={index} />
            ))}
          </span>
          <small>
            <span className="visually-hidden">Box {box}: </span>
            {cards}
            <span className="visually-hidden"> {cards === 1 ? 'card' : 'cards'},</span>
            <span className="quiet"> {counted(days, 'day')}</span>
          </small>
        </li>
      ))}
      <li className={css.learned}>
        <span aria-hidden="true" />
        <small>{learned} learned</small>
      </li>
    </ol>
  )
}
