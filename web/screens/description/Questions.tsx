import { ProblemNote } from '../../parts/ProblemNote'
import type { PartProps } from './DescriptionScreen'
import { useDescribe, type DescriptionChange } from './mutations'
import css from './description.module.css'

interface Answer {
  is: boolean
  says: string
  /** From the first that is asked to the last; the first of them runs. */
  rungs: readonly [winner: string, beaten: string]
  change: DescriptionChange
}

/** Three questions, each answered by choosing the ladder that is right: press the chord in the application, and see which runs. */
export function Questions({ brought, window }: PartProps) {
  const { send, isSending, error } = useDescribe(brought.id, brought.version, window)
  const { in_two: inTwo, twice } = brought.contested
  const inner = inTwo?.context ?? brought.contexts.find(({ parent }) => parent !== undefined)?.name ?? 'a panel'
  const text = brought.contexts.filter(({ text_entry: takes }) => takes === true).map(({ name }) => name)
  const questions: readonly (readonly [string, readonly Answer[]])[] = [
    [
      `${inner} and Everywhere both have ${inTwo?.chord ?? 'a chord'}, and ${inner} has the focus: which one runs?`,
      [
        {
          is: brought.precedence === 'deeper-first',
          says: `The one of ${inner}`,
          rungs: [inner, 'Everywhere'],
          change: { precedence: 'deeper-first' },
        },
        {
          is: brought.precedence === 'everywhere-first',
          says: 'The one of Everywhere',
          rungs: ['Everywhere', inner],
          change: { precedence: 'everywhere-first' },
        },
      ],
    ],
    [
      twice === null
        ? 'A file gives a chord twice in one context: which line does the application obey?'
        : `Lines ${twice.lines.join(' and ')} both give ${twice.chord} in one context: which does the application obey?`,
      [
        {
          is: brought.loading === 'last-line-wins',
          says: 'The later line',
          rungs: ['later line', 'earlier line'],
          change: { loading: 'last-line-wins' },
        },
        {
          is: brought.loading === 'first-line-wins',
          says: 'The earlier line',
          rungs: ['earlier line', 'later line'],
          change: { loading: 'first-line-wins' },
        },
        {
          is: brought.loading === 'refuse-file',
          says: 'It refuses the whole file',
          rungs: ['neither', 'both lines'],
          change: { loading: 'refuse-file' },
        },
      ],
    ],
  ]
  return (
    <section aria-label="Who wins" aria-busy={isSending}>
      <h2>Who wins</h2>
      <p>Press the chord in the application once, and choose the ladder that is right.</p>
      {questions.map(([question, answers]) => (
        <fieldset key={question} className={css.question}>
          <legend>{question}</legend>
          {answers.map(({ is, says, rungs: [winner, beaten], change }) => (
            <label key={says} data-is={is}>
              <input type="radio" name={question} checked={is} disabled={isSending || !brought.may_change} onChange={() => send(change)} />
              <span className={css.rungs} aria-hidden>
                <span>{winner}</span>
                <span data-beaten="true">{beaten}</span>
              </span>
              {says}
            </label>
          ))}
        </fieldset>
      ))}
      <p>
        Does a letter that is a chord reach its command while one types?{' '}
        {text.length === 0
          ? 'Yes, everywhere: no context takes text. Tick “takes text” at one where it does not.'
          : `Not in ${text.join(', ')}: there it is typed. Everywhere else it runs.`}
      </p>
      {error !== null && !isSending && <ProblemNote error={error} />}
    </section>
  )
}
