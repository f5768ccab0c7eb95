import { useEffect, useEffectEvent, type ReactNode } from 'react'
import type { Schema } from '../../api/client'
import { useChords, useListening } from '../../listening/Listening'
import { Keys } from '../../parts/Keys'
import { ProblemNote } from '../../parts/ProblemNote'
import { StripPicture } from '../../parts/StripPicture'
import { AnswerBoard } from './AnswerBoard'
import { useAnswer } from './mutations'
import css from './learn.module.css'

interface Props {
  drill: Schema['Drill']
  question: Schema['DrillQuestion']
  /** What came of the answer before, where the eyes are still. */
  last: ReactNode
}

/** The question, and the two ways to answer it: real keys, and the drawn board for what the browser takes. */
export function Asked({ drill, question, last }: Props) {
  const { isListening, start, stop, startKey } = useListening()
  const { send, isSending, error } = useAnswer(drill.id)
  const answerWith = (chord: string | null, gesture: 'tap' | 'hold' = 'tap') => send({ question: question.id, chord, gesture })
  useChords(`for ${question.application.name}`, answerWith, { tellsHold: question.tells_hold })
  const begin = useEffectEvent(() => start())
  const end = useEffectEvent(() => stop())
  useEffect(() => {
    begin()
    return () => end()
  }, [])
  return (
    <section className={css.asked} aria-label="Question">
      <div aria-live="polite">
        <p className="quiet">
          {question.application.name}, with the focus in {question.context.name}
          {question.gesture === 'hold' && '; held down'}
        </p>
        <p className={css.wanted} data-kind={question.kind}>
          {question.text}
        </p>
        {question.old_chord !== null && (
          <p className="quiet">
            It was <Keys chord={question.old_chord} />.
          </p>
        )}
      </div>
      {question.picture !== null && (
        <div className={css.pictures}>
          <div>
            <h3>From this</h3>
            <StripPicture state={question.picture.before} />
          </div>
          <div>
            <h3>to this</h3>
            <StripPicture state={question.picture.after} />
          </div>
        </div>
      )}
      <ProblemNote error={error} />
      <p className={css.turns}>
        {isListening ? (
          <span>
            Press it. <span className="quiet">{startKey} stops listening; what your browser takes for itself is clicked below.</span>
          </span>
        ) : (
          <button type="button" className="btn btn-sm btn-primary" onClick={start}>
            Answer with keys ({startKey})
          </button>
        )}{' '}
        <button type="button" className="plain" disabled={isSending} onClick={() => answerWith(null)}>
          I do not know
        </button>
      </p>
      {last}
      <AnswerBoard onPress={(chord) => answerWith(chord, question.gesture)} />
    </section>
  )
}
