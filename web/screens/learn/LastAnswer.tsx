import type { Schema } from '../../api/client'
import { Ladder, rungsOf } from '../../board/Ladder'
import { Keys } from '../../parts/Keys'
import { StripPicture } from '../../parts/StripPicture'
import css from './learn.module.css'

/** What came of the answer before: what it did, or what was pressed instead and who got that. */
export function LastAnswer({ of: { question, command, is_right, pressed, right, ladder, did, state } }: { of: Schema['DrillAnswer'] }) {
  return (
    <section className={css.last} data-right={is_right} aria-label="The answer before" role="status">
      <p>
        <strong>{is_right ? 'Right:' : 'Missed:'}</strong> {command.name}{' '}
        <span className="quiet">
          {question.application.name}, {question.context.name}
        </span>{' '}
        {right === null ? (
          'has no chord any more'
        ) : (
          <>
            is {right.gesture === 'hold' && 'holding '}
            <Keys chord={right.chord} />
          </>
        )}
        .
      </p>
      {is_right && did !== null && <p>{did}</p>}
      {is_right && state !== null && <StripPicture state={state} />}
      {!is_right && pressed !== null && (
        <p>
          You pressed <Keys chord={pressed} />
          {ladder !== null && `. ${ladder.sentence}`}
        </p>
      )}
      {!is_right && pressed === null && <p>It comes again in a moment.</p>}
      {!is_right && ladder !== null && ladder.rungs.length > 0 && (
        <Ladder rungs={rungsOf(ladder)} title="Who got what you pressed" isCurrent />
      )}
    </section>
  )
}
