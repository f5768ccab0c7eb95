import { useState } from 'react'
import { Link, useParams } from 'react-router'
import type { Schema } from '../../api/client'
import { Asking } from '../../parts/Asking'
import { Empty } from '../../parts/Empty'
import { KeymapNews } from '../../parts/KeymapNews'
import { isDecided, type Answers } from '../../parts/MergeQuestions'
import { ProblemNote } from '../../parts/ProblemNote'
import { ScreenHead } from '../../parts/ScreenHead'
import { useTakeNews } from './mutations'
import { useNews } from './queries'
import css from './preset.module.css'

/** What is new in a preset that I follow, or have to take in before I make its next release. */
export function NewsScreen() {
  const preset = Number(useParams().preset)
  const [answers, setAnswers] = useState<Answers>({})
  return (
    <>
      <ScreenHead title="What is new">
        <p>
          <Link to="/presets">All presets</Link>
        </p>
      </ScreenHead>
      <Asking of={useNews(preset, answers)}>
        {(news) => <News preset={preset} news={news} answers={answers} onAnswer={setAnswers} />}
      </Asking>
    </>
  )
}

interface Props {
  preset: number
  news: Schema['News']
  answers: Answers
  onAnswer: (answers: Answers) => void
}

function News({ preset, news, answers, onAnswer }: Props) {
  const { send, isSending, error, made } = useTakeNews(preset, () => onAnswer({}))
  const title = `${news.preset} ${news.number}`
  const open = news.applications.flatMap(({ questions }) => questions).filter(({ id }) => answers[id] === undefined)
  if (made !== undefined || news.applications.length === 0) {
    return (
      <>
        <Empty>
          {made !== undefined ? `What is new in ${title} is in your keys. ` : `Your keys have all that is new in ${title}. `}
          <Link to="/remap">See your keys</Link> or <Link to="/presets">make a release of them</Link>.
        </Empty>
        {made === undefined && (
          <p>
            <button
              type="button"
              className="plain"
              disabled={isSending}
              onClick={() => send({ up_to: news.up_to, answers: {}, versions: {} })}
            >
              Mark {title} as taken in
            </button>
          </p>
        )}
        <ProblemNote error={error} />
      </>
    )
  }
  return (
    <div className={css.newsPage}>
      <p>
        <b>{title}</b>: {news.note} <span className="quiet">({news.author})</span>. Your own changes stay; where both sides changed the
        same, you choose.
      </p>
      {news.applications.map((one) => (
        <KeymapNews key={one.application.id} news={one} answers={answers} onAnswer={onAnswer} theirs={title} />
      ))}
      <p className={css.ways}>
        <button
          type="button"
          className="btn btn-sm btn-primary"
          disabled={isSending || !news.applications.every(({ questions }) => isDecided(questions, answers))}
          onClick={() =>
            send({
              up_to: news.up_to,
              answers,
              versions: Object.fromEntries(news.applications.map(({ application, version }) => [application.id, version])),
            })
          }
        >
          Take it in
        </button>
        {open.length > 0 && <span role="status">{open.length === 1 ? 'One question is' : `${open.length} questions are`} open.</span>}
        <Link to="/presets">Not now</Link>
      </p>
      <ProblemNote error={error} />
    </div>
  )
}
