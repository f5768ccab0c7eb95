import { useId } from 'react'
import type { Schema } from '../api/client'
import { Keys } from './Keys'
import css from './MergeQuestions.module.css'

export type Side = Schema['MergeQuestion']['answers'][number]
export type Answers = Record<string, Side>

/** Whether somebody has said of each which side stays. */
export const isDecided = (questions: readonly Schema['MergeQuestion'][], answers: Answers): boolean =>
  questions.every(({ id }) => answers[id] !== undefined)

interface Props {
  questions: readonly Schema['MergeQuestion'][]
  answers: Answers
  onAnswer: (answers: Answers) => void
  /** What the two sides are called. */
  ours: string
  theirs: string
}

/** What a merge cannot decide: both sides of each, and which stays. */
export function MergeQuestions({ questions, answers, onAnswer, ours, theirs }: Props) {
  if (questions.length === 0) return null
  const names: Record<Side, string> = { ours, theirs, both: 'both' }
  return (
    <ol className={css.questions}>
      {questions.map((question) => (
        <Question
          key={question.id}
          question={question}
          names={names}
          answer={answers[question.id]}
          onAnswer={(side) => onAnswer({ ...answers, [question.id]: side })}
        />
      ))}
    </ol>
  )
}

interface QuestionProps {
  question: Schema['MergeQuestion']
  names: Record<Side, string>
  answer: Side | undefined
  onAnswer: (side: Side) => void
}

function Question({ question, names, answer, onAnswer }: QuestionProps) {
  const group = useId()
  const any = question.before[0] ?? question.ours[0] ?? question.theirs[0]
  return (
    <li>
      <fieldset>
        <legend>
          {question.kind === 'same-command' ? (
            <>
              Both sides moved <b>{any?.command.name}</b> ({any?.context.name})
            </>
          ) : (
            <>Both sides gave away one chord: fine alone, not together ({question.ours[0]?.context.name})</>
          )}
        </legend>
        {question.answers.map((side) => (
          <label key={side} data-chosen={answer === side}>
            <input type="radio" name={group} checked={answer === side} onChange={() => onAnswer(side)} />
            <b>{names[side]}</b> <Bindings of={side === 'both' ? [] : question[side]} isBoth={side === 'both'} kind={question.kind} />
          </label>
        ))}
      </fieldset>
    </li>
  )
}

function Bindings({ of, isBoth, kind }: { of: Schema['Binding'][]; isBoth: boolean; kind: Schema['MergeQuestion']['kind'] }) {
  if (isBoth) return <span className="quiet">and the clash is known</span>
  if (of.length === 0) return <span className="quiet">without a chord</span>
  return of.map((binding) => (
    <span key={binding.id}>
      <Keys chord={binding.chord} /> {kind === 'same-chord' && binding.command.name}
    </span>
  ))
}
