import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { Empty } from '../../parts/Empty'
import { Keys } from '../../parts/Keys'
import { ProblemNote } from '../../parts/ProblemNote'
import { useLearnCards } from './mutations'
import { cardOf, duration, isThere, KINDS, remapFor } from './words'
import css from './learn.module.css'

/** Five at most, each with what it saves and why it is easy; and what was left out because it misleads. */
export function Lessons({ lessons, misleading }: { lessons: Schema['Lesson'][]; misleading: Schema['Lesson'][] }) {
  const { send, isSending, error } = useLearnCards()
  const most = Math.max(1, ...lessons.map(({ seconds_a_week: seconds }) => seconds))
  return (
    <>
      <ProblemNote error={error} />
      {lessons.length === 0 ? (
        <Empty>
          <strong>Nothing else is worth learning now.</strong> What you do by mouse and could do by key is being learned already, or
          misleads.
        </Empty>
      ) : (
        <ol className={css.lessons} aria-label="Proposals">
          {lessons.map((lesson) => (
            <LessonRow
              key={keyOf(lesson)}
              lesson={lesson}
              most={most}
              isSending={isSending}
              onLearn={() => send(lesson.savings.map(cardOf))}
            />
          ))}
        </ol>
      )}
      {misleading.length > 0 && (
        <details className={css.misleading}>
          <summary>Left out, because the chord does something else where you work too: {misleading.length}</summary>
          <ul>
            {misleading.map((lesson) => {
              const [first] = lesson.savings
              return first === undefined ? null : (
                <li key={keyOf(lesson)}>
                  <Keys chord={first.binding.chord} /> {first.command.name} in {first.application.name}, {duration(lesson.seconds_a_week)} a
                  week. <Link to="/across/false-friends">False friends</Link>
                </li>
              )
            })}
          </ul>
        </details>
      )}
    </>
  )
}

const keyOf = ({ savings }: Schema['Lesson']): string =>
  savings.map(({ application, command, kind }) => `${application.id} ${command.id} ${kind}`).join()

interface RowProps {
  lesson: Schema['Lesson']
  /** Seconds a week of the largest, which fills the bar. */
  most: number
  isSending: boolean
  onLearn: () => void
}

function LessonRow({ lesson, most, isSending, onLearn }: RowProps) {
  const [first] = lesson.savings
  if (first === undefined) return null
  const names = lesson.savings.map(({ application }) => application.name)
  return (
    <li>
      <Keys chord={first.binding.chord} />
      <div>
        <strong>{first.command.name}</strong> <span className="quiet">{[...new Set(names)].join(', ')}</span>
        <p className={css.reasons}>
          {KINDS[first.kind]}
          {lesson.reasons.map((reason) => `; ${reason}`)}
          {lesson.goes_with !== null && `; goes with ${lesson.goes_with}`}
        </p>
      </div>
      <div className={css.saves}>
        <span>{duration(lesson.seconds_a_week)} a week</span>
        <span className={css.bar} aria-hidden="true">
          <i style={{ width: `${(100 * lesson.seconds_a_week) / most}%` }} />
        </span>
      </div>
      {isThere(first) ? (
        <button type="button" className="btn btn-sm btn-outline-secondary" disabled={isSending} onClick={onLearn}>
          Learn it<span className="visually-hidden"> {first.command.name}</span>
        </button>
      ) : (
        <Link className="btn btn-sm btn-outline-secondary" to={remapFor(first)}>
          Give it this chord<span className="visually-hidden"> {first.command.name}</span>
        </Link>
      )}
    </li>
  )
}
