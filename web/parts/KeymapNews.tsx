import type { Schema } from '../api/client'
import { ConsequenceList } from './ConsequenceList'
import { Keys } from './Keys'
import { MergeQuestions, type Answers } from './MergeQuestions'

interface Props {
  news: Schema['KeymapNews']
  answers: Answers
  onAnswer: (answers: Answers) => void
  /** What the other side is called. */
  theirs: string
}

/** What is new for one keymap, what it asks, and what would come of it. */
export function KeymapNews({ news, answers, onAnswer, theirs }: Props) {
  const { removed, added } = news.change
  return (
    <section aria-label={news.application.name}>
      <h2>
        {news.application.name} <small>into {news.version === 0 ? 'a keymap of your own' : news.keymap}</small>
      </h2>
      {removed.length + added.length === 0 ? (
        <p className="quiet">{news.questions.length === 0 ? 'No chord changes.' : 'Nothing changes but what is asked here.'}</p>
      ) : (
        <ul>
          {added.map((binding) => (
            <li key={binding.id}>
              <b>{binding.command.name}</b> gets <Keys chord={binding.chord} /> in {binding.context.name}
            </li>
          ))}
          {removed.map((binding) => (
            <li key={binding.id}>
              <b>{binding.command.name}</b> loses <Keys chord={binding.chord} /> in {binding.context.name}
            </li>
          ))}
        </ul>
      )}
      <MergeQuestions questions={news.questions} answers={answers} onAnswer={onAnswer} ours="mine" theirs={theirs} />
      <details>
        <summary>What would come of it</summary>
        <ConsequenceList of={news.consequences} />
      </details>
    </section>
  )
}
