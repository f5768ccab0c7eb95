import { useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import type { Schema } from '../../api/client'
import { Asking } from '../../parts/Asking'
import { KeymapNews } from '../../parts/KeymapNews'
import { isDecided, type Answers } from '../../parts/MergeQuestions'
import { ProblemNote } from '../../parts/ProblemNote'
import { ScreenHead } from '../../parts/ScreenHead'
import { useDismissOffer, useTakeOffer } from './mutations'
import { useOffer } from './queries'
import css from './suite.module.css'

/** What somebody changed by hand where they sat, to be taken into their own keys. */
export function OfferScreen() {
  const { sitting = '', application = '' } = useParams()
  const offer = useOffer(Number(sitting), application)
  return (
    <>
      <ScreenHead title="Taken along from a suite" />
      <Asking of={offer}>{(data) => <Offer sitting={Number(sitting)} offer={data} />}</Asking>
    </>
  )
}

function Offer({ sitting, offer: { suite, news } }: { sitting: number; offer: Schema['SuiteOffer'] }) {
  const navigate = useNavigate()
  const [answers, setAnswers] = useState<Answers>({})
  const path = { sitting, application: news.application.id }
  const done = () => navigate(`/remap/${news.application.id}`)
  const take = useTakeOffer(path, done)
  const dismiss = useDismissOffer(path, () => navigate('/suites'))
  return (
    <>
      <p>
        In <Link to={`/suites/${suite.id}`}>{suite.name}</Link> you changed these by hand; the suite is, or will be, as it was before you
        came.
      </p>
      <KeymapNews news={news} answers={answers} onAnswer={setAnswers} theirs={`by hand in ${suite.name}`} />
      <p className={css.turns}>
        <button
          type="button"
          className="btn btn-sm btn-primary"
          disabled={take.isSending || !isDecided(news.questions, answers)}
          onClick={() => take.send({ answers, version: news.version })}
        >
          Take it into my keys
        </button>
        <button type="button" className="plain" disabled={dismiss.isSending} onClick={() => dismiss.send()}>
          Let it be
        </button>
      </p>
      <ProblemNote error={take.error ?? dismiss.error} />
    </>
  )
}
