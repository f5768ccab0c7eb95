import { useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { ProblemError, type Schema } from '../../api/client'
import { useSession } from '../../api/session'
import { Asking } from '../../parts/Asking'
import { Differences } from '../../parts/Differences'
import { isDecided, MergeQuestions, type Answers } from '../../parts/MergeQuestions'
import { isAccepted, NO, Problems } from '../../parts/Problems'
import { ProblemNote } from '../../parts/ProblemNote'
import { ScreenHead } from '../../parts/ScreenHead'
import { useDecide, type Decision } from './mutations'
import { useHandChange } from './queries'
import { release } from './words'
import css from './suite.module.css'

/** A key file that was changed by hand in a suite: against what was given, against what is due, and the ways out. */
export function HandChangeScreen() {
  const { suite = '', application = '' } = useParams()
  return (
    <>
      <ScreenHead title="Changed by hand">
        <p>
          <Link to={`/suites/${suite}`}>Back to the suite</Link>
        </p>
      </ScreenHead>
      <Asking of={useHandChange(suite, application)}>{(change) => <Change key={change.sha256} suite={suite} change={change} />}</Asking>
    </>
  )
}

function Change({ suite, change }: { suite: string; change: Schema['HandChange'] }) {
  const name = change.application.name
  const given = change.given === null ? 'As it came' : release(change.given)
  const keeps = useSession().data?.person?.keeps_suites === true
  const isNewDue = change.due_brings.length > 0
  return (
    <>
      <section>
        <h2>
          {name}, as it is there <small>against {given === 'As it came' ? 'how the application came' : given}</small>
        </h2>
        {change.by_hand.length === 0 ? (
          <p>Its chords are the same; only other parts of the file are different.</p>
        ) : (
          <Differences label="Changed by hand" of={change.by_hand} before={given} after="By hand" />
        )}
      </section>
      {isNewDue && (
        <section>
          <h2>
            What is due brings <small>{release(change.due)}</small>
          </h2>
          <Differences label="What is due" of={change.due_brings} before={given} after={release(change.due)} />
        </section>
      )}
      {keeps ? (
        <Ways suite={suite} change={change} />
      ) : (
        <p className="quiet">A suite keeper decides what becomes of it; you can take it into your own keys from the suite.</p>
      )}
    </>
  )
}

/** The ways out, as sentences; the one that loses nothing comes first. */
const WAYS: readonly (readonly [Decision['way'], string, string])[] = [
  ['merge', 'Merge it with what is due, for this suite', 'what was changed here and what is due, together'],
  ['release', 'Merge it and make it the next release', 'every suite that follows it gets it'],
  ['leave', 'Leave it as it is', 'whatever is released, until somebody decides otherwise'],
  ['overwrite', 'Replace it by what is due', 'a copy stays'],
]

function Ways({ suite, change }: { suite: string; change: Schema['HandChange'] }) {
  const navigate = useNavigate()
  const [way, setWay] = useState<Decision['way']>('merge')
  const [answers, setAnswers] = useState<Answers>({})
  const [note, setNote] = useState('')
  const [reason, setReason] = useState('')
  const [yes, setYes] = useState(NO)
  const { send, isSending, error } = useDecide(suite, change.application.id, () => navigate(`/suites/${suite}`))
  const problems = error instanceof ProblemError ? (error.problem.problems ?? []) : []
  const merges = way === 'merge' || way === 'release'
  const isReady =
    (!merges || isDecided(change.questions, answers)) && (way !== 'release' || note.trim() !== '') && isAccepted(problems, yes)
  return (
    <form
      className={css.decide}
      onSubmit={(event) => {
        event.preventDefault()
        send({
          way,
          sha256: change.sha256,
          answers: merges ? answers : {},
          ...(way === 'release' ? { note: note.trim(), accept: yes.accept } : {}),
          ...(problems.length > 0 ? { reason: yes.reason.trim() } : reason.trim() === '' ? {} : { reason: reason.trim() }),
        })
      }}
    >
      <fieldset>
        <legend>What is to become of it?</legend>
        {WAYS.map(([id, title, what]) => (
          <label key={id}>
            <input type="radio" name="way" checked={way === id} onChange={() => setWay(id)} /> {title} <small>{what}</small>
          </label>
        ))}
      </fieldset>
      {merges && (
        <MergeQuestions questions={change.questions} answers={answers} onAnswer={setAnswers} ours="as it is there" theirs="what is due" />
      )}
      {way === 'release' ? (
        <label>
          What is this release for?
          <input className="form-control form-control-sm" maxLength={200} value={note} onChange={(event) => setNote(event.target.value)} />
        </label>
      ) : (
        <label>
          Why? It stands in the story of the suite.
          <input
            className="form-control form-control-sm"
            maxLength={200}
            value={reason}
            onChange={(event) => setReason(event.target.value)}
          />
        </label>
      )}
      {problems.length > 0 ? <Problems problems={problems} yes={yes} onChange={setYes} /> : <ProblemNote error={error} />}
      <button type="submit" className="btn btn-primary btn-sm" disabled={!isReady || isSending}>
        Do so
      </button>
    </form>
  )
}
