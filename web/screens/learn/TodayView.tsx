import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { Asking } from '../../parts/Asking'
import { counted } from '../../parts/counted'
import { Empty } from '../../parts/Empty'
import { ProblemNote } from '../../parts/ProblemNote'
import { useAddress } from '../../parts/useAddress'
import { when } from '../../parts/when'
import { BeforeSuite } from './BeforeSuite'
import { BoxShelf } from './BoxShelf'
import { DifferentNow } from './DifferentNow'
import { Lessons } from './Lessons'
import { useBeginDrill } from './mutations'
import { useLearn } from './queries'
import css from './learn.module.css'

/** A learner's own place: one line, what to do now, and what is worth learning next. */
export function TodayView() {
  const [read] = useAddress()
  // Whoever comes for a suite sees it first, and it stays where it was opened.
  const [suite] = useState(read('suite'))
  return (
    <Asking of={useLearn()}>
      {(learn) => (
        <>
          <section className={css.today} aria-label="Today">
            <p className={css.line}>{learn.line}</p>
            <NextStep learn={learn} />
            {learn.learning + learn.learned > 0 && <BoxShelf boxes={learn.boxes} learned={learn.learned} />}
          </section>
          {suite !== '' && <BeforeSuite />}
          {learn.different > 0 && <DifferentNow />}
          <section aria-labelledby="next">
            <h2 id="next">Worth learning next</h2>
            {learn.has_usage ? <Lessons lessons={learn.lessons} misleading={learn.misleading} /> : <NoUsage />}
          </section>
          {suite === '' && <BeforeSuite />}
        </>
      )}
    </Asking>
  )
}

function NoUsage() {
  return (
    <Empty>
      <strong>Nothing is known yet of what you do by mouse.</strong> <Link to="/learn/usage">Bring a usage log</Link>, or say yes to being
      counted when you next sit down in a suite. Until then choose any chord to learn yourself, in <Link to="/learn/cards">Cards</Link>.
    </Empty>
  )
}

/** What to do now, with the way to it. */
function NextStep({ learn }: { learn: Schema['Learn'] }) {
  const { send, isSending, error } = useBeginDrill()
  return (
    <>
      <p className={css.now}>
        {learn.next === 'practise' && (
          <Button disabled={isSending} onClick={() => send({ of: 'due' })}>
            Practise {counted(learn.due, 'card')}, five minutes at most
          </Button>
        )}
        {learn.next === 'relearn' && (
          <span>
            {counted(learn.different, 'chord has', 'chords have')} moved: see below.
            {learn.due > 0 && (
              <>
                {' '}
                <button type="button" className="plain" disabled={isSending} onClick={() => send({ of: 'due' })}>
                  Practise the {learn.due} that are due
                </button>
              </>
            )}
          </span>
        )}
        {learn.next === 'choose' && <span>Choose one below. One a week is a fine pace.</span>}
        {learn.next === 'bring-log' && (
          <span>
            <Link to="/learn/usage">Bring a usage log</Link>, so that it can be said what is worth learning.
          </span>
        )}
        {learn.next === 'rest' && (
          <span>
            Nothing is due{learn.next_due !== null && ` until ${when(learn.next_due).replace(/^(at|on) /, '')}`}.
            {learn.learning > 0 && (
              <>
                {' '}
                <button type="button" className="plain" disabled={isSending} onClick={() => send({ of: 'ahead' })}>
                  Practise ahead
                </button>
              </>
            )}
          </span>
        )}
      </p>
      <ProblemNote error={error} />
    </>
  )
}
